import type { AllergenList } from '../allergens';
import type { FoodState } from '../dish';
import type { OwnDoneness } from '../doneness';
import type { CountingRule, MarkingWay } from '../rubric';

/** How a class gets its ingredients. */
export const WEIGHING_OUT = ['trays', 'draw'] as const;
export type WeighingOut = (typeof WEIGHING_OUT)[number];

/** How a lesson runs, where it runs otherwise than the school; null follows the school. */
export interface LessonSettings {
  readonly marking: MarkingWay | null;
  readonly weighingOut: WeighingOut | null;
}

/** A board as the school knows it. */
export interface SchoolBoard {
  /** "red", "the blue one"; empty where the school has no word for it. */
  readonly name: string;
  /** `#rrggbb`; shown beside the word, never alone. */
  readonly colour: string;
}
export type SchoolBoards = Readonly<Record<FoodState, SchoolBoard>>;

const NO_BOARD: SchoolBoard = { name: '', colour: '#ffffff' };
/** A school that has not said what its boards are called. */
export const NO_BOARDS: SchoolBoards = { 'raw flesh': NO_BOARD, 'raw vegetable': NO_BOARD, ready: NO_BOARD, allergen: NO_BOARD };

/** How lessons run at the school, and where on earth it is. */
export interface SchoolSettings {
  readonly marking: MarkingWay;
  readonly weighingOut: WeighingOut;
  /** Which mark counts where two assessors marked the same. */
  readonly counting: CountingRule;
  /** Which allergens are named on dishes, orders, trays and handouts. */
  readonly allergenList: AllergenList;
  /** IANA name, such as `Europe/Vienna`; the day and the hour of a lesson are of this zone. */
  readonly timeZone: string;
  /** What the boards of the school are called, by what is cut on them. Colours differ from country to country: these are its own. */
  readonly boards: SchoolBoards;
  readonly retention: Retention;
  /** Bands of doneness that are taught otherwise here. */
  readonly doneness: OwnDoneness;
}

/** How long what names people is kept, in months; null for as long as nobody takes it away. */
export interface Retention {
  /** Photos of plates, since they were taken. */
  readonly photos: number | null;
  /** Names of students who have left, since their last lesson. */
  readonly left: number | null;
}

export const KEPT_FOREVER: Retention = { photos: null, left: null };
/** The longest and the shortest that can be set, in months. */
export const RETENTION_MONTHS = { least: 1, most: 240 } as const;

export const AS_THE_SCHOOL: LessonSettings = { marking: null, weighingOut: null };
export const NEW_SCHOOL: SchoolSettings = {
  marking: 'levels',
  weighingOut: 'trays',
  counting: 'newest',
  allergenList: 'eu-uk',
  timeZone: 'UTC',
  boards: NO_BOARDS,
  retention: KEPT_FOREVER,
  doneness: {},
};

interface Way {
  readonly name: string;
  readonly says: string;
}

/** The settings in words: what each way asks. */
export const SETTING_WAYS: {
  readonly marking: { readonly name: string; readonly decides: string; readonly ways: Readonly<Record<MarkingWay, Way>> };
  readonly weighingOut: { readonly name: string; readonly decides: string; readonly ways: Readonly<Record<WeighingOut, Way>> };
  readonly counting: { readonly name: string; readonly decides: string; readonly ways: Readonly<Record<CountingRule, Way>> };
} = {
  marking: {
    name: 'Marking',
    decides: 'how results are told. Assessors touch the same levels at the pass; released results keep theirs.',
    ways: {
      levels: { name: 'levels with weights', says: 'Each level earns a share of the criterion’s points; the mark is their sum.' },
      pass: { name: 'pass or not yet', says: 'A dish passes when nothing critical is missed and every criterion seen stands high enough.' },
      deductions: { name: 'deductions from full marks', says: 'It begins at 100; what falls short is taken off, and named.' },
    },
  },
  weighingOut: {
    name: 'Weighing out',
    decides: 'what an order shows and prints.',
    ways: {
      draw: {
        name: 'teams draw from store',
        says: 'Each team reads its formula and weighs for itself; the store is stocked by the order.',
      },
      trays: { name: 'the technician weighs every tray', says: 'A tray for each making stands ready, weighed and labelled.' },
    },
  },
  counting: {
    name: 'Two marks on one dish',
    decides: 'whose counts where two assessors marked the same criterion. Both stay on record; released results keep theirs.',
    ways: {
      newest: { name: 'the newest', says: 'Whoever marked last is taken to have seen what the other saw.' },
      lead: { name: 'the lead’s', says: 'The lead reconciles: what the lead gave counts, and where the lead gave nothing, the newest.' },
      mean: {
        name: 'their mean',
        says: 'The mean of the levels, the lower where it lies between two. Critical: not met when anybody saw that it was not.',
      },
    },
  },
};

/** How a lesson runs: as it says itself, else as the school does. */
export function settingsInForce(
  school: SchoolSettings,
  lesson: LessonSettings,
): { readonly marking: MarkingWay; readonly weighingOut: WeighingOut } {
  return { marking: lesson.marking ?? school.marking, weighingOut: lesson.weighingOut ?? school.weighingOut };
}
