import type { WrittenCard } from './card';

export const KNIFE_CARDS: readonly WrittenCard[] = [
  {
    name: 'Grip, guide hand and board',
    strand: 'knife',
    purpose: 'Every cut starts here: a knife that goes where it is sent, and fingers that are never in its way.',
    tools: ['chef’s knife, honed', 'board', 'damp cloth'],
    steps: [
      'Lay a damp cloth flat under the board and press: the board must not slide or rock.',
      'Pinch the blade between thumb and side of the first finger, just in front of the handle; close the other three round the handle.',
      'Rest the guide hand on the food with fingertips curled back and the knuckles forward, thumb behind.',
      'Let the flat of the blade touch the knuckles and move the hand back by the width of the next slice.',
      'Lay the knife down away from you, edge away, blade flat, when you turn from the board.',
    ],
    criticalPoints: ['The fingertips stay behind the knuckles for the whole cut, the last slice too.', 'The board does not move.'],
    cues: [
      'feel: the flat of the blade slides on the knuckles',
      'hear: an even tap, no scraping',
      'see: the tip stays low and the elbow is free',
    ],
    faults: {
      'flat-fingers':
        'Fingers lie flat on the food | The hand holds instead of guiding | Curl the tips under until the nails face the blade; slow down and move the hand back one slice at a time',
      'finger-on-spine':
        'First finger lies along the spine | The blade feels unsteady in a handle grip | Pinch the blade in front of the handle; the wrist comes straight',
      'board-slides':
        'The board creeps over the bench | No damp cloth, or a wet one | Stop, dry the bench, lay a wrung-out cloth flat under the whole board',
    },
    cautions: [
      'A dull knife slips: hone before you start.',
      'Carry a knife point down at your side, and say that you pass.',
      'Never leave a knife in a sink.',
    ],
    minutes: [10, 1],
    aims: [
      'Board secured, pinch grip, ten slow slices with the tips behind the knuckles.',
      'Keeps grip and guide hand without being told, at half speed.',
      'Grip, guide hand and laying down never slip in ten minutes of cutting.',
    ],
    looksWrong: ['The new grip feels weak and slow | The hand is used to the handle; after an hour of cutting it is the steadier one.'],
    descriptors: {
      'Grip and guide hand':
        'seen: fingertips ahead of the knuckles | right when reminded | right, slips when hurried | right throughout, the last slice too',
    },
    drawings: ['grip', 'guide-hand'],
    words: ['knife', 'trim'],
  },
  {
    name: 'Julienne',
    strand: 'knife',
    purpose: 'Even matchsticks that cook at one speed and sit lightly on a plate.',
    tools: ['chef’s knife', 'board', 'ruler for the first three'],
    steps: [
      'Square the vegetable: take a slice off one side so that it lies flat.',
      'Cut lengths as the set of cuts in force says, about **5 cm**.',
      'Slice each length into planks as thick as the set says: 2 to 3 mm.',
      'Stack three planks, flush at one edge, and slice again to the same measure.',
      'Lay ten side by side and look: width and length, not just the first one.',
    ],
    criticalPoints: [
      'The planks decide the result: an uneven plank cannot give an even stick.',
      'Stack no more than three, or they slide.',
    ],
    cues: [
      'see: ten sticks side by side show one straight edge',
      'measure: thickness, width and length against the set in force',
      'feel: no stick bends before the others',
    ],
    faults: {
      wedge:
        'Sticks are thick at one end | The knife leans outward through the plank | Bring the elbow in and look down on the spine; cut planks slower',
      'mixed-width':
        'Widths differ from stick to stick | The guide hand moves by guess | Move the knuckles back by one stick and let the blade touch them each time | Sort by width and cook the two heaps apart',
      'trim-waste':
        'A third of the vegetable is in the trim | Squared on all four sides before looking | Take one flat side only, and keep the trim for stock',
    },
    cautions: ['Fingertips stay behind the knuckles, the last slice too.', 'Round vegetables roll: make the flat side first.'],
    after: ['Sticks and planks'],
    minutes: [15, 4],
    aims: [
      'Ten sticks from three planks, slowly, each looked at.',
      'Half a carrot in even sticks within eight minutes.',
      'Sixty sticks in four minutes, eight in ten within the tolerance of the set.',
    ],
    looksWrong: [
      'A third of the vegetable lies beside the board | Round things have round sides; the trim is clean and goes to stock or soup.',
    ],
    descriptors: {
      'Size of the sticks':
        'measured: under half within tolerance | half within tolerance | eight in ten within tolerance | nine in ten, and one length',
    },
    matters: ['named-cuts'],
    calculators: ['pieces'],
    drawings: ['cut julienne', 'guide-hand'],
    words: ['julienne', 'matchstick'],
  },
  {
    name: 'Fine dice',
    strand: 'knife',
    purpose: 'Small even cubes that melt into a sauce or stand as a garnish.',
    tools: ['chef’s knife', 'board'],
    steps: [
      'Cut even sticks first, square in section.',
      'Line the ends up against the flat of the blade.',
      'Cut across at the width of the stick, rocking from the tip.',
      'Spread a spoonful on the board and pick out what is not a cube.',
    ],
    criticalPoints: ['The stick is the cube: check its section before cutting across.'],
    cues: ['see: cubes lie on any face and look alike', 'hear: quick, even taps', 'measure: the side named in the set this lesson uses'],
    faults: {
      brick:
        'Cubes are longer than they are wide | The cross-cut is wider than the stick | Match the cross-cut to the stick; look at one cube before going on',
      crushed:
        'Edges are wet and crushed | The knife is dull or pressed straight down | Hone, and let the blade travel forward as it falls',
      'mixed-dice':
        'Two sizes in one heap | Sticks were uneven | Sort the sticks before cutting across | Sort the heap; the larger ones go to the stock',
    },
    cautions: ['Keep the tip on the board when rocking.'],
    after: ['Julienne'],
    minutes: [18, 5],
    aims: [
      'One stick into true cubes, the ends lined up.',
      'A heaped spoon of cubes, the odd ones picked out.',
      'Fifty grams in five minutes, eight in ten true cubes.',
    ],
    looksWrong: ['The first cubes are larger than they feel | The eye gets used to small things: hold one beside the mat and go by that.'],
    descriptors: {
      'True cubes': 'measured: bricks and crumbs | about half are cubes | eight in ten are cubes | nine in ten, edges clean and dry',
    },
    matters: ['named-cuts'],
    calculators: ['pieces'],
    drawings: ['cut brunoise'],
    words: ['dice', 'fine dice', 'finely dice'],
  },
  {
    name: 'Slicing and dicing a bulb',
    strand: 'knife',
    purpose: 'Onions and shallots in even pieces that sweat together, with few tears.',
    tools: ['chef’s knife', 'board'],
    steps: [
      'Halve through the root, peel, keep the root on: it holds the layers.',
      'Cut towards the root without going through it, following the layers.',
      'Make one or two cuts level with the board, hand flat on top, blade below it.',
      'Cut across, down to the root; turn the stub and use what is left.',
    ],
    criticalPoints: ['The root stays whole until the end.', 'The level cuts go away from the guide hand, which lies flat on top.'],
    cues: ['see: pieces fall apart in one size', 'smell: sharp but not overwhelming; crushed onion stings at once'],
    faults: {
      'root-cut': 'The half falls apart while cutting | The root was cut off or through | Stop 5 mm short of the root',
      'long-pieces':
        'Long strips among the dice | The level cuts were left out | One level cut for a shallot, two for an onion | Chop the strips across once more',
    },
    cautions: ['The level cut is where fingers get hurt: hand flat, fingertips up, slow.'],
    after: ['Grip, guide hand and board'],
    minutes: [8, 2],
    aims: [
      'One shallot, the root whole until the end.',
      'An onion in two minutes, few long pieces.',
      'Three onions in one size, no stub larger than a thumbnail.',
    ],
    looksWrong: ['The half looks uncut after the lengthwise cuts | The root holds it all; the pieces fall only with the last cuts.'],
    descriptors: {
      'Evenness of the dice': 'seen: strips and crumbs | two sizes | one size, few strips | one size, nothing crushed, little stub',
    },
    drawings: ['bulb'],
    words: ['shallot', 'slice the onion', 'dice the onion', 'chop the onion'],
  },
  {
    name: 'Citrus segments',
    strand: 'knife',
    purpose: 'Clean segments without pith or skin for garnish and salad.',
    tools: ['small sharp knife', 'board', 'bowl'],
    steps: [
      'Cut a slice from top and bottom until flesh shows.',
      'Stand the fruit up and cut the peel away in strips, following the curve.',
      'Hold the fruit over a bowl, cut along each skin to the centre, lift the segment out.',
      'Press the rest for its juice.',
    ],
    criticalPoints: ['The knife follows the curve: no white left, no flesh lost.'],
    cues: ['see: clear flesh, no white', 'taste: no bitterness'],
    faults: {
      'pith-left':
        'White patches on the segments | The strips were cut straight, not curved | Turn the fruit, trim again from the widest part | Trim each segment with the tip of the knife',
      'torn-segment': 'Segments are torn | The knife went beside the skin | Cut hard against each skin and roll the blade out',
    },
    cautions: ['Wet fruit slips: dry the hand that holds it.'],
    after: ['Grip, guide hand and board'],
    minutes: [12, 4],
    aims: [
      'One orange, peel off along the curve.',
      'A grapefruit with no white and few torn segments.',
      'Twelve whole segments and the juice, in four minutes.',
    ],
    looksWrong: [
      'So much flesh comes off with the peel | The first strip finds the depth; the next follow the line where white meets flesh.',
    ],
    descriptors: {
      'Clean segments': 'seen: pith on most, many torn | some pith, some torn | clean, one or two torn | clean, whole, juice kept',
    },
    drawings: ['segments'],
    words: ['segment'],
  },
];
