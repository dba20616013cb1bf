import { parseIngredient } from 'parse-ingredient';
import { test } from 'vitest';
import { exact, findUnit, itemKey, readLine, readRecipe } from '../src';
import { CORPUS, type ExpectedLine } from '../test/corpus/lines';
import { TEXTS } from '../test/corpus/texts';
import { compare } from '../test/corpus/compare';
import { WHOLE_TEXTS, type WholeText } from '../test/corpus/wholeTexts';
import { held } from './held';
import { medianOf, ms, timesReference } from './median';

interface Fields {
  readonly amount: string;
  readonly unit: string;
  readonly item: string;
}

type Field = keyof Fields;

/** Precision: of the fields it gave, how many are right. Recall: of the fields there are, how many it got right. */
function score(read: (line: string) => Fields, rows: readonly ExpectedLine[]): Readonly<Record<Field, string>> {
  const result = (['amount', 'unit', 'item'] as const).map((field) => {
    let given = 0;
    let wanted = 0;
    let right = 0;
    for (const row of rows) {
      const [got, want] = [read(row.written)[field], row[field]];
      const isRight = field === 'item' ? itemKey(got) === itemKey(want) : got === want;
      if (got) given += 1;
      if (want) wanted += 1;
      if (want && isRight) right += 1;
    }
    return [field, `${((100 * right) / given).toFixed(1)} % / ${((100 * right) / wanted).toFixed(1)} %`] as const;
  });
  return Object.fromEntries(result) as Record<Field, string>;
}

const ours = (line: string): Fields => {
  const { amount, item } = readLine(line);
  return { amount: amount ? (amount.min === amount.max ? amount.max : `${amount.min}-${amount.max}`) : '', unit: amount?.unit ?? '', item };
};

/** The library rounds to decimals: they are taken back to the fraction meant. */
const fraction = (value: number | null | undefined) => (value ? exact(value).simplify(0.01).toFraction() : '');

const library = (line: string): Fields => {
  const [first] = parseIngredient(line);
  if (!first) return { amount: '', unit: '', item: '' };
  const [low, high] = [fraction(first.quantity), fraction(first.quantity2)];
  const unit = first.unitOfMeasure ? (findUnit(first.unitOfMeasure)?.code ?? first.unitOfMeasure) : low ? 'each' : '';
  return { amount: high && high !== low ? `${low}-${high}` : low, unit, item: first.description };
};

/** 100 kB of what patterns go over again and again, in one line and in many. */
const HOSTILE = ['_', '* ', '|', '(a)', '1 h ', '5 min ', '180 °C ', '1/2 ', 'peeled, ', 'between 1 and ', '200 g flour\n'].flatMap(
  (unit) => {
    const of = (length: number) => `250 g ${unit.repeat(Math.ceil(length / unit.length)).slice(0, length)} !`;
    return [of(99_000), Array.from({ length: 330 }, () => of(290)).join('\n')];
  },
);

// First of all, as a page meets it that has just been opened: V8 keeps sixteen megabytes of compiled patterns, and once more than that were
// needed, as for the corpora below, it only interprets those that are new, at half the speed (decision 40).
test('reading: what was made to take long', () => {
  const worst = Math.max(...HOSTILE.map((each) => timesReference(() => readRecipe(`Title\n\n${each}`), 3)));
  // 100 ms, on the same.
  held('the slowest of 100 kB that were made to take long', worst, 22, 'times the reference');
});

test('reading: speed', () => {
  const lines = CORPUS.filter((row) => row.certainty === 'sure').map((row) => row.written);
  const text = (count: number) => `A dish\nserves 4\n${Array.from({ length: count }, (_, at) => lines[at % lines.length]).join('\n')}`;
  const [one, ten] = [medianOf(() => readRecipe(text(60)), 60), medianOf(() => readRecipe(text(600)), 20)];
  console.log(`\nReading 60 lines: ${ms(one)}. 600 lines: ${ms(ten)}, ${(ten / one).toFixed(1)} times as long.`);
  // 5 ms, on a machine where the reference takes 4.6.
  held(
    'reading 60 lines',
    timesReference(() => readRecipe(text(60)), 40),
    1.1,
    'times the reference',
  );
  console.log(`All ${TEXTS.length} texts of the corpus: ${ms(medianOf(() => TEXTS.map((each) => readRecipe(each.text)), 40))}.`);
});

test('reading: precision and recall by field, beside a general library', () => {
  console.log(`\n${CORPUS.length} lines; precision / recall`);
  console.table({ Pelvo: score(ours, CORPUS), 'parse-ingredient': score(library, CORPUS) });
  const sure = CORPUS.filter((row) => readLine(row.written).certainty === 'sure');
  console.log(`Pelvo is sure of ${sure.length} of ${CORPUS.length}; of those, by field:`);
  console.table({ 'Pelvo, when sure': score(ours, sure) });
});

test('whole texts: what of them is read as a person reads it', () => {
  const row = (texts: readonly WholeText[]) => {
    const all = texts.map(compare);
    const share = (of: (each: (typeof all)[number]) => boolean) => `${all.filter(of).length} of ${all.length}`;
    const sum = (of: (each: (typeof all)[number]) => number) => all.reduce((total, each) => total + of(each), 0);
    return {
      'all lines and nothing else': share(({ lines }) => lines),
      components: share(({ components }) => components),
      steps: share(({ steps }) => steps),
      'times and temperatures': `${sum(({ told }) => told.right)} of ${sum(({ told }) => told.of)}`,
      'fields of lines': `${((100 * sum(({ fields }) => fields.right)) / sum(({ fields }) => fields.of)).toFixed(1)} %`,
      'wrong and not asked': `${sum(({ silent }) => silent)} of ${sum(({ count }) => count)}`,
    };
  };
  console.table({ whole: row(WHOLE_TEXTS) });
});
