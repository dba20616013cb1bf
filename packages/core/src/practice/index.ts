/** Matters of teaching on which good practitioners disagree; field guide, 11. The named cuts are sets of their own, in `cuts`. */
export const MATTERS = [
  'resting',
  'turning',
  'doneness',
  'safe-cooking',
  'edge-angle',
  'boiling-salt',
  'seasoning',
  'roots-start',
  'starchy-puree',
  'named-cuts',
  'plate-count',
  'plate-place',
  'plate-regularity',
  'fat-and-pan',
  'mushrooms',
  'curing',
  'sharpening-stroke',
  'when-to-sharpen',
  'bulb-cuts',
  'tender-leaves',
  'pasta-oil',
  'puree-fat',
  'waiting-vegetables',
  'mash-roots',
  'mash-liquid',
  'spoons',
  'leaves-dressed',
  'leaf-salt',
  'alcohol',
] as const;
export type MatterKey = (typeof MATTERS)[number];

/** One side of a matter. */
export interface Practice {
  readonly key: string;
  readonly name: string;
  /** What it asks of the cook. */
  readonly says: string;
}

export interface Matter {
  readonly name: string;
  readonly practices: readonly Practice[];
  /** What holds on every side. */
  readonly always?: string;
}

const practice = (key: string, name: string, says: string): Practice => ({ key, name, says });

export const MATTER_SPECS: Readonly<Record<MatterKey, Matter>> = {
  resting: {
    name: 'Resting meat',
    practices: [
      practice('share', 'a share of the cooking time', 'Rest for half the time it cooked, up to nearly all of it for a large piece.'),
      practice('by-cut', 'a fixed time by cut', 'Rest by thickness: a few minutes for a thin piece, a quarter of an hour for a joint.'),
      practice(
        'longer',
        'longer than it cooked',
        'Rest in a warm place for longer than it was in the heat; only a large piece keeps its warmth.',
      ),
      practice('peaked', 'until the core has peaked', 'Leave the probe in; rest until two readings a minute apart no longer rise.'),
    ],
    always: 'However long it rests, it is held warm or eaten within the time of the local rules.',
  },
  turning: {
    name: 'Turning in the pan',
    practices: [
      practice('once', 'once', 'Leave it until the crust lets go, turn once.'),
      practice('often', 'often', 'Turn every half minute: it cooks more evenly and a little faster.'),
    ],
  },
  doneness: {
    name: 'Proof of doneness',
    practices: [
      practice('thermometer', 'thermometer', 'The core temperature says when.'),
      practice('touch', 'touch and look', 'Spring, juices and colour say when; the thermometer confirms.'),
      practice('clock', 'the clock', 'Thickness gives the minutes; touch and thermometer confirm.'),
    ],
    always: 'Safety is always proved by thermometer.',
  },
  'safe-cooking': {
    name: 'Safe cooking',
    practices: [
      practice('one-temperature', 'one temperature reached', 'The core reaches the temperature of the local rules.'),
      practice(
        'time-at-temperature',
        'time at temperature',
        'A lower core temperature held for the equivalent time, where the local code allows it.',
      ),
    ],
  },
  'edge-angle': {
    name: 'Angle of an edge',
    practices: [
      practice('15', 'about 15° a side', 'Keen and slender; chips sooner, sharpened more often.'),
      practice('20', 'about 20° a side', 'The all-round angle for a class of mixed knives.'),
      practice('25', 'steeper, about 25° a side', 'For heavy chopping and bones; cuts less keenly, stays longer.'),
    ],
  },
  'boiling-salt': {
    name: 'Salt in boiling water',
    practices: [
      practice('light', 'lightly, about 1 percent', '10 g to the litre: seasons, and the water can go into the sauce.'),
      practice('sea', 'like the sea, about 3 percent', '30 g to the litre: for a short boil in much water that is thrown away.'),
    ],
  },
  seasoning: {
    name: 'Seasoning',
    practices: [
      practice('salt-alone', 'salt alone while cooking', 'Salt early and in layers; pepper at the end, off the heat.'),
      practice('salt-and-pepper', 'salt and pepper together', 'Both before cooking and again at the end.'),
      practice('by-percent', 'by weight percent', 'Weigh the salt: commonly 0.8 to 1.2 percent of the food; then taste.'),
      practice('by-taste', 'by taste', 'A little at a time, tasted each time, always from the same spoon size.'),
    ],
    always: 'Whatever the practice: taste before it leaves your station.',
  },
  'roots-start': {
    name: 'Starting roots',
    practices: [
      practice('cold', 'in cold water', 'Brought up slowly, so that the middle is done before the outside breaks.'),
      practice('simmering', 'in simmering water', 'A time that can be told by the clock, and a firmer bite.'),
    ],
  },
  'starchy-puree': {
    name: 'Starchy purees',
    practices: [
      practice('butter-first', 'butter first', 'Fat coats the starch before liquid can make it gluey.'),
      practice('liquid-first', 'hot milk or cream first', 'Loosened first, enriched at the end: lighter, quicker to correct.'),
    ],
  },
  'named-cuts': {
    name: 'Sizes of named cuts',
    practices: [],
    always: 'The names are the same, the sizes are not: say which set is meant.',
  },
  'plate-count': {
    name: 'Number of like items',
    practices: [
      practice('odd', 'odd numbers', 'Threes and fives.'),
      practice('any', 'as many as the portion asks', 'The build gives the number; even is as good as odd.'),
    ],
  },
  'plate-place': {
    name: 'Place of the focal point',
    practices: [
      practice('off-centre', 'off centre', 'The focal point a third in from the rim, a third of the plate left free.'),
      practice('centred', 'centred', 'The focal point in the middle, on one axis.'),
    ],
  },
  'plate-regularity': {
    name: 'Regularity on the plate',
    practices: [
      practice('free', 'free, with height', 'Leaned and grouped, one place that is high, gaps of several sizes.'),
      practice('ordered', 'ordered', 'Even spacing, one line or ring, flat where the dish is flat.'),
    ],
  },
  'fat-and-pan': {
    name: 'When fat meets the pan',
    practices: [
      practice('dry-pan', 'dry pan first', 'The empty pan is heated, fat goes in just before the food. Not in a coated pan.'),
      practice('oil-first', 'oil first', 'Fat and pan are heated together; it shimmers when it is ready.'),
      practice('oil-on-food', 'oil on the food', 'The dry food is oiled, the pan or the bars are not.'),
    ],
    always: 'Fat that smokes is too hot: off the heat, never water.',
  },
  mushrooms: {
    name: 'Salt on mushrooms',
    practices: [
      practice('last', 'salted last', 'They brown first, and are salted when they are gold.'),
      practice('first', 'salted at once', 'Salt draws the water early; it boils off, and they brown after.'),
    ],
  },
  curing: {
    name: 'Curing',
    practices: [
      practice('percent', 'by percent of weight', 'Salt weighed by the piece; it can take up no more than that.'),
      practice('buried', 'buried for a time', 'Covered all over with salt, taken out by the clock, rinsed.'),
    ],
    always: 'Curing does not make raw fish or meat safe by itself: the local rules hold.',
  },
  'sharpening-stroke': {
    name: 'Strokes on the stone',
    practices: [
      practice('burr', 'until a burr turns', 'One side until a burr is felt along the whole far edge, then the other.'),
      practice('equal', 'equal strokes', 'The same number on each side in turn, counted.'),
    ],
  },
  'when-to-sharpen': {
    name: 'When an edge is set',
    practices: [
      practice('each-use', 'before each use', 'A few strokes on the rod before every lesson; the stone when that no longer helps.'),
      practice('when-dull', 'when it is dull', 'Tested on paper; rod or stone only when it catches.'),
    ],
  },
  'bulb-cuts': {
    name: 'Level cuts in a bulb',
    practices: [
      practice('level', 'with level cuts', 'One or two cuts level with the board, then across.'),
      practice('layers', 'along the layers only', 'Cuts fan out along the layers; none is level, so no finger lies above a blade.'),
    ],
  },
  'tender-leaves': {
    name: 'Tender leaves',
    practices: [
      practice('shred', 'shredded', 'Rolled and sliced once with a sharp knife.'),
      practice('tear', 'torn', 'Torn by hand at the last moment: no cut edge to blacken.'),
    ],
  },
  'pasta-oil': {
    name: 'Oil on drained pasta',
    practices: [
      practice('none', 'none', 'It goes into its sauce at once; the starch on it binds.'),
      practice('oil', 'a little oil', 'Where it waits: a film of oil keeps it from sticking, and a sauce holds less.'),
    ],
  },
  'puree-fat': {
    name: 'Fat into a puree',
    practices: [
      practice('cold', 'cold, in cubes', 'Cold butter blended in at the end, off the heat.'),
      practice('thread', 'as a thread', 'Melted or oil, in a thread while the blade runs.'),
    ],
  },
  'waiting-vegetables': {
    name: 'Vegetables that wait',
    practices: [
      practice('iced', 'chilled on ice and warmed again', 'Cooked, chilled, dried, warmed at the pass.'),
      practice('kept-hot', 'kept hot', 'Cooked to the minute and held hot by the local rules.'),
    ],
  },
  'mash-roots': {
    name: 'Roots for a mash',
    practices: [
      practice('boiled', 'boiled from cold', 'In salted water, drained, steamed dry in the pan.'),
      practice('baked', 'baked dry', 'Baked on salt in their skins, scooped out hot: nothing to dry.'),
    ],
  },
  'mash-liquid': {
    name: 'Liquid in a mash',
    practices: [practice('milk', 'milk', 'Lighter, tastes more of the root.'), practice('cream', 'cream', 'Richer, holds longer.')],
  },
  spoons: {
    name: 'Shaping with spoons',
    practices: [
      practice('two', 'two spoons', 'Passed from spoon to spoon, three sides.'),
      practice('one', 'one spoon', 'One warm spoon drawn through the mass and rolled out.'),
    ],
  },
  'leaves-dressed': {
    name: 'Dressed leaves',
    practices: [
      practice('crisp', 'crisp', 'Dressed at the pass, standing.'),
      practice('wilted', 'wilted', 'Dressed warm or early, so that they give.'),
    ],
  },
  'leaf-salt': {
    name: 'Salt for a salad',
    practices: [
      practice('dressing', 'in the dressing', 'Dissolved in the acid before the oil goes in.'),
      practice('leaves', 'on the leaves', 'Scattered over the leaves before the dressing; crystals stay to be tasted.'),
    ],
  },
  alcohol: {
    name: 'Alcohol in a sauce',
    practices: [
      practice('burnt-off', 'burnt off', 'Lit away from the extraction with a lid at hand, then reduced.'),
      practice('simmered', 'simmered', 'Reduced nearly dry at a simmer, without a flame.'),
    ],
    always: 'Either way some alcohol stays: it is named, and there is a version without it.',
  },
};

/** The practice chosen in each matter: for the school, with what a lesson says otherwise over it. */
export type PracticeChoices = Readonly<Partial<Record<MatterKey, string>>>;

/** Which practice is in force, and who said so. Null while nobody has chosen. */
export interface InForce {
  readonly practice: string;
  readonly by: 'lesson' | 'school';
}

/**
 * The practice in force in a matter: what the lesson teaches, else what the school has chosen.
 *
 * @example practiceInForce('turning', { turning: 'once' }, { turning: 'often' }) // { practice: 'often', by: 'lesson' }
 */
export function practiceInForce(matter: MatterKey, school: PracticeChoices, lesson: PracticeChoices = {}): InForce | null {
  const taught = lesson[matter];
  if (taught) return { practice: taught, by: 'lesson' };
  const chosen = school[matter];
  return chosen ? { practice: chosen, by: 'school' } : null;
}

/** A practice of a matter by its key; undefined for one that is not known (any more). */
export function practiceOf(matter: MatterKey, key: string): Practice | undefined {
  return MATTER_SPECS[matter].practices.find((each) => each.key === key);
}

/** The practice under which something holds; where another one of the matter is in force it is asked of nobody. */
export interface HoldsUnder {
  readonly matter: MatterKey;
  readonly practice: string;
}

/** Something that holds always, or under one practice only. */
export interface MayHoldUnder {
  readonly under?: HoldsUnder;
}

/** Whether something is asked of a class: nothing is under a practice when another one of its matter is in force. */
export function holdsHere({ under }: MayHoldUnder, school: PracticeChoices, lesson: PracticeChoices = {}): boolean {
  if (!under) return true;
  const inForce = practiceInForce(under.matter, school, lesson);
  return !inForce || inForce.practice === under.practice;
}

/** Under which practice something holds, "Regularity on the plate: ordered"; empty where it always does. */
export function underInWords({ under }: MayHoldUnder): string {
  const practice = under && practiceOf(under.matter, under.practice);
  return under && practice ? `${MATTER_SPECS[under.matter].name}: ${practice.name}` : '';
}

/** What one choice of how a plate is composed, made before it was three, says in each of the three. */
export const COMPOSITION_WAS: Readonly<Record<string, PracticeChoices>> = {
  asymmetric: { 'plate-count': 'odd', 'plate-place': 'off-centre', 'plate-regularity': 'free' },
  ordered: { 'plate-count': 'any', 'plate-place': 'centred', 'plate-regularity': 'ordered' },
};
