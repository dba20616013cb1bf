import { exact, heatsIn, plain, readRecipe, timesIn, unitOf, type LineReading, type RecipeReading } from '../../src';
import type { WholeText } from './wholeTexts';

/** One line of a text as it was read by hand. */
interface Marked {
  readonly role: string;
  readonly text: string;
  readonly means: string;
}

function markedLines({ marked }: WholeText): readonly (Marked | null)[] {
  return marked
    .replace(/^\n/, '')
    .split('\n')
    .map((row) => {
      if (!row.trim()) return null;
      const [, role = '', rest = ''] = /^([a-z]+=?)\s*\| ?(.*)$/.exec(row) ?? [];
      const [text = '', means = ''] = rest.split(' => ');
      return { role, text, means: means.trim() };
    });
}

/** The text as it would be pasted. */
export const pasted = (whole: WholeText): string =>
  markedLines(whole)
    .map((line) => line?.text ?? '')
    .join('\n');

interface Wanted {
  readonly title: string;
  readonly yields: string[];
  readonly components: string[];
  readonly lines: { readonly written: string; readonly means: string; readonly component: string }[];
  readonly steps: { readonly text: string; readonly means: string }[];
  readonly tools: number;
}

function wantedOf(whole: WholeText): Wanted {
  const wanted = {
    title: '',
    yields: [] as string[],
    components: [] as string[],
    lines: [] as { written: string; means: string; component: string }[],
    steps: [] as { text: string; means: string }[],
    tools: 0,
  };
  let component = '';
  let last: 'line' | 'step' | null = null;
  for (const each of markedLines(whole)) {
    if (!each) continue;
    const { role, text, means } = each;
    if (role === 'title') wanted.title = text;
    if (means && (role === 'yield' || role === 'title')) wanted.yields.push(means);
    if (role === 'comp') {
      component = text;
      if (!wanted.components.some((known) => nameOf(known) === nameOf(text))) wanted.components.push(text);
    }
    if (role === 'ingr' || role === 'method') component = '';
    if (role === 'line') wanted.lines.push({ written: text, means, component });
    if (role === 'step') wanted.steps.push({ text, means });
    if (role === 'tool') wanted.tools += 1;
    if (role === 'more') {
      if (last === 'line') {
        const line = wanted.lines.pop()!;
        wanted.lines.push({ ...line, written: `${line.written.replace(/-$/, '')}${text}` });
      }
      if (last === 'step') {
        const step = wanted.steps.pop()!;
        wanted.steps.push({ text: `${step.text} ${text}`, means: [step.means, means].filter(Boolean).join(' ') });
      }
    } else last = role === 'line' || role === 'step' ? role : null;
  }
  return wanted;
}

const nameOf = (text: string): string =>
  plain(text.replace(/\s*\(.*$/, ''))
    .replace(/^#+\s*/, '')
    .replace(/^(?:part \d+:?|[a-h]|\d)\s+/i, '')
    .replace(/^(?:for|to make) (?:the )?/, '')
    .replace(/\s*\(.*$/, '')
    .replace(/[:#*]/g, '')
    .trim();

const letters = (text: string): string => plain(text).replace(/[^\p{L}\d]/gu, '');

/** Times and temperatures as the hand has written them: `5m 15-20m 180C`. */
function toldOf(text: string): string[] {
  const minutes = timesIn(text)
    .filter(({ most }) => most !== 720)
    .map(({ least, most }) => `${round(least)}-${round(most)}`);
  const heats = heatsIn(text).flatMap(({ ways }) =>
    ways.filter(({ scale }) => scale !== 'gas').map(({ most, scale }) => `${most}${scale}`),
  );
  return [...minutes, ...heats].sort();
}
const round = (value: number): number => Math.round(value * 60);

function meantBy(means: string): string[] {
  return means
    .split(' ')
    .filter(Boolean)
    .map((word) => {
      const heat = /^(-?\d+)([CF])$/.exec(word);
      if (heat) return word;
      const hm = /^(\d+)h(\d+)m$/.exec(word);
      if (hm) return `${(Number(hm[1]) * 60 + Number(hm[2])) * 60}-${(Number(hm[1]) * 60 + Number(hm[2])) * 60}`;
      const [, low = '', high, unit = ''] = /^([\d.]+)(?:-([\d.]+))?([smhd])$/.exec(word)!;
      const per = { s: 1, m: 60, h: 3600, d: 86_400 }[unit as 's'];
      return `${Math.round(Number(low) * per)}-${Math.round(Number(high ?? low) * per)}`;
    })
    .sort();
}

/** The fields of a line that were read right, of those that are wanted: amount, unit, item and, where it is said, preparation. */
export function fieldsRight(read: LineReading, means: string): { readonly right: number; readonly of: number; readonly wrong: string } {
  const [amount = '', item = '', preparation] = means.split('|').map((part) => part.trim());
  const got = read.amount
    ? read.amount.min === read.amount.max
      ? `${decimal(read.amount.max)}${unitOf(read.amount.unit).code === 'each' ? '' : ` ${read.amount.unit}`}`
      : `${decimal(read.amount.min)}-${decimal(read.amount.max)}${read.amount.unit === 'each' ? '' : ` ${read.amount.unit}`}`
    : read.scaling.kind === 'toTaste'
      ? 'to taste'
      : '?';
  const wanted = amount
    .replace(/\b(?:cups?)\b/, 'cup')
    .replace(/\b(sprig|clove|stick|bunch|handful|sheet|knob|pinch|leave|head|tin|strip|drop)(?:e?s)\b/, '$1')
    .replace(/\bleave\b/, 'leaf')
    .replace(/^(\d+)\/(\d+)/, (_, a: string, b: string) => String(Math.round((Number(a) / Number(b)) * 1000) / 1000));
  const asked = read.certainty === 'held';
  const amountRight = wanted === '?' ? asked || got === '?' : got === wanted;
  const itemRight = letters(read.item) === letters(item);
  const checks: (readonly [boolean, string])[] = [
    [amountRight, `amount ${got} for ${wanted}`],
    [itemRight, `item "${read.item}" for "${item}"`],
  ];
  if (preparation)
    checks.push([letters(read.preparation) === letters(preparation), `preparation "${read.preparation}" for "${preparation}"`]);
  return {
    right: checks.filter(([ok]) => ok).length,
    of: checks.length,
    wrong: checks
      .filter(([ok]) => !ok)
      .map(([, what]) => what)
      .join('; '),
  };
}

const decimal = (value: string): string => String(Math.round(exact(value).valueOf() * 1000) / 1000);

export interface Compared {
  readonly manner: string;
  readonly title: boolean;
  readonly yields: boolean;
  readonly components: boolean;
  /** Every line found, and nothing else taken for one. */
  readonly lines: boolean;
  readonly underRight: boolean;
  readonly steps: boolean;
  readonly told: { readonly right: number; readonly of: number };
  readonly fields: { readonly right: number; readonly of: number };
  /** Lines that are called sure and are wrong. */
  readonly silent: number;
  readonly count: number;
  readonly wrong: readonly string[];
}

/** A line of ingredients as it stood in the text, with the lines it went on in. */
function writtenOf(read: RecipeReading, component: number, index: number): string {
  const at = read.places.findIndex((place) => place.role === 'line' && place.component === component && place.index === index);
  const after = read.places.slice(at + 1);
  const ends = after.findIndex(({ role }) => role !== 'more');
  return [read.places[at]!, ...after.slice(0, ends < 0 ? after.length : ends)].map(({ written }) => written).join(' ');
}

/** A whole text as it was read, held against how a person reads it. */
export function compare(whole: WholeText): Compared {
  const wanted = wantedOf(whole);
  const read: RecipeReading = readRecipe(pasted(whole));
  const wrong: string[] = [];
  const check = (ok: boolean, what: string) => {
    if (!ok) wrong.push(what);
    return ok;
  };
  const got = read.components.flatMap((component, at) =>
    component.lines
      // What is told in a step has no line of its own.
      .filter(({ doubts }) => !doubts.some(({ code }) => code === 'told-in-step'))
      .map((line, index) => ({ line, component: component.name, written: writtenOf(read, at, index) })),
  );
  const wantedLines = wanted.lines.map(({ written }) => letters(written));
  const gotLines = got.map(({ written }) => letters(written));
  const same = (a: string, b: string) => a === b || [...a].sort().join('') === [...b].sort().join('');
  const missing = wanted.lines.filter(({ written }) => !gotLines.some((each) => same(each, letters(written))));
  const extra = got.filter(({ written }) => !wantedLines.some((each) => same(each, letters(written))));
  const lines = check(
    missing.length === 0 && extra.length === 0,
    `lines missing: ${missing.map(({ written }) => written).join(' / ')}; taken: ${extra.map(({ written }) => written).join(' / ')}`,
  );
  let [right, of, silent] = [0, 0, 0];
  let underRight = true;
  for (const each of wanted.lines) {
    const found = got.find(({ written }) => same(letters(written), letters(each.written)));
    if (!found) {
      of += 2;
      continue;
    }
    const fields = fieldsRight(found.line, each.means);
    right += fields.right;
    of += fields.of;
    if (fields.right < fields.of) {
      wrong.push(`${found.line.certainty}: "${each.written}": ${fields.wrong}`);
      if (found.line.certainty === 'sure') silent += 1;
    }
    if (nameOf(found.component) !== nameOf(each.component)) {
      underRight = false;
      wrong.push(`"${each.written}" under "${found.component}", not "${each.component}"`);
    }
  }
  const names = read.components.filter(({ name }) => name).map(({ name }) => nameOf(name));
  const wantedNames = wanted.components.map(nameOf);
  const components = check(
    JSON.stringify(names) === JSON.stringify(wantedNames),
    `components ${JSON.stringify(names)} for ${JSON.stringify(wantedNames)}`,
  );
  const gotSteps = read.method.map(({ text }) => letters(text.replace(/\*\*/g, '')));
  const wantedSteps = wanted.steps.map(({ text }) =>
    letters(
      text
        .replace(/\*\*/g, '')
        .replace(/^\s*(?:step\s*)?(?:\d{1,2}|[a-h])\s*[.):]?\s+(?=\S)/i, '')
        .replace(/^[-–•]\s*/, ''),
    ),
  );
  const steps = check(
    JSON.stringify(gotSteps) === JSON.stringify(wantedSteps),
    `steps missing: ${wanted.steps
      .filter((_, index) => !gotSteps.includes(wantedSteps[index]!))
      .map(({ text }) => text)
      .join(' / ')}; taken: ${read.method
      .filter((_, index) => !wantedSteps.includes(gotSteps[index]!))
      .map(({ text }) => text)
      .join(' / ')}`,
  );
  let [toldRight, toldOfAll] = [0, 0];
  for (const { text, means } of wanted.steps) {
    toldOfAll += 1;
    const [a, b] = [toldOf(text.replace(/\*\*/g, '')), meantBy(means)];
    if (check(JSON.stringify(a) === JSON.stringify(b), `told ${JSON.stringify(a)} for ${JSON.stringify(b)} in "${text}"`)) toldRight += 1;
  }
  const yields = check(
    wanted.yields.every((each) =>
      each.startsWith('portions')
        ? read.portions === Number(each.split(' ')[1])
        : read.gives !== null && `${decimal(read.gives.max)} ${read.gives.unit}` === each.replace('gives ', ''),
    ),
    `yields ${read.portions} ${JSON.stringify(read.gives)} for ${wanted.yields.join()}`,
  );
  const title = check(
    letters(read.title) === letters(wanted.title.replace(/\s*\(Serves.*/, '').replace(/^Dish: /, '')),
    `title "${read.title}" for "${wanted.title}"`,
  );
  return {
    manner: whole.manner,
    title,
    yields,
    components,
    lines,
    underRight,
    steps,
    told: { right: toldRight, of: toldOfAll },
    fields: { right, of },
    silent,
    count: wanted.lines.length,
    wrong,
  };
}
