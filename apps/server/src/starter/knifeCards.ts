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
    words: ['knife', 'trim'],
  },
  {
    name: 'Julienne',
    strand: 'knife',
    purpose: 'Even matchsticks that cook at one speed and sit lightly on a plate.',
    tools: ['chef’s knife', 'board', 'ruler for the first three'],
    steps: [
      'Square the vegetable: take a slice off one side so that it lies flat.',
      'Cut lengths of 5 cm.',
      'Slice each length into planks of 2 mm.',
      'Stack three planks, flush at one edge, and slice again at 2 mm.',
      'Lay ten side by side and look: width and length, not just the first one.',
    ],
    criticalPoints: [
      'The planks decide the result: an uneven plank cannot give an even stick.',
      'Stack no more than three, or they slide.',
    ],
    cues: [
      'see: ten sticks side by side show one straight edge',
      'measure: 2 mm by 2 mm by 5 cm, in the set this lesson uses',
      'feel: no stick bends before the others',
    ],
    faults: {
      wedge:
        'Sticks are thick at one end | The knife leans outward through the plank | Bring the elbow in and look down on the spine; cut planks slower',
      'mixed-width':
        'Widths differ from stick to stick | The guide hand moves by guess | Move the knuckles back by one stick and let the blade touch them each time',
      'trim-waste':
        'A third of the vegetable is in the trim | Squared on all four sides before looking | Take one flat side only, and keep the trim for stock',
    },
    cautions: ['Round vegetables roll: make the flat side first.'],
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
      'mixed-dice': 'Two sizes in one heap | Sticks were uneven | Sort the sticks before cutting across',
    },
    cautions: ['Keep the tip on the board when rocking.'],
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
      'long-pieces': 'Long strips among the dice | The level cuts were left out | One level cut for a shallot, two for an onion',
    },
    cautions: ['The level cut is where fingers get hurt: hand flat, fingertips up, slow.'],
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
        'White patches on the segments | The strips were cut straight, not curved | Turn the fruit, trim again from the widest part',
      'torn-segment': 'Segments are torn | The knife went beside the skin | Cut hard against each skin and roll the blade out',
    },
    cautions: ['Wet fruit slips: dry the hand that holds it.'],
    words: ['segment'],
  },
];
