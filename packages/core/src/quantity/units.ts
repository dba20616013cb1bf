import { exact, type Exact } from '../exact';

/** What a unit measures. Masses meet volumes only through a density, pieces only through the weight of one. */
export type Dimension = 'mass' | 'volume' | 'count';

export interface Unit {
  readonly code: UnitCode;
  readonly dimension: Dimension;
  /** Grams, millilitres or pieces in one of this unit. */
  readonly size: Exact;
  readonly one: string;
  readonly many: string;
  /** Spellings met in written recipes, lower case, without a full stop. */
  readonly spellings: readonly string[];
  /** An amount by eye: the size is a working estimate and is always shown as one. */
  readonly byEye?: true;
  /** A container: it may be shared between makings, and is rounded to whole ones only in the order's total. */
  readonly pack?: true;
}

const UNIT_ROWS = [
  // Spoons, cups and fluid ounces: the household measures of US 21 CFR 101.9(b)(5)(viii), which agree with each other
  // (16 tbsp = 1 cup). Ounce and pound: the international avoirdupois pound of 453.59237 g.
  ['g', 'mass', '1', 'g', 'g', 'g|gm|gms|gr|grm|grms|gram|grams|gramme|grammes'],
  ['kg', 'mass', '1000', 'kg', 'kg', 'kg|kgs|kilo|kilos|kilogram|kilograms'],
  ['mg', 'mass', '1/1000', 'mg', 'mg', 'mg|milligram|milligrams'],
  ['oz', 'mass', '45359237/1600000', 'oz', 'oz', 'oz|ozs|ounce|ounces'],
  ['lb', 'mass', '45359237/100000', 'lb', 'lb', 'lb|lbs|pound|pounds'],
  ['ml', 'volume', '1', 'ml', 'ml', 'ml|mls|cc|millilitre|millilitres|milliliter|milliliters'],
  ['cl', 'volume', '10', 'cl', 'cl', 'cl|centilitre|centilitres|centiliter|centiliters'],
  ['dl', 'volume', '100', 'dl', 'dl', 'dl|decilitre|decilitres|deciliter|deciliters'],
  ['l', 'volume', '1000', 'l', 'l', 'l|lt|ltr|litre|litres|liter|liters'],
  ['tsp', 'volume', '5', 'tsp', 'tsp', 'tsp|tsps|ts|teasp|teasps|teaspoon|teaspoons|teaspoonful|teaspoonfuls'],
  [
    'tbsp',
    'volume',
    '15',
    'tbsp',
    'tbsp',
    'tbsp|tbsps|tb|tablesp|tablesps|tbs|tbl|tbls|tblsp|tblsps|tblspn|tablespoon|tablespoons|tablespoonful|tablespoonfuls',
  ],
  ['floz', 'volume', '30', 'fl oz', 'fl oz', 'fl oz|floz|fluid ounce|fluid ounces'],
  ['cup', 'volume', '240', 'cup', 'cups', 'cup|cups|cupful|cupfuls'],
  ['pint', 'volume', '480', 'pint', 'pints', 'pint|pints|pt|pts'],
  ['quart', 'volume', '960', 'quart', 'quarts', 'quart|quarts|qt|qts'],
  ['each', 'count', '1', '', '', 'each|whole|piece|pieces|pc|pcs|ea'],
  ['bulb', 'count', '1', 'bulb', 'bulbs', 'bulb|bulbs'],
  ['clove', 'count', '1', 'clove', 'cloves', 'clove|cloves|clv|clvs'],
  ['sprig', 'count', '1', 'sprig', 'sprigs', 'sprig|sprigs'],
  ['leaf', 'count', '1', 'leaf', 'leaves', 'leaf|leaves|lvs'],
  ['head', 'count', '1', 'head', 'heads', 'head|heads'],
  ['stalk', 'count', '1', 'stalk', 'stalks', 'stalk|stalks|stem|stems'],
  ['stick', 'count', '1', 'stick', 'sticks', 'stick|sticks'],
  ['slice', 'count', '1', 'slice', 'slices', 'slice|slices|rasher|rashers'],
  ['sheet', 'count', '1', 'sheet', 'sheets', 'sheet|sheets'],
  ['bunch', 'count', '1', 'bunch', 'bunches', 'bunch|bunches|bch|bu'],
  ['fillet', 'count', '1', 'fillet', 'fillets', 'fillet|fillets'],
  ['ball', 'count', '1', 'ball', 'balls', 'ball|balls'],
  ['strip', 'count', '1', 'strip', 'strips', 'strip|strips'],
  ['disc', 'count', '1', 'disc', 'discs', 'disc|discs|disk|disks'],
  ['spear', 'count', '1', 'spear', 'spears', 'spear|spears'],
  ['rib', 'count', '1', 'rib', 'ribs', 'rib|ribs'],
  ['floret', 'count', '1', 'floret', 'florets', 'floret|florets'],
  ['wedge', 'count', '1', 'wedge', 'wedges', 'wedge|wedges'],
  ['punnet', 'count', '1', 'punnet', 'punnets', 'punnet|punnets'],
  ['tub', 'count', '1', 'tub', 'tubs', 'tub|tubs|pot|pots'],
  ['tin', 'count', '1', 'tin', 'tins', 'tin|tins|can|cans'],
  ['jar', 'count', '1', 'jar', 'jars', 'jar|jars'],
  [
    'packet',
    'count',
    '1',
    'packet',
    'packets',
    'packet|packets|pack|packs|pkg|pkgs|sachet|sachets|pouch|pouches|envelope|envelopes|pkt|pkts|package|packages|bag|bags|carton|cartons|box|boxes|block|blocks|bar|bars',
  ],
  ['loaf', 'count', '1', 'loaf', 'loaves', 'loaf|loaves'],
  // Something made to a formula of its own: "1 recipe of pizza dough".
  ['batch', 'count', '1', 'batch', 'batches', 'batch|batches|recipe|recipes|quantity|quantities'],
  ['bottle', 'count', '1', 'bottle', 'bottles', 'bottle|bottles'],
  // By eye. A pinch as 1/16 tsp and a dash as 1/8 tsp follow common US measuring-spoon sets; knob, thumb, handful, splash and
  // drizzle are our own working estimates, always shown as estimates.
  ['pinch', 'volume', '5/16', 'pinch', 'pinches', 'pinch|pinches'],
  // A drop as a twentieth of a millilitre, as pharmacists count.
  ['drop', 'volume', '1/20', 'drop', 'drops', 'drop|drops'],
  ['dash', 'volume', '5/8', 'dash', 'dashes', 'dash|dashes'],
  ['splash', 'volume', '5', 'splash', 'splashes', 'splash|splashes'],
  ['drizzle', 'volume', '10', 'drizzle', 'drizzles', 'drizzle|drizzles'],
  ['thumb', 'mass', '15', 'thumb', 'thumbs', 'thumb|thumbs'],
  ['knob', 'mass', '15', 'knob', 'knobs', 'knob|knobs'],
  ['handful', 'mass', '30', 'handful', 'handfuls', 'handful|handfuls'],
] as const;

export type UnitCode = (typeof UNIT_ROWS)[number][0];

const BY_EYE: ReadonlySet<UnitCode> = new Set(['pinch', 'drop', 'dash', 'splash', 'drizzle', 'knob', 'thumb', 'handful']);
const PACKS: ReadonlySet<UnitCode> = new Set(['tin', 'jar', 'packet', 'bottle', 'punnet', 'tub']);

/** Every unit Pelvo knows, in the order they are offered. */
export const UNITS: readonly Unit[] = UNIT_ROWS.map(([code, dimension, size, one, many, spellings]) => ({
  code,
  dimension,
  size: exact(size),
  one,
  many,
  spellings: spellings.split('|'),
  ...(BY_EYE.has(code) ? { byEye: true as const } : {}),
  ...(PACKS.has(code) ? { pack: true as const } : {}),
}));

export const UNIT_CODES: readonly UnitCode[] = UNITS.map((unit) => unit.code);

const byCode = new Map(UNITS.map((unit) => [unit.code, unit]));
const bySpelling = new Map(UNITS.flatMap((unit) => unit.spellings.map((spelling) => [spelling, unit] as const)));

/** The unit of a code. @throws RangeError for a code that is not a unit's. */
export function unitOf(code: UnitCode): Unit {
  const unit = byCode.get(code);
  if (!unit) throw new RangeError(`No unit has the code "${code}"`);
  return unit;
}

/**
 * The unit a written word stands for, or null. Case matters only for the lone `T` (tablespoon) and `t` (teaspoon).
 *
 * @example findUnit('Tbsp.')?.code // 'tbsp'
 */
export function findUnit(word: string): Unit | null {
  const bare = word.trim().replace(/\.$/, '');
  if (bare === 'T') return unitOf('tbsp');
  if (bare === 't') return unitOf('tsp');
  return bySpelling.get(bare.toLowerCase()) ?? null;
}
