import type { WrittenCard } from './card';

export const PLATING_CARDS: readonly WrittenCard[] = [
  {
    name: 'Plan and build the plate',
    strand: 'plating',
    purpose: 'A plate that looks meant: each item has a place and a reason.',
    tools: ['drawn plan', 'warm or cold plates', 'offset spoon'],
    steps: [
      'Draw the plate from above with numbers of each item.',
      'Choose the plate and bring it to the right temperature.',
      'Set the base, then the main item, then what leans on it, sauce last.',
      'Turn the plate once and look from the guest’s side.',
    ],
    criticalPoints: ['The plan is drawn before anything is cooked.', 'Build without going back: every touch shows.'],
    cues: ['see: the eye lands on one place first', 'measure: the numbers of the plan'],
    faults: {
      'no-focus': 'The eye wanders | Items spread evenly round the plate | Bring three together and leave a third of the plate empty',
      'missing-item':
        'Something of the plan is missing | Plated from memory | Pin the plan at the pass and point as you build | If it is ready, add it from the side without touching the rest',
      'cold-plate': 'Hot food on a cold plate | Plates not warmed | Plates go into the warmer when the last step starts',
    },
    cautions: ['Warm plates may be hot: tell whoever takes them.'],
    minutes: [15, 5],
    aims: ['Draws a plan with numbers before cooking.', 'Builds it without going back.', 'The plate matches the plan, twice the same.'],
    looksWrong: ['A third of the plate is empty | Room is part of the plan: it shows the eye where to look.'],
    descriptors: {
      'Plan kept':
        'seen: no plan, or another plate | items or numbers missing | as planned, one touch too many | as planned, the eye lands at once',
    },
    matters: ['composition'],
    drawings: ['plate'],
    words: ['plate', 'arrange', 'build'],
  },
  {
    name: 'Sauce the plate',
    strand: 'plating',
    purpose: 'Sauce where it is eaten with the food, in the right amount, clean at the edge.',
    tools: ['spoon', 'small ladle', 'squeeze bottle'],
    steps: [
      'Check body and heat on a test plate.',
      'Measure the amount: about 40 ml for a main course.',
      'Pour from low, in one movement.',
      'Stop before the rim; wipe if it runs.',
    ],
    criticalPoints: ['Test the body first: a thin sauce runs whatever the hand does.'],
    cues: ['see: a clear edge that stays', 'measure: the amount of the plan'],
    faults: {
      flooded:
        'The sauce floods the plate | Too much, or too thin | Reduce on; measure by the ladle | Lift the food to a clean warm plate; never blot the rim',
      smeared: 'Dragged or dotted without reason | Sauce used as a drawing | Put it where the fork will find it',
    },
    cautions: ['Hold hot sauce over the bench, not over hands.'],
    after: ['Plan and build the plate'],
    minutes: [5, 1],
    aims: ['Tests the body on a cold plate first.', 'One movement, measured.', 'Six plates alike, clean at the edge.'],
    looksWrong: ['The measured ladle looks mean | It is for one portion: more drowns what it should serve.'],
    descriptors: {
      'Sauce on the plate':
        'seen: floods or drags | uneven, runs | clear edge, right amount | clear edge, where the fork finds it, six alike',
    },
    words: ['spoon over', 'sauce the plate', 'drizzle', 'dress'],
  },
  {
    name: 'Height, number and contrast',
    strand: 'plating',
    purpose: 'Gives life: something stands, numbers are chosen, colours and textures differ.',
    tools: ['tweezers or fingertips', 'offset spoon'],
    steps: [
      'Lean pieces on each other rather than stack them.',
      'Choose the number by the school in force: odd and off-centre, or centred and even.',
      'Set crisp things last and on top.',
      'Check that colour and texture each have a counterpart.',
    ],
    criticalPoints: ['Crisp things touch no wet thing until the last minute.'],
    cues: ['see: a clear outline from the side', 'taste: something crisp with something soft'],
    faults: {
      'flat-plate':
        'Everything lies flat | Pieces laid, not leaned | Give the highest piece a base to lean on | Lean the last piece once; then leave it',
      'one-texture': 'All soft | Garnish forgotten or soaked | Keep the crisp part dry and add it at the pass',
    },
    cautions: ['Nothing goes on the plate that cannot be eaten.'],
    after: ['Plan and build the plate'],
    minutes: [10, 3],
    aims: [
      'Leans three pieces so that they stand.',
      'Chooses numbers by the practice taught.',
      'Height, number, contrast, and all of it can be eaten.',
    ],
    looksWrong: ['It leans as if it would fall | Three points carry it; stacked straight it would fall.'],
    descriptors: {
      'Height and contrast': 'seen: flat, one texture | one of the two | both, a little crowded | both, airy, each item with a reason',
    },
    matters: ['composition'],
    drawings: ['plate'],
    words: ['garnish', 'top with', 'finish the plate', 'scatter'],
  },
  {
    name: 'Clean rim and pass',
    strand: 'plating',
    purpose: 'The last ten seconds: a clean rim, the right temperature, on time.',
    tools: ['clean damp cloth', 'probe thermometer'],
    steps: [
      'Wipe the rim once round with a clean damp cloth.',
      'Check for drips under the plate.',
      'Name the dish and carry it level to the pass.',
      'Note the time it arrives.',
    ],
    criticalPoints: ['A clean cloth for rims only.', 'Plates do not wait: call when ready.'],
    cues: ['see: no fingerprints in side light', 'feel: the plate is as warm as the food needs'],
    faults: {
      fingerprints: 'Marks on the rim | Wiped with a greasy cloth | A fresh cloth, damp with vinegar and water | Wipe again in side light',
      waited: 'Dried or cold from waiting | Plated before the pass was free | Hold the parts, build when called',
    },
    cautions: ['A cloth used on the board never touches a plate.'],
    after: ['Plan and build the plate'],
    minutes: [2, 1],
    aims: [
      'Own cloth for rims, checks in side light.',
      'Plate at the pass within the window.',
      'Four plates clean, hot or cold as they should be, on time.',
    ],
    looksWrong: ['The rim looks clean from above | Fingerprints show only in side light: lift it to the eye.'],
    descriptors: {
      'Rim and timing':
        'seen: marked, or late | one mark, or waited | clean, on time | clean in side light, at temperature, called as ready',
    },
    words: ['wipe', 'rim', 'serve'],
  },
];
