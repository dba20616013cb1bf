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
  'composition',
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
  composition: {
    name: 'Composition of a plate',
    practices: [
      practice(
        'asymmetric',
        'odd numbers, off centre, with height',
        'Threes and fives, the focal point a third in, one place that is high.',
      ),
      practice('ordered', 'centred and ordered', 'One axis, even spacing, the focal point in the middle.'),
    ],
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
