import type { WrittenCard } from './card';

/** Taking fish and birds apart. */
export const FISH_AND_BIRD_CARDS: readonly WrittenCard[] = [
  {
    name: 'Fillet a round fish',
    strand: 'knife',
    after: ['Grip, guide hand and board', 'Hone and sharpen'],
    purpose: 'Two whole fillets with the least flesh left on the bone: the frame tells how well it was done.',
    tools: ['filleting knife, honed', 'board for fish', 'cloth', 'ice', 'tray', 'scale'],
    minutes: [15, 4],
    aims: [
      'One trout, the first fillet in three long strokes with an instructor beside.',
      'Two fillets from a mackerel, frame held to the light.',
      'Four fish on ice throughout, yield of the table, no torn fillet.',
    ],
    steps: [
      'Keep the fish on ice; dry it, lay it with its back to you.',
      'Cut behind the head, slanting towards it, down to the backbone.',
      'Turn the blade flat and draw along the back from head to tail, the blade on the bones.',
      'Lift the fillet and draw again over the ribs, long strokes, heel to tip.',
      'Turn the fish; do the second side; weigh fillets and frame.',
    ],
    criticalPoints: ['The blade lies on the bones: you hear them.', 'Long strokes, few of them: every saw mark stays.'],
    cues: [
      'hear: a light ticking over the bones',
      'see: the frame lets light through',
      'smell: of the sea, of nothing else',
      'measure: fillets about half of a whole round fish',
    ],
    looksWrong: ['The second side is harder than the first | It has no flesh below it to rest on: lay a folded cloth under the frame.'],
    faults: {
      'flesh-on-frame':
        'The frame is thick with flesh | The blade was lifted off the bones | Flatter blade, listen for the bones | Scrape the frame for a fish paste; bones go to stock',
      'torn-fillet': 'Steps in the fillet | Sawing, dull knife | Hone; three long strokes | Cut it into portions across the steps',
      warm: 'The fish feels warm | Left on the bench | Back on ice now; work one fish at a time',
    },
    cautions: [
      'Fish slips: dry cloth in the holding hand, fingers above the blade, never before it.',
      'Keep raw fish cold and away from ready food; change board and knife after it.',
      'Fish is an allergen; say so, and wipe down.',
    ],
    descriptors: {
      'Fillets and frame':
        'measured: torn, frame thick | whole, frame thick | whole, frame lets light through | clean, cold, yield at the table or better',
    },
    variants: {
      'From the back': 'Open along the *back* first, then over the ribs: the common way for trout and mackerel.',
      'From the belly': 'Start at the belly where the fish was gutted; steadier for small fish.',
    },
    words: ['fillet the'],
  },
  {
    name: 'Skin and pin-bone a fillet',
    strand: 'knife',
    after: ['Fillet a round fish'],
    purpose: 'A fillet nobody has to pick at.',
    tools: ['long flat knife', 'pin-bone tweezers', 'bowl of cold water', 'board for fish'],
    minutes: [8, 3],
    aims: [
      'Finds the bones with a fingertip and draws them with the grain.',
      'Skin off in one piece.',
      'Four fillets without one bone, flesh whole.',
    ],
    steps: [
      'Stroke the fillet from tail to head with a fingertip: the bones stand up.',
      'Draw each towards the head, the way it lies; drop it into the water.',
      'Lay the fillet skin down, free a centimetre at the tail.',
      'Hold the tail of the skin and move the skin from side to side; the blade stays flat and still.',
      'Feel the whole fillet once more.',
    ],
    criticalPoints: ['Bones come out the way they lie; pulled straight up they tear the flesh.', 'The skin moves, the knife stays flat.'],
    cues: ['feel: no bone under the fingertip', 'see: skin without flesh on it'],
    looksWrong: ['A silver film stays on the flesh | It is the fat line under the skin, it may stay.'],
    faults: {
      'bone-left': 'A bone at the table | Not felt for at the end | Stroke against the lie of the bones, twice',
      'flesh-on-skin': 'Flesh on the skin | Blade tilted up | Flat blade, stronger pull on the skin | Scrape it off for a paste',
    },
    cautions: [
      'Blade away from the hand that holds the skin, edge flat to the board.',
      'Raw fish stays cold: on ice as soon as it is done.',
    ],
    descriptors: { 'No bones': 'seen: bones left | one left, or torn | none, whole | none, whole, skin clean' },
    words: ['pin-bone', 'skin the fillet', 'pin bones'],
  },
  {
    name: 'Take a duck apart',
    strand: 'knife',
    after: ['Grip, guide hand and board', 'Hone and sharpen'],
    purpose: 'Legs, breasts and a carcass for stock, the joints found and not hacked.',
    tools: ['boning knife', 'board for raw meat', 'tray', 'scale'],
    minutes: [20, 6],
    aims: [
      'Finds the hip joint by moving the leg.',
      'Both breasts off along the bone, skin whole.',
      'Four even portions and a bare carcass, board and hands clean.',
    ],
    steps: [
      'Lay the bird on its back on the board kept for raw meat; nothing else is on the bench.',
      'Cut the skin between leg and breast, bend the leg back until the joint shows, cut through the joint.',
      'Feel the breastbone; cut along one side of it, down to the ribs.',
      'Draw the breast off the ribs with short strokes, the edge towards the bone.',
      'Trim, weigh, cover, chill; carcass to the stock pot; wash board, knife and hands.',
    ],
    criticalPoints: ['Through joints, never through bones.', 'The edge points to the bone, so that the flesh stays whole.'],
    cues: ['feel: the joint gives when it is bent', 'see: a bare breastbone', 'measure: breasts and legs about half of the weight'],
    looksWrong: ['The legs look dark beside the breasts | They work more and are darker: it is not a fault.'],
    faults: {
      splinters: 'Splinters of bone | Cut beside the joint | Bend it, look, cut where it opens | Feel for splinters and cut them out',
      'torn-skin': 'Holes in the skin | Pulled instead of cut | Hold the skin taut and cut under it',
      'meat-left': 'Flesh on the carcass | Strokes away from the bone | Edge to the bone | Roast the carcass for stock, pick it after',
    },
    cautions: [
      'Raw poultry: its own board and knife, wash hands, nothing ready to eat on this bench.',
      'Cut away from the holding hand; a slippery handle is wiped first.',
    ],
    descriptors: { 'Joints found': 'seen: bones cut | joints found, skin torn | clean portions | clean, even, bare carcass, bench clean' },
    words: ['take the duck apart', 'joint the', 'bone out'],
  },
];
