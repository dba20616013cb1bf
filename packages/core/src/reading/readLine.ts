import { exact, exactText } from '../exact';
import { isCountable, itemKey, SHIPPED_BOOK, type FactBook } from '../ingredients';
import { amount, showAmount, unitOf, type Amount } from '../quantity';
import { holds, type Doubt } from '../dish/doubts';
import { EMPTY_LINE, type Certainty, type IngredientLine, type OneIs } from '../dish/types';
import { defaultScaling } from './defaultScaling';
import { asMeant } from './asMeant';
import { leftIn } from './leftIn';
import { endsInFood, LEADING_PREP, reverse, secondAmount, takeBrackets, tidy, weightOfOne } from './lineParts';
import {
  JUICE,
  USED_OF,
  TRAILING_JUICE,
  EXTRA,
  EXTRA_BIT,
  OR_OTHER,
  TASTE,
  OPTIONAL,
  OWN_PERCENT,
  OPTIONAL_ALONE,
  LEADING_LIST,
  STATE_OF_FAT,
  DONE_BEHIND,
  SEASONINGS,
  NUMBER_WORDS,
  COUNTED_BARE,
  KEEP_GROUND,
  PURPOSE,
  WITHIN,
} from './lineWords';
import { disagreement, readAmount } from './readAmount';
import { statedYields, stateOf } from './statedYields';
import { unknownUnit } from './unknownUnit';
import { CUT_TO, isShorthand, likelyGrams, shorthandOut } from './shorthand';
import { BULLET, TO_TICK } from './sectionWords';

export type LineReading = Omit<IngredientLine, 'id'>;

/** A longer line is prose, or several lines run together: it is held rather than read, which also bounds what reading costs. */
export const LONGEST_LINE = 300;

/** How a line is marked whose amount is for one plate, until the portions are known. */
export const PER_PLATE = 'per plate';

/** A line too long to be one: kept as written, for a person to settle. */
const unread = (written: string): LineReading => ({
  ...EMPTY_LINE,
  written,
  item: '',
  amount: null,
  one: null,
  size: '',
  preparation: '',
  note: '',
  scaling: { kind: 'proportional' },
  certainty: 'held',
  doubts: [{ code: 'too-long' }],
});

const OTHER_SCRIPT = /(?!\p{Script=Latin}|\p{Script=Common}|\p{Script=Inherited})\p{L}/u;

/**
 * Reads one ingredient line. Nothing is ever dropped: what cannot be read is held with a question.
 *
 * @param written - the line as pasted; kept as it is in `written`
 * @param book - facts of ingredients, the school's own among them
 * @example readLine('½ tsp fennel seed, lightly crushed').amount // { min: '1/2', max: '1/2', unit: 'tsp', about: false }
 */
export function readLine(written: string, book: FactBook = SHIPPED_BOOK): LineReading {
  let known = readings.get(book);
  if (!known) readings.set(book, (known = new Map()));
  let reading = known.get(written);
  if (!reading) {
    reading = readAnew(written, book);
    if (known.size >= MOST_KNOWN) known.clear();
    known.set(written, reading);
  }
  return reading;
}

/** Readings by book and line: while a text is being typed all its other lines are read again and again. They never change. */
const readings = new WeakMap<FactBook, Map<string, LineReading>>();
const MOST_KNOWN = 3000;

function readAnew(written: string, book: FactBook): LineReading {
  const clean = written
    .replace(/[\s\u00a0\u2009\u202f]+/g, ' ')
    .trim()
    .replace(BULLET, '')
    .replace(TO_TICK, '')
    .trim()
    // "apples peeled & cored"
    .replace(/(?<=\p{L}{2}ed)\s&\s(?=\p{L}+ed\b)/giu, ' and ')
    // "plus a bit of oil": one more of the list.
    .replace(/^(?:plus|and)\s+(?=an?\s|some\s|[\d½¼¾])/i, '');
  if (clean.length > LONGEST_LINE) return unread(written);
  const brackets = takeBrackets(shorthandOut(clean));
  let text = brackets.text;
  const notes: string[] = [];
  const doubts: Doubt[] = [];

  const take = (pattern: RegExp): string | null => {
    const match = pattern.exec(text);
    if (!match) return null;
    text = tidy(text.slice(0, match.index) + text.slice(match.index + match[0].length));
    return tidy(match[1] ?? match[0]);
  };

  // "200 g or so of butter", "30-ish g sugar"
  const vaguely = /\s*,?\s*\b(?:or thereabouts|or so|give or take|more or less)\b|(?<=\d)\s?-?ish\b/i.exec(text);
  if (vaguely) text = `about ${tidy(text.replace(vaguely[0], ' '))}`;
  // "whites of two eggs", "the yolks of 3 eggs"
  const ofEgg = /^(?:the\s+)?(yolks?|whites?)\s+(?:of|from)\s+(.{1,20}?)\s+((?:small|medium|large)\s+)?eggs?$/i.exec(text);
  if (ofEgg) text = `${ofEgg[2]!} ${ofEgg[3] ?? ''}egg ${ofEgg[1]!.toLowerCase().replace(/s?$/, 's')}`;
  // "1 carrot or two"
  const orTwo = /^(an?|one|two|\d)\s+(\p{L}[\p{L}\s]{2,30}?)\s+or\s+(two|three|four|\d)$/iu.exec(text);
  if (orTwo) text = `${orTwo[1]!} to ${NUMBER_WORDS[orTwo[3]!.toLowerCase()] ?? orTwo[3]!} ${orTwo[2]!}`;
  const scanned = asMeant(text);
  ({ text } = scanned);
  for (const read of scanned.read) doubts.push({ code: 'scanned', read });
  text = text.replace(/^(\d{1,3}(?:\/\d)?)\s1b\b\.?(?=\s\p{L})/u, '$1 lb');
  const perPlate = take(
    /[,;]?\s*\b((?:per|on each|on a|for each|for every)\s+(?:plate|portion|person|head|serving|cover|guest|diner)|p\.?p\.?(?=\s*(?:$|,))|(?<=^\d{1,2}\s[^\d,]{2,30}\s)each(?=\s*$)|a (?:head|cover)(?=\s*$))(?:\b|$)/i,
  );
  if (perPlate) {
    notes.push(PER_PLATE);
    doubts.push({ code: 'per-plate' });
  }
  text = text
    .replace(
      /^(?:(\d\S*|an?|one|two|three)\s+)?thumb[- ]sized\s+(?:pieces?|knobs?|lumps?)(?:\s+of)?\b/i,
      (_, count: string | undefined) => `${count ?? '1'} thumb`,
    )
    .replace(/^(?:small|large|big|good)\s+(?=(?:bunch|handful|pinch|knob)\b)/i, '');
  const extra = take(EXTRA) ?? take(EXTRA_BIT);
  if (extra) notes.push(extra);
  const toTaste = take(TASTE) !== null || brackets.inside.some((part) => TASTE.test(part));
  if (take(OPTIONAL) !== null || brackets.inside.some((part) => OPTIONAL_ALONE.test(part))) notes.push('optional');
  // "oil for deep frying 2 l" has its amount behind the purpose.
  const aim = PURPOSE.exec(text);
  const amountBehind = aim ? /\s((?:about\s+)?\d[\d.,]*\s?\p{L}{1,6})$/u.exec(aim[0]) : null;
  if (aim && amountBehind && readAmount(amountBehind[1]!)?.unitWritten)
    text = `${amountBehind[1]!} ${text.slice(0, aim.index)}${aim[0].slice(0, amountBehind.index)}`;
  // "sea salt pinch"
  const byEye = /^(\p{L}[\p{L}\s]{2,40}?)\s+(?:an?\s+)?(pinch|handful|knob|dash|splash|drizzle|bunch)$/iu.exec(text);
  if (byEye) text = `1 ${byEye[2]!} ${byEye[1]!}`;
  const purpose = take(PURPOSE);
  if (purpose) notes.push(purpose);

  let preparation = '';
  const juice = JUICE.exec(text) ?? USED_OF.exec(text);
  if (juice) {
    preparation = juice[1]!.toLowerCase();
    text = juice[2]!;
  }

  // "a little oil", "some parsley": by eye without a figure.
  // "a few sprigs thyme": three or so of a unit that is counted.
  const few = /^(?:a few|several)\s+(?:(?:small|large|good)\s+)?(?=(\p{L}+))/iu.exec(text);
  const fewOf = few ? readAmount(`3 ${few[1]!}`) : null;
  if (fewOf?.unitWritten && unitOf(fewOf.amount.unit).dimension === 'count') text = `about 3 ${text.slice(few![0].length)}`;
  const vague =
    /^(?:a little|a few|some|a bit of|several|all of(?: the)?|all the|half (?:of )?the|both halves of the|the rest of(?: the)?|(?:the )?remaining)\s+/i.exec(
      text,
    );
  if (vague) text = text.slice(vague[0].length).replace(/^(?:grinds?|twists?|turns?)\s+of\s+/i, '');
  const begins = /^(\d+(?:[.,]\d+)?)\s*%\s*(?:of\s+)?/.exec(text);
  // "70% dark chocolate 200 g" has its amount behind it.
  const percent = begins && reverse(text) === null ? begins : null;
  if (percent) text = text.slice(percent[0].length);
  const minus = /^[-–—](?=[\d½⅓⅔¼¾])/.exec(text);
  if (minus) text = text.slice(1);
  // "pinch of salt", "bunch of chives": one of them.
  const bareUnit = /^([a-z]+)(?:\s+of)?\s/i.exec(text);
  const oneOf = bareUnit && COUNTED_BARE.test(text) ? readAmount(`1 ${text}`) : null;
  const startsPercent = begins !== null && percent === null;
  let read = vague || percent ? null : startsPercent ? reverse(text) : (readAmount(text) ?? oneOf ?? reverse(text));
  // "Butter (125 g)": the amount stands in brackets behind the name.
  const inBrackets =
    read || vague || percent || toTaste
      ? -1
      : brackets.inside.findIndex((part) => {
          const inner = readAmount(part);
          return inner !== null && (inner.unitWritten || isCountable(tidy(text), book)) && !inner.doubts.length && !tidy(inner.rest);
        });
  if (inBrackets >= 0) read = { ...readAmount(brackets.inside[inBrackets]!)!, rest: text };
  // "400 g can of beans": one can, of so much.
  const inTin =
    read?.unitWritten && unitOf(read.amount.unit).dimension !== 'count' ? /^(tin|can|jar)\s+(?:of\s+)?(?=\p{L})/iu.exec(read.rest) : null;
  if (read && inTin)
    read = {
      ...read,
      amount: amount(1, /^jar/i.test(inTin[1]!) ? 'jar' : 'tin'),
      one: read.amount,
      rest: read.rest.slice(inTin[0].length),
    };
  const reversed = read !== null && readAmount(text) === null && oneOf === null;
  if (minus) doubts.push({ code: 'dash-or-minus' });
  if (percent) doubts.push({ code: 'percent-of-what', percent: percent[1]! });
  if (read?.amount.max === '0') {
    text = read.rest;
    read = null;
  }

  const prepared: string[] = [];
  let one = read?.one ?? null;
  let oneIs: OneIs = '';
  for (const [place, part] of brackets.inside.entries()) {
    if (place === inBrackets) continue;
    const inner = readAmount(part);
    const around = inner ? tidy(inner.rest) : part;
    if (
      inner?.unitWritten &&
      // "6 (10-inch) tortillas": how large they are, and no amount of them.
      !(inner.amount.unit === 'each' && inner.size !== '') &&
      // "10 sheets filo (1 pack)" weighs nothing.
      !unitOf(inner.amount.unit).pack &&
      /^(?:each|in total|total|(?:[,;/]?\s*\d{2,4}\s?(?:g|ml|oz)\s+)?drained(?: weight)?|net|gross|per \w+|weight|(?:unpeeled|untrimmed|whole|raw)(?: weight)?|tins?|cans?|jars?|packets?)?$/i.test(
        around,
      )
    ) {
      if (read && unitOf(read.amount.unit).dimension === 'count') {
        one = /^(?:each|per \w+)$/i.test(around)
          ? { ...inner.amount }
          : weightOfOne(inner.amount, read.amount, /^(?:in )?(?:total|all)$/i.test(around));
        if (/^drained(?: weight)?$/i.test(around)) oneIs = 'drained';
        else if (/^(?:net|total|.*\d.*drained.*)$/i.test(around)) oneIs = 'gross';
        if (!/^(?:each|tins?|cans?|jars?|packets?)?$/i.test(around)) notes.push(part);
      } else if (read) {
        const doubt = disagreement(read.amount, inner.amount);
        if (doubt) doubts.push(doubt);
        notes.push(part);
      }
    } else if (/^[a-z]+ed(?:\s+and\s+[a-z]+ed)?$/i.test(part)) prepared.push(part);
    else if (!OPTIONAL_ALONE.test(part) && !TASTE.test(part)) notes.push(part);
  }

  doubts.push(...(read?.doubts ?? []));
  let rest = tidy(read ? read.rest : text);
  // The bracket stood before the unit: "1 (400 g) tin plum tomatoes" reads on as it is, since brackets were lifted out.
  const second = secondAmount(rest);
  if (second) {
    rest = tidy(second.before);
    notes.unshift(`plus ${second.amount}`);
    doubts.push({ code: 'second-amount', amount: second.amount });
  }
  const eachOf = /^each(?::\s*|\s(?:of )?)(.+)$/i.exec(rest);
  if (read && eachOf) {
    rest = eachOf[1]!;
    doubts.push({ code: 'several-items' });
  }
  // What was done stands before the noun: "peeled, cored and sliced apples".
  const listed = read ? LEADING_LIST.exec(rest) : null;
  if (listed) {
    rest = rest.slice(listed[0].length);
    prepared.push(listed[1]!.toLowerCase());
  }
  // "12 g salt 2%": its share of the base, which its amount has already.
  const share = read ? /[\s,]+\(?(\d{1,3}(?:[.,]\d{1,2})?)\s?%\)?$/.exec(rest) : null;
  if (
    share &&
    !OWN_PERCENT.test(rest.slice(0, share.index)) &&
    startsPercent === false &&
    /\p{L}{3}/u.test(rest.slice(0, share.index)) &&
    read?.unitWritten &&
    (!reversed || /[.,]/.test(share[1]!))
  ) {
    rest = rest.slice(0, share.index);
    notes.push(`${share[1]!} %`);
  }
  // "Salt, pepper" are two that are seasoned with, not a way of cutting.
  const comma = SEASONINGS.test(rest) ? null : /,\s*|\s[–—-]\s|;\s*/.exec(rest);
  let item = comma ? rest.slice(0, comma.index) : rest;
  const parts = comma ? tidy(rest.slice(comma.index + comma[0].length)).split(/,\s*/) : [];
  // "4 trout fillets, about 140 g each": what one weighs. "2 bay leaves, 4 sprigs thyme": another ingredient.
  const after = parts
    .filter((part) => {
      // "100 ml white wine, or stock": which of two things.
      const otherThing = read ? OR_OTHER.exec(part)?.[1] : undefined;
      if (otherThing) {
        notes.push(part);
        doubts.push({ code: 'which-item', one: item, other: otherThing });
        return false;
      }
      const drained = read && unitOf(read.amount.unit).pack ? /^drained(?:\s+weight)?:?\s+(.+)$/i.exec(part) : null;
      const weight = drained ? readAmount(drained[1]!) : null;
      if (weight?.unitWritten && !tidy(weight.rest)) {
        [one, oneIs] = [weight.amount, 'drained'];
        return false;
      }
      const inner = read && unitOf(read.amount.unit).dimension === 'count' ? readAmount(part) : null;
      if (!inner?.unitWritten || inner.amount.unit === 'each' || !/^(?:each|apiece|in total|total|in all)?$/i.test(tidy(inner.rest)))
        return true;
      one ??= /each|apiece/i.test(inner.rest) ? inner.amount : weightOfOne(inner.amount, read!.amount, /total|all/i.test(inner.rest));
      return false;
    })
    .join(', ');
  const another = readAmount(after);
  // "eggs, beaten with ½ cup buttermilk"
  const within = read ? WITHIN.exec(after) : null;
  if (within) doubts.push({ code: 'another-item', text: within[1]! });
  if (read && another?.unitWritten && /\p{L}{3,}/u.test(another.rest) && !CUT_TO.test(after))
    doubts.push({ code: 'another-item', text: after });
  for (const part of prepared) preparation = preparation ? `${preparation}, ${part}` : part;
  if (after) preparation = preparation ? `${preparation}, ${after}` : after;

  const fat = STATE_OF_FAT.exec(item);
  if (fat) {
    item = item.slice(fat[0].length);
    preparation = preparation ? `${fat[1]!.toLowerCase()}, ${preparation}` : fat[1]!.toLowerCase();
  }
  let stateBefore = listed?.[1] ?? '';
  if (!KEEP_GROUND.test(item)) {
    const lead = LEADING_PREP.exec(item) ?? stateOf(item, book);
    if (lead) {
      item = item.slice(lead[0].length).replace(/^weight (?:of )?/i, '');
      stateBefore = lead[1]!;
      preparation = preparation ? `${lead[1]!.toLowerCase()}, ${preparation}` : lead[1]!.toLowerCase();
    }
  }
  // "red onion cut into wedges", "garlic unpeeled": what is done stands behind the noun, without a comma.
  const done = preparation || !read ? null : DONE_BEHIND.exec(item);
  if (done && endsInFood(done[1]!, book)) {
    item = done[1]!;
    preparation = done[2]!.toLowerCase();
  }
  if (!juice && read && !read.unitWritten) {
    const trailing = TRAILING_JUICE.exec(item);
    if (trailing?.[1] && book.find(trailing[1])) {
      item = trailing[1];
      preparation = preparation ? `${trailing[2]!.toLowerCase()}, ${preparation}` : trailing[2]!.toLowerCase();
    }
  }
  // "50 g butter soft"
  const state = preparation ? null : /^(.{3,30})\s(soft|very soft|cold|warm|lukewarm|hot|frozen)$/i.exec(item);
  if (state && read && book.find(state[1]!) && !book.find(item)) [item, preparation] = [state[1]!, state[2]!.toLowerCase()];
  // "2 large or 3 small courgettes": another amount of the same.
  const orOther = read ? /^or\s+(.+)$/i.exec(item) : null;
  const other = orOther ? readAmount(orOther[1]!) : null;
  if (other) {
    notes.push(`or ${orOther![1]!}`);
    doubts.push({ code: 'which-amount', other: orOther![1]! });
    item = tidy(other.rest);
  }
  // "250 ml carton double cream": the amount is of one pack, whose name is not part of the ingredient.
  if (read?.unitWritten && unitOf(read.amount.unit).dimension !== 'count')
    item = item.replace(
      /^(?:(?:loosely |tightly |lightly |firmly )?packed(?! (?:light |dark )?(?:brown|muscovado))|(?:cartons?|tubs?|pots?|packs?|packets?|sachets?|bags?|punnets?|sacks?|nets?|crates?|tins?|cans?|jars?|bottles?|pieces?|wedges?|chunks?|slabs?)(?:\s+of)?)\s+(?=\p{L})/iu,
      '',
    );
  const alternative = /\s+or\s+(.+)$/i.exec(item);
  if (alternative) {
    notes.push(`or ${alternative[1]!}`);
    doubts.push({ code: 'which-item', one: item.slice(0, alternative.index), other: alternative[1]! });
    item = item.slice(0, alternative.index);
  }
  // "water at 35 °C": how warm it is, is no part of its name.
  const warm = /\s+((?:at\s+|@\s?)(?:about\s+)?\d{1,3}(?:\s?[-–]\s?\d{1,3})?\s?°?\s?[CF])$/i.exec(item);
  if (warm) {
    item = item.slice(0, warm.index);
    preparation = preparation ? `${warm[1]!}, ${preparation}` : warm[1]!;
  }
  // "1/2 lemon, juice of"
  preparation = preparation.replace(/^((?:juice|zest|rind|peel|grated zest)(?: (?:and|&) (?:juice|zest))?) of$/i, '$1');
  const late = /^(small|medium|large)(?:,\s*|$)/i.exec(preparation);
  const lateSize = late && !read?.size ? late[1]!.toLowerCase() : '';
  if (lateSize) preparation = preparation.slice(late![0].length);
  item = tidy(item)
    .replace(/^(?:of|the|an?)\s+/i, '')
    .replace(/\.$/, '');

  // "4 garlic cloves": the count word stands behind the item.
  let counted: Amount | null = read?.amount ?? null;
  if (read && (!read.unitWritten || read.amount.unit === 'each')) {
    const words = item.split(' ');
    const last = words.at(-1) ?? '';
    const behind =
      words.length > 1 && !/\b(?:into|in|of)\s\S+$/i.test(item)
        ? /^(cloves?|sprigs?|leaf|leaves|bulbs?|stalks?|sticks?|heads?|fillets?|slices?|spears?|ribs?|florets?|wedges?|discs?)$/i.test(last)
        : false;
    const fact = book.find(item);
    if (behind && counted && !fact?.gramsOfOne.some((entry) => entry.unit === 'each')) {
      const unit = readAmount(`1 ${last}`)!.amount.unit;
      // "vine leaves": what has leaves is known, and vine is no food.
      if (
        fact?.gramsOfOne.some((entry) => entry.unit === unit) ||
        (!fact && (!/^lea/i.test(last) || book.find(words.slice(0, -1).join(' '))))
      ) {
        counted = { ...counted, unit };
        // "vine leaves" are known by that name alone.
        const name = words.slice(0, -1).join(' ');
        if (book.find(name) || !fact) item = name;
      }
    }
  }

  // "2 cloves": the spice, not a piece of nothing.
  if (read?.unitWritten && !item && counted && itemKey(unitOf(counted.unit).many, book) === book.find(unitOf(counted.unit).many)?.name) {
    item = unitOf(counted.unit).many;
    counted = { ...counted, unit: 'each' };
  }

  // "2 eggs, yolks only"
  const only = /^eggs?$/i.test(item) ? /^(?:the\s+)?(yolks?|whites?)(?:\s+only)?$/i.exec(preparation) : null;
  if (only) {
    item = `egg ${only[1]!.toLowerCase().replace(/s?$/, 's')}`;
    preparation = '';
  }
  if (/^(?:each|total|in all|in total|whole|more|extra)$/i.test(item)) item = '';
  // Written in another script: kept as it is, for somebody who reads it.
  if (item && OTHER_SCRIPT.test(item) && !book.find(item)) doubts.push({ code: 'unreadable' });
  if (read) doubts.push(...leftIn(item, preparation, book));
  // "3 cl garlic": cloves, where what is meant has them.
  if (counted?.unit === 'cl' && book.find(item)?.gramsOfOne.some(({ unit }) => unit === 'clove')) counted = { ...counted, unit: 'clove' };
  const isSeasoning = SEASONINGS.test(item);
  const isToTaste = toTaste || (!read && isSeasoning);

  if (read && !item) doubts.push({ code: 'no-item' });
  if (isToTaste && !read && !isSeasoning && !book.find(item)?.strong) doubts.push({ code: 'no-allowance' });
  if (!read && !isToTaste && !percent) doubts.push({ code: 'no-amount', instead: vague?.[0].trim() ?? '' });
  if (!item && !read) doubts.push({ code: 'unreadable' });
  if (read && (!read.unitWritten || read.amount.unit === 'each') && item) {
    const odd = unknownUnit(item, book);
    if (odd && one && counted && unitOf(one.unit).dimension !== 'count') {
      // "two mugs of plain flour (about 250 g)": the weight is known, whatever a mug holds.
      notes.unshift(`${showAmount({ ...counted, unit: 'each' })} ${odd}`);
      const all = (of: string, times: string) => exactText(exact(of).mul(exact(times)));
      counted = { ...one, min: all(one.min, counted.min), max: all(one.max, counted.max) };
      one = null;
      item = item
        .slice(odd.length)
        .trim()
        .replace(/^of\s+/i, '');
    } else if (odd) doubts.push({ code: 'unknown-unit', word: odd });
    else if (counted?.unit === 'each' && !one && (!isCountable(item, book) || isShorthand(counted.max, item, book))) {
      doubts.push({ code: 'not-counted', count: counted.max, item });
      if (likelyGrams(counted.max, item, book)) counted = { ...counted, unit: 'g' };
    }
  }
  if (counted && exact(counted.max).compare(100000) > 0) doubts.push({ code: 'very-large' });

  const held = !item || (!read && !isToTaste) || doubts.some(holds);
  const certainty: Certainty = held ? 'held' : doubts.length > 0 ? 'doubtful' : 'sure';
  const note = notes.join('; ');
  const reading = {
    written,
    item,
    amount: isToTaste && !read ? null : counted,
    one,
    oneIs,
    size: read?.size || lateSize,
    preparation,
    note,
    extra: extra !== null,
    certainty,
    doubts,
  };
  const yields = statedYields(item, reading.amount, stateBefore, [...brackets.inside, ...preparation.split(',')], book);
  return { ...EMPTY_LINE, ...reading, yields, scaling: isToTaste && !read ? seasoningOf(item, book) : defaultScaling(reading, book) };
}

/** Allowance of seasoning set aside in an order for one portion: our own working figure, meant to be edited. */
function seasoningOf(item: string, book: FactBook): IngredientLine['scaling'] {
  if (/salt/i.test(item)) return { kind: 'toTaste', allowance: amount(2, 'g', true) };
  const isSpice = SEASONINGS.test(item) || book.find(item)?.strong;
  return { kind: 'toTaste', allowance: isSpice ? amount('1/4', 'g', true) : null };
}
