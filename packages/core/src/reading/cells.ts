import { findUnit } from '../quantity';
import { isTold, verbsIn } from '../verbs';

const NUMBER = /^(?:about\s+|~)?(?:\d{1,6}(?:[.,]\d{1,3})?(?:\s?[½¼¾])?|\d{1,2}\s?\/\s?\d{1,2}|[½¼¾⅓⅔])$/;
const MEASURED =
  /^(?:\d{1,3}\s?[x×]\s?)?(?:\d{1,6}(?:[.,]\d{1,3})?\s?[½¼¾⅓⅔]?|[½¼¾⅓⅔]|(?:\d{1,2}\s)?\d{1,2}\/\d{1,2})\s?(?:(?:small|large|big|good)\s)?[a-z]{1,6}\.?$/i;

/** Looked for first: most lines have neither strokes nor gaps. */
const HAS_CELLS = /\t|\||\s\s|\s\/\s/;
const PERCENT = /^\d[\d.,]*\s?%$/;
const isMeasured = (cell: string): boolean =>
  MEASURED.test(cell) && findUnit(cell.replace(/^(?:\d{1,3}\s?[x×]\s?)?[\d.,/½¼¾⅓⅔\s]+(?:(?:small|large|big|good)\s)?/i, '')) !== null;
/** "EG02", "VI-0412": by what a supplier knows it. */
const CODE = /^[A-Z]{1,4}-?\d{1,6}$/;

/** What heads a column: no ingredient and no component. */
const HEAD_CELL =
  /^(?:qty|quantity|quantities|(?:ep|ap)[ -](?:qty|quantity|weight|amount)|articles?|units?|uom|items?|prep(?:aration)?(?:\s?notes?)?|ingredients?|food items?|foods?|raw materials?|(?:amount |qty )?per (?:\d{1,4}|portion|person|head|cover|pair|student)|amounts?|amt\.?|weights?|measures?|commodit(?:y|ies)|metric|imperial|us|cost|price|method|procedure|process|directions|instructions|time|times|phases?|sections?|components?|elements?|parts?|activity|activities|actions?|ccps?|critical (?:limits?|points?)|stage|notes?|details?|step|product|yield|baker[’']?s?\s?%|%|✓|grams?|ml|no\.?|cut|form|code|tick|weighed|remarks?|comments?|min(?:ute)?s?|what to do|(?:supplier|product|item|stock)?\s?codes?|suppliers?|sku|allergens?|lot|batch(?: no\.?)?|#|nr\.?|pos\.?|item no\.?|ep|ap|(?:ap |ep |yield |waste )?factor|waste(?:\s?%)?|net|gross|zutat(?:en)?(?:\s?\/\s?ingredients?)?|menge|einheit)$/i;

/** "thyme      few sprigs": an amount by eye in its cell. */
const BY_EYE_CELL = /^(?:an?\s)?(few\s(?:sprigs|leaves|drops|stalks)|handful|pinch|knob|splash|dash|bunch|sprig)$/i;

const IN_WORDS_CELL = /^(?:to taste|to (?:barely |just )?cover|as (?:needed|required)|q\.?\s?s\.?|t\.?\s?t\.?)$/i;

/** "fennel / 4 heads / wedges": strokes between the cells; "250 g / 9 oz butter" and "1 / 2 cup" are none. */
const SLASHED = /^\s*\p{L}[^/\d]{1,40}\s\/\s(?:about\s)?[\d½¼¾⅓⅔][^/]{0,14}(?:\s\/\s|$)/u;

/** Strokes without end are no cells: nobody writes more than a dozen. */
const isFence = (raw: string): boolean => raw.split('|', 14).length > 13;

/** Cells of a row: parted by strokes, by tabs, or by wide gaps. */
const cellsOf = (raw: string): string[] =>
  raw
    .replace(/^\s*\||\|\s*$/g, '')
    .split(SLASHED.test(raw) ? /\s\/\s/ : /\t|\||(?<=\S) {3,}(?=\S)/)
    .map((cell) =>
      cell
        .replace(/\s+/g, ' ')
        .replace(/^\s*[-–—]\s*$/, '')
        .trim(),
    );

const PORTION_HEAD =
  /^(?:(?:amount|qty|quantity|weight)s?\s*)?\(?(?:for\s)?\d{1,3}\s?(?:portions?|ptns?|covers|servings?|people|pax)?\)?$/i;
const PORTION_HEADS =
  /\d{1,3}\s(?:portions?|ptns?|covers|servings?|people|pax)\)?\s.*\d{1,3}\s(?:portions?|ptns?|covers|servings?|people|pax)|\bfor \d{1,4}\b.*\bfor \d{1,4}\b/i;
/** The titles in the head of a table; null where a line is none. Where gaps were lost, as in the text of a PDF, each word is a title. */
function headOf(raw: string): readonly string[] | null {
  // Titles have no figures, but for how many portions a column is.
  if (raw.length > 200 || (/\d/.test(raw) && !PORTION_HEADS.test(raw) && !/\bper \d{1,4}\b/i.test(raw))) return null;
  const bare = raw.replace(/[*_]/g, '').trim();
  if (/^\s{8,}[A-D](?:\s{3,}[A-D])+\s*$/.test(raw)) return bare.split(/\s+/);
  const isHead = (cell: string) => HEAD_CELL.test(cell) || UNIT_HEAD.test(cell) || PORTION_HEAD.test(cell);
  const cells = bare
    .split(HAS_CELLS.test(bare) ? /\t|\||\s{2,}|\s\/\s/ : /\s/)
    .map((cell) => cell.trim())
    .filter(Boolean);
  if (cells.length < 2 || cells.length > 8 || !cells.every(isHead)) return null;
  return HAS_CELLS.test(bare) || (NAME_HEAD.test(cells[0]!) && cells.some((cell) => UNIT_HEAD.test(cell) || AMOUNT_HEAD.test(cell)))
    ? cells
    : null;
}

/**
 * Whether a line is the head of a table: "Qty   Unit   Item", "Metric | Imperial", "Ingredient Kg G".
 *
 * @example isTableHead('Commodities        Amount      ✓') // true
 */
export const isTableHead = (raw: string): boolean => headOf(raw) !== null;

const UNIT_HEAD = /^(?:(?:weight|qty|quantity|amount|mass)\s*)?\(?(g\s?\/\s?ml|g|gr|gms?|grams?|kg|kilos?|ml|l|litres?|oz|lb)\)?$/i;
const NAME_HEAD = /^(?:zutat(?:en)?(?:\s?\/\s?ingredients?)?|ingredients?|food items?|items?|commodit(?:y|ies)|products?|materials?)$/i;
const AMOUNT_HEAD = /^(?:measures?|qty|quantity|quantities|amounts?|weights?)$/i;

/** The units that head the columns of figures a row stands under. Two of them make one amount: "Kg G" over "2 400". */
export interface Columns {
  readonly units: readonly string[];
  /** Whether rows are parted by single blanks, since the gaps were lost. */
  readonly close: boolean;
  /** Whether the last column holds minutes: "No. | Step | Min". */
  readonly minutes: boolean;
  /** Whether there is a column of amounts for one number of portions and one for another: the first counts. */
  readonly portions: boolean;
  /** Whether the first column only counts the rows: "No | Ingredient | EP | Unit". */
  readonly numbered: boolean;
  /** Whether a column of figures tells of something else: a factor, a cost. */
  readonly figures: boolean;
  /** Which column holds the amounts where another holds percent: "Item | % | kg"; null elsewhere. */
  readonly amountAt: number | null;
  /** How many columns there are. */
  readonly count: number;
}

const COUNTS_ROWS = /^(?:no\.?|#|nr\.?|pos\.?|item no\.?)$/i;
const TOLD_BESIDE = /factor|cost|price|waste/i;

const unitHeaded = (cell: string): string[] => {
  const unit = UNIT_HEAD.exec(cell)?.[1]?.toLowerCase();
  return unit ? [/\//.test(unit) ? 'g/ml' : /^g/.test(unit) ? 'g' : /^k/.test(unit) ? 'kg' : /^litre/.test(unit) ? 'l' : unit] : [];
};
const POURS = /\b(?:oil|water|milk|cream|stock|juice|wine|vinegar|buttermilk|cider|beer|broth|liquor|syrup)\b/i;
const TOGETHER = /^(?:kg g|l ml|lb oz)$/;

const BASE: Readonly<Record<string, readonly [what: string, times: number]>> = {
  g: ['g', 1],
  kg: ['g', 1000],
  ml: ['ml', 1],
  cl: ['ml', 10],
  l: ['ml', 1000],
};
/** How much a cell is in its base unit: "4.8 kg" is 4,800 of grams; null where it is no plain amount. */
function inBase(cell: string): readonly [what: string, much: number] | null {
  const [, figure = '', unit = ''] = /^(\d{1,5}(?:[.,]\d{1,3})?)\s?(kg|g|ml|cl|l)?$/i.exec(cell) ?? [];
  if (!figure) return null;
  const [what, times] = BASE[unit.toLowerCase()] ?? ['each', 1];
  return [what, Number(figure.replace(',', '.')) * times];
}

/** How many times the first of its two amounts the second is, in a row of a name and two amounts; null where it is none. */
function timesAsMuch(raw: string): number | null {
  if (raw.length > 200 || !HAS_CELLS.test(raw)) return null;
  const amounts = cellsOf(raw).map(inBase);
  const found = amounts.filter((each) => each !== null);
  const [small, large] = found;
  if (found.length !== 2 || amounts.length > 4 || small![0] !== large![0] || small![1] === 0) return null;
  const times = large![1] / small![1];
  return Number.isInteger(Math.round(times * 1000) / 1000) && times >= 2 ? Math.round(times) : null;
}

/** Rows that say how much for a few and, so many times as much, how much for many: the first counts. */
function twoSizes(lines: readonly string[]): ReadonlySet<number> {
  const times = lines.map(timesAsMuch);
  const often = new Map<number, number>();
  for (const each of times) if (each !== null) often.set(each, (often.get(each) ?? 0) + 1);
  const [most, count] = [...often].sort((a, b) => b[1] - a[1])[0] ?? [0, 0];
  return new Set(count >= 3 ? times.flatMap((each, at) => (each === most ? [at] : [])) : []);
}

const SIZES: Columns = {
  units: [],
  close: false,
  minutes: false,
  portions: true,
  numbered: false,
  figures: false,
  amountAt: null,
  count: 3,
};

/** What heads the columns that a line stands in, by line: "Item   g   %". It holds until a line without figures. */
export function columnUnits(lines: readonly string[]): readonly (Columns | null)[] {
  let now: Columns | null = null;
  const sizes = twoSizes(lines);
  return lines.map((raw, at) => {
    if (sizes.has(at) && now === null) return SIZES;
    const head = headOf(raw);
    if (head) {
      const units = head.flatMap(unitHeaded);
      const holds = units.length === 1 || TOGETHER.test(units.join(' '));
      const minutes = /^(?:min(?:ute)?s?|time(?:\s*\(min(?:ute)?s?\))?)$/i.test(head.at(-1)!);
      // What is bought stands before what is left of it.
      const portions = PORTION_HEADS.test(raw) || /\bgross\b.*\bnet\b/i.test(raw);
      const numbered = COUNTS_ROWS.test(head[0]!) && NAME_HEAD.test(head[1] ?? '');
      const figures = head.some((cell) => TOLD_BESIDE.test(cell));
      const ofAmounts = head.findIndex((cell) => UNIT_HEAD.test(cell));
      const amountAt = units.length === 1 && head.some((cell) => /%$/.test(cell)) && ofAmounts > 0 ? ofAmounts : null;
      now =
        holds || minutes || portions || numbered || figures
          ? { units, amountAt, count: head.length, close: !HAS_CELLS.test(raw.trim()) && !minutes, minutes, portions, numbered, figures }
          : null;
      return null;
    }
    // A rule drawn under the head, or the name of a part among the rows.
    if (/^[^\d|\t]{2,60}:$/.test(raw) || /^[\s_=–—|+:-]+$/.test(raw)) return null;
    const isRow = raw.length <= 200 && (HAS_CELLS.test(raw.trim()) || (now?.close === true && /\d\s*%?$/.test(raw)));
    return isRow ? now : (now = null);
  });
}

/**
 * A row of a table of work, "1 | Sweat the onions | 6" under "No. | Step | Min", as a step is written; null where a line is no such row.
 *
 * @example toldRow('2 | Boil the rice', null) // 'Boil the rice'
 */
export function toldRow(raw: string, columns: Columns | null): string | null {
  if (raw.length > 400 || !/\t|\|/.test(raw) || isFence(raw)) return null;
  const cells = cellsOf(raw);
  // "| 3 | Layer spinach on pastry, roll, chill |": two verbs in what a number counts.
  const counted = cells.length === 2 && /^\d{1,2}[.)]?$/.test(cells[0]!) && verbsIn(cells[1]!) >= 2;
  const at = counted ? 1 : cells.findIndex((cell) => isTold(cell));
  if (at < 0 || at > 1 || (at === 1 && !/^(?:\d{0,2}[.)]?|\d{1,2}[.:]\d{2}(?:\s?[-–]\s?\d{1,2}[.:]\d{2})?)$/.test(cells[0]!))) return null;
  // "1 | brown lentils | 4.5 | kg" is weighed.
  if (cells.some((cell, index) => index > at && (isMeasured(cell) || (NUMBER.test(cell) && findUnit(cells[index + 1] ?? '') !== null))))
    return null;
  return cells
    .slice(at)
    .filter(Boolean)
    .map((cell, index) => (index > 0 && columns?.minutes && /^\d{1,3}$/.test(cell) ? `${cell} min` : cell))
    .join(', ');
}

/** A row whose figures stand behind its name without gaps, under the units of its columns: "Water 2 400" under "Kg G". */
function closeRow(raw: string, { units }: Columns): string | null {
  const row =
    /^\s*(\p{L}[^\d]{1,60}?)\s+(\d{1,6}(?:[.,]\d{1,3})?)(?:\s+(\d{1,3}(?:[.,]\d)?))?(?:\s+\d{1,3}(?:[.,]\d{1,2})?\s?%)?\s*$/u.exec(raw);
  if (!row) return null;
  const [, name = '', first = '', second] = row;
  if (second === undefined) return `${first} ${units.at(-1)!} ${name}`;
  return units.length === 2 ? `${inOne(first, second, units)} ${name}` : null;
}

/** Kilograms and grams, litres and millilitres in one figure; pounds and ounces beside one another. */
const inOne = (large: string, small: string, [unit = '', part = '']: readonly string[]): string =>
  unit === 'lb' ? `${Number(large)} lb ${small} ${part}` : `${Number(large)}.${small.padStart(3, '0')} ${unit}`;

/**
 * A row of a table, "Butter | 125 | g | cold, diced" or the same with tabs, as an ingredient line is written; null where a line is no
 * such row.
 *
 * @param columns - what heads the columns of figures, if anything does
 * @example fromCells('Butter | 125 | g | cold, diced') // '125 g Butter, cold, diced'
 */
export function fromCells(raw: string, columns: Columns | null = null): string | null {
  if (raw.length > 400) return null;
  if (columns?.close) return closeRow(raw, columns);
  if (!HAS_CELLS.test(raw) || isFence(raw)) return null;
  if (toldRow(raw, columns) !== null) return null;
  // "1  Onions      5.600": what counts the rows may stand close to the name.
  const uncounted = columns?.numbered ? raw.replace(/^\s*\d{1,3}[.)]?\s{1,6}(?=\p{L})/u, '') : raw;
  const all = cellsOf(uncounted);
  const cells = columns?.numbered && /^\d{1,3}[.)]?$/.test(all[0] ?? '') ? all.slice(1) : all;
  const [headed = null] = columns?.units.length === 1 ? columns.units : [];
  // "G/ML" over a column: what pours is in millilitres.
  const columnUnit = headed === 'g/ml' ? (POURS.test(raw) ? 'ml' : 'g') : headed;
  if (cells.length < 2) return null;
  // "Rye flour | 300 g | 75": what has its unit counts before a bare figure, unless the unit stands in a cell of its own.
  const withUnit = cells.findIndex(isMeasured);
  const amountAt = columns && columns.amountAt !== null && cells.length === columns.count ? columns.amountAt : null;
  const bare = amountAt !== null && NUMBER.test(cells[amountAt]!) ? amountAt : cells.findIndex((cell) => NUMBER.test(cell));
  const apart = bare >= 0 && (findUnit(cells[bare + 1] ?? '') !== null || (bare === 0 && withUnit < 0));
  const at = withUnit >= 0 && !apart ? -1 : bare;
  const together = at < 0 ? withUnit : -1;
  const place = at >= 0 ? at : together;
  const eye = place < 0 && cells.length <= 3 ? cells.findIndex((cell) => BY_EYE_CELL.test(cell)) : -1;
  if (eye === 1) return [`a ${BY_EYE_CELL.exec(cells[1]!)![1]!} ${cells[0]!}`, ...cells.slice(2).filter(Boolean)].join(', ');
  // "Water    to barely cover": said in words, where an amount stands elsewhere.
  const inWords = place < 0 ? cells.findIndex((cell, index) => index > 0 && IN_WORDS_CELL.test(cell)) : -1;
  if (inWords > 0 && /\p{L}{3}/u.test(cells[0]!)) {
    const words = /^[tq]/i.test(cells[inWords]!) && !/cover/i.test(cells[inWords]!) ? 'to taste' : cells[inWords]!;
    return [`${cells[0]!} ${words}`, ...cells.slice(inWords + 1).filter((cell) => cell && !IN_WORDS_CELL.test(cell))].join(', ');
  }
  if (place < 0) return cells.length < all.length && cells.length <= 3 ? cells.filter(Boolean).join(', ') : null;
  const counted = at >= 0 && /^(?:nos?|ea|each|pcs?|pieces?|stk|stück)\.?$/i.test(cells[at + 1] ?? '');
  const unitBehind = at >= 0 && (counted || findUnit(cells[at + 1] ?? '') !== null);
  const both = columns?.units.length === 2 && at >= 0 && NUMBER.test(cells[at + 1] ?? '');
  if (columns && both) return `${inOne(cells[at]!, cells[at + 1]!, columns.units)} ${cells.find((cell) => /\p{L}{2}/u.test(cell)) ?? ''}`;
  // "5.600 | 4.900 | kg": gross and net in one unit.
  const unitCell = cells.find((cell) => !/\d/.test(cell) && findUnit(cell) !== null);
  const amount =
    at < 0
      ? cells[together]!
      : unitBehind
        ? counted
          ? cells[at]!
          : `${cells[at]!} ${cells[at + 1]!}`
        : columnUnit
          ? `${cells[at]!} ${columnUnit}`
          : columns?.portions && unitCell
            ? `${cells[at]!} ${unitCell}`
            : cells[at]!;
  const used = new Set(unitBehind ? [place, place + 1] : [place]);
  const left = cells.filter(
    (cell, index) =>
      cell &&
      !used.has(index) &&
      !PERCENT.test(cell) &&
      !CODE.test(cell) &&
      !(NUMBER.test(cell) && (columnUnit || together >= 0 || (columns?.figures && unitBehind))),
  );
  if (columns?.portions) return [`${amount} ${left.find((cell) => /\p{L}{2}/u.test(cell) && !isMeasured(cell)) ?? ''}`].join('');
  // The same amount in another system, in a column of its own.
  const beside = left.find((cell) => isMeasured(cell.split(/\s*\+\s*/)[0]!) || cell === amount);
  const [name, ...others] = left.filter((cell) => cell !== beside);
  if (!name || !/\p{L}{2}/u.test(name) || /^(?:sub-?)?totals?$/i.test(name)) return null;
  return [`${amount}${beside && beside !== amount && !beside.includes('+') ? ` / ${beside}` : ''} ${name}`, ...others].join(', ');
}
