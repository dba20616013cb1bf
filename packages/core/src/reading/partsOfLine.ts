import type { FactBook } from '../ingredients';
import { isTableHead } from './cells';
import { inlineList, listInside, type InlineList } from './inlineLists';
import type { Role } from './looks';
import { LONGEST_NAME } from './names';
import { yieldSaid } from './yields';

/** "Yield: 10 covers          Station: Pasta": two things said in one line of a card's head. */
const LABELLED_PAIR = /^(\s*\p{L}[\p{L} /]{1,24}:\s?\S.{0,60}?)\s{3,}(\p{L}[\p{L} /.]{1,24}:\s?\S.*)$/u;

const KEYED_ROW =
  /^\s*\|?\s*(dish|recipe|rezept(?:ur)?|portionen|dough yield|name|product|portions?|serves|covers|yield|makes|equipment|station|section|chef|author|date|course|time|allergens?)(?:\s*[|\t]\s*|\s{4,})([^|\t]{1,80}?)\s*(?:[|\t]\s*)*$/i;
const IN_ENGLISH: Readonly<Record<string, string>> = { rezept: 'Recipe', rezeptur: 'Recipe', portionen: 'Portions' };
const HEADS_A_COLUMN =
  /^(?:qty|quantit(?:y|ies)|amounts?|weights?|units?|items?|ingredients?|method|activit(?:y|ies)|step|what to do|notes?|portions?|cost|price|time)$/i;
const TO_MAKE = /^(TO (?:MAKE|DRESS|PREPARE|BAKE|STEW|PICKLE|PRESERVE)\s[^.]{3,50}|[^\p{Ll}.\d]{8,60})\.\s*(?:--|[–—-])\s*(\p{Lu}.{20,})$/u;
/** "| Std recipe 0231 | Bean burger | Yield 50 |": what heads a sheet, in the cells of a row. */
const HEAD_ROW = /^\s*\|(?=[^\d]*\|?.*\b(?:yields?|serves|makes|portions?|covers|ptns?)\b\s*:?\s*\d)((?:[^|]{2,60}\|){2,4})\s*$/i;

const FOR_EATERS = /^for\s(?:about\s)?(?:\d{1,3}|\p{L}+)\s(?:people|persons?|portions|guests|eaters)$/iu;

/** The most lists that are looked for in one paragraph. */
const MOST_ROWS = 4;

/** A line of the text, taken apart where lists of ingredients stand in it. */
export function partsOfLine(written: string, book: FactBook, rows = 0): readonly { readonly raw: string; readonly as?: Role }[] {
  // "A: For service we use …": who answers.
  const raw = written.replace(/^\s*(?:A|Answer)\s?:\s+(?=\p{Lu})/u, '');
  // "| Portions | 12 | |": a word and what is said to it, in a table of their own.
  const keyed = raw.length < LONGEST_NAME ? KEYED_ROW.exec(raw) : null;
  if (keyed && !isTableHead(raw) && !HEADS_A_COLUMN.test(keyed[2]!))
    return [{ raw: `${IN_ENGLISH[keyed[1]!.toLowerCase()] ?? keyed[1]!}: ${keyed[2]!}` }];
  const keyedYield =
    rows === 0 && raw.length < LONGEST_NAME
      ? /^\s*\|\s*(portions?|serves|covers|yield|makes)\s*\|\s*([^|]{1,30}?)\s*\|\s*([^|]{1,40}?)\s*\|?\s*$/i.exec(raw)
      : null;
  if (keyedYield && /^\d/.test(keyedYield[2]!)) return [{ raw: `${keyedYield[1]!}: ${keyedYield[2]!} (${keyedYield[3]!})`, as: 'yield' }];
  // "To pickle walnuts green."
  if (rows === 0 && /^\s*To (?:make|pickle|preserve|bake|stew|dress|pot|candy|keep|bottle)\s[^.]{3,40}\.\s*$/.test(raw))
    return [{ raw: raw.replace(/\.\s*$/, ''), as: 'title' }];
  // "TO MAKE A SEED CAKE. – Take one pound …": as old books begin.
  const old = TO_MAKE.exec(raw);
  if (old && rows === 0) return [{ raw: old[1]!, as: 'title' }, ...partsOfLine(old[2]!, book, 1)];
  // "Courgette 400 / Onion 200 (all g)"
  const unit = rows === 0 && raw.length < LONGEST_NAME ? /\s*\((?:all|everything)\s(?:in\s)?(g|ml|kg)\)\s*$/i.exec(raw) : null;
  if (unit) return partsOfLine(raw.slice(0, unit.index).replace(/(\d)(?=\s*(?:[/,;]|$))/g, `$1 ${unit[1]!}`), book, 1);
  // "For every litre of vinegar:" over what goes into it: what the amounts are for is the first of them.
  const every =
    /^\s*(?:for|to|per)\s(?:every|each)?\s?(litre|liter|kilo|kilogram|kg|pound|lb|pint|quart|gallon|\d{1,4}\s?(?:g|kg|ml|l))\s(?:of\s)?(?:the\s)?(\p{L}[\p{L} -]{2,30}):\s*$/iu.exec(
      raw,
    );
  if (every && rows === 0 && book.read(every[2]!).found.length > 0)
    return [{ raw: `${/^\d/.test(every[1]!) ? '' : '1 '}${every[1]!} ${every[2]!}`, as: 'line' }];
  // "30 PAX SAUERKRAUT SOUP"
  const pax = rows === 0 && raw.length < 100 ? /^\s*(\d{1,3}\s?(?:pax|covers|ptns?))\s+(\p{L}[\p{L} ,&'’-]{4,60})$/iu.exec(raw) : null;
  if (pax)
    return [
      { raw: pax[2]!, as: 'title' },
      { raw: pax[1]!, as: 'yield' },
    ];
  // "Candidate prepares: 4 portions pear and walnut salad"
  const prepares =
    rows === 0 && raw.length < LONGEST_NAME
      ? /^\s*(?:(?:each |the )?(?:candidate|student|learner|pair|team|group)s?(?: will| must| should)?\s)?(?:prepares?|makes?|cooks?|produces?|to prepare)\s*:\s*(\d{1,3}\s(?:portions?|covers|plates|servings))\s(?:of\s)?(\p{L}.{3,80})$/iu.exec(
          raw,
        )
      : null;
  if (prepares)
    return [
      { raw: prepares[2]!, as: 'title' },
      { raw: prepares[1]!, as: 'yield' },
    ];
  const headRow = rows === 0 && raw.length < LONGEST_NAME && !isTableHead(raw) ? HEAD_ROW.exec(raw) : null;
  if (headRow) return headRow[1]!.split('|').flatMap((cell) => (cell.trim() ? [{ raw: cell.trim() }] : []));
  // "Step 1 (lentils): 200 g yellow split peas, 1 l water …"
  const step = /^\s*(?:step|part)\s\d{1,2}\s\((\p{L}[^()]{2,30})\)\s*:\s+/iu.exec(raw);
  const stepRow = step ? inlineList(`${step[1]!.charAt(0).toUpperCase()}${step[1]!.slice(1)}: ${raw.slice(step[0].length)}`, book) : null;
  const row = stepRow ?? inlineList(raw, book);
  const inside = row || rows >= MOST_ROWS ? null : listInside(raw, book);
  const found = row ?? inside?.row ?? null;
  if (!found) return rowParts(raw, null);
  return [
    ...(inside ? [{ raw: inside.before }] : []),
    ...rowParts(raw, { ...found, after: '' }),
    ...(found.after ? partsOfLine(found.after, book, rows + 1) : []),
  ];
}

/** A line of the text, or what stands in one row of it: a heading, ingredients, and what is said after them. */
function rowParts(raw: string, row: InlineList | null): readonly { readonly raw: string; readonly as?: Role }[] {
  // "SOUSED MACKEREL          Yield: 10 portions"
  const labels = row === null && raw.length < LONGEST_NAME ? LABELLED_PAIR.exec(raw) : null;
  if (labels) return [{ raw: labels[1]! }, ...rowParts(labels[2]!, null)];
  // "Serves 6        Preparation: 15 min, plus chilling"
  const times =
    row === null && raw.length < LONGEST_NAME
      ? /^(\s*(?:serves|makes|yields?|feeds|covers|portions?|for)\b.{1,30}?)\s{3,}((?:prep|cook|bak|total|time|ready|chill|rest)\p{L}*\b.{2,60})$/iu.exec(
          raw,
        )
      : null;
  if (times && (yieldSaid(times[1]!)?.left ?? 9) < 4) return [{ raw: times[1]! }, ...rowParts(times[2]!, null)];
  // "Batch card 27            White onion tart filling"
  const card =
    row === null && raw.length < LONGEST_NAME
      ? /^(\s*(?:batch|recipe|production|spec|prep|task|job|tech(?:nique)?|training) ?(?:card|sheet)\s*(?:no\.?\s?)?[\w.-]{1,8})(?:\s{3,}|\t+)(\p{Lu}.{3,60})$/iu.exec(
          raw,
        )
      : null;
  if (card && !/:/.test(card[2]!))
    return [
      { raw: card[1]!, as: 'aside' },
      { raw: card[2]!, as: 'title' },
    ];
  // "THE LARCHWOOD ROOMS                SPEC 118-B": how the sheet is filed.
  const filed =
    row === null && raw.length < LONGEST_NAME
      ? /^(\s*\p{L}.{2,60}?)(?:\s{3,}|\t+)((?:spec(?:ification)?|rev(?:ision)?|sheet|card|ref|code|version|issue|doc(?:ument)?|file|form|recipe no)\b\.?\s?(?:no\.?\s?)?[:#]?\s?[\w./-]{1,12}|[\p{L} ]{3,40}\bp(?:age|\.)\s?\d{1,4})\s*$/iu.exec(
          raw,
        )
      : null;
  if (filed) return [...rowParts(filed[1]!, null), { raw: filed[2]!, as: 'aside' }];
  // "Covers 14            Glassware: 14 tumblers, 200 ml"
  const beside =
    row === null && raw.length < LONGEST_NAME
      ? /^(\s*(?:serves|makes|yields?|feeds|covers|portions?|batch)\b.{1,30}?)\s{3,}(\p{Lu}[\p{L} /.]{1,24}:\s?\S.*)$/iu.exec(raw)
      : null;
  if (beside && (yieldSaid(beside[1]!)?.left ?? 9) < 4) return [{ raw: beside[1]! }, ...rowParts(beside[2]!, null)];
  // "LEMONY ORZO 🍋✨ save this for a busy Tuesday!"
  const caption =
    row === null && raw.length < LONGEST_NAME
      ? /^(\s*[^\p{Ll}\d:]{5,40}(?:\sw\/)?[^\p{Ll}\d:]{5,40}?)\s*\p{Extended_Pictographic}[\p{Extended_Pictographic}\uFE0F\s]*(\p{Ll}.{6,120}[!.…])$/u.exec(
          raw,
        )
      : null;
  if (caption) return [{ raw: caption[1]! }, { raw: caption[2]!, as: 'aside' }];
  // "A. CAPER MAYONNAISE — makes 350 ml": what it gives is said of its name.
  const gives =
    row === null && raw.length < LONGEST_NAME
      ? /^(\s*(?:[A-H\d][.)]\s+)?\p{Lu}[^\d—–:.]{3,50}?)\s+[—–]\s+((?:makes|gives|yields?|serves)\s.{1,30}|\d{1,3}\s(?:portions|covers|servings|people|pieces))\s*$/u.exec(
          raw,
        )
      : null;
  if (gives && (yieldSaid(gives[2]!)?.left ?? 9) < 4) return [{ raw: `${gives[1]!} (${gives[2]!})` }];
  // "**Baguettes, poolish method** — 8 pcs at 200 g"
  const bold = row === null && raw.length < LONGEST_NAME ? /^\s*\*\*([^*]{3,60})\*\*\s*[—–-]\s*(.{2,60})$/.exec(raw) : null;
  if (bold && (yieldSaid(bold[2]!)?.left ?? 9) < 4)
    return [
      { raw: bold[1]!, as: 'title' },
      { raw: bold[2]!, as: 'yield' },
    ];
  const gap =
    row === null && raw.length < LONGEST_NAME && /\S\s\s/.test(raw) && !isTableHead(raw)
      ? /^(\s*\p{L}.{2,80}?)\s{2,}(\(?\s*(?:(?:makes|yields?|serves|covers|portions?|pour|für|para)\b.{1,40}|\d{1,3}(?:\s?[-–]\s?\d{1,3})?\s+(?:servings?|portions?|people|persons?|guests|covers?|pers\.?)\)?))$/iu.exec(
          raw,
        )
      : null;
  if (gap && (yieldSaid(gap[2]!)?.left ?? 9) < 4)
    return [
      { raw: gap[1]!, as: 'title' },
      { raw: gap[2]!, as: 'yield' },
    ];
  return row === null
    ? [{ raw }]
    : [
        ...(row.lead
          ? [
              {
                raw: row.lead,
                as:
                  /:$/.test(row.lead) && !/^ingredients?\b|\b(?:need|want|take|takes|use|get)\b/i.test(row.lead)
                    ? ('aside' as const)
                    : ('ingredients' as const),
              },
            ]
          : []),
        // "For two people you need …" says how many eat.
        ...(row.heading
          ? [{ raw: `${row.heading}:`, as: FOR_EATERS.test(row.heading) ? ('yield' as const) : ('component' as const) }]
          : []),
        ...row.lines.map((line) => ({ raw: line, as: 'line' as const })),
        ...(row.after ? [{ raw: row.after }] : []),
      ];
}
