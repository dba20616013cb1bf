import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  EMPTY_CARD,
  newKey,
  pastedText,
  readInline,
  readTechniqueFile,
  readTechniqueMarkdown,
  techniqueFile,
  techniqueMarkdown,
  writeInline,
  type PortableTechnique,
} from '../src';

const card: PortableTechnique = {
  ...EMPTY_CARD,
  name: 'Julienne: the fine one',
  strand: 'knife',
  purpose: 'Even sticks, **not** wedges.',
  prerequisites: ['Grip; guide hand, and board', 'Hone & sharpen'],
  tools: ['chef’s knife', '* ruler'],
  minutes: { novice: 15, practised: 4 },
  aims: { introduce: 'Ten sticks: slowly.', practise: '', assess: 'Thirty in four minutes.' },
  steps: ['Square it.', '1. is not a list', 'Slice at *2 mm*.'],
  criticalPoints: [
    { text: 'The **plank** decides.' },
    { text: 'The ring is even.', under: { matter: 'plate-regularity', practice: 'ordered' } },
  ],
  passedRound: ['Two planks, one even'],
  questions: [{ ask: 'Why planks first?', answer: 'They make the stick.' }],
  cues: [{ sense: 'feel', text: 'it bends: evenly' }],
  looksWrong: [{ see: 'Half of it is trim', because: 'Round things have round sides; it goes to stock.' }],
  faults: [
    { key: 'wedge', see: 'Thick at one end', cause: 'The knife leans', correction: 'Look down on the spine', rescue: 'Use it in a stock' },
    {
      ...{ key: 'mixed', see: 'Two widths', cause: '', correction: 'Guide with the knuckle', rescue: '' },
      looksLike: { fault: 'wedge', test: 'Measure both ends: a difference there is the knife.' },
    },
  ],
  cautions: ['Round things roll: flat side first.'],
  descriptors: [{ key: 'even', name: 'Evenness', evidence: 'measured', levels: ['under half', 'half', 'eight in ten', 'nine in ten'] }],
  matters: ['named-cuts'],
  variants: [
    { key: 'stack', name: 'Stacked', text: 'Three planks *flush*.' },
    { key: 'single', name: 'One by one', text: '**Never** stack.' },
  ],
  variant: 'single',
  calculators: ['pieces'],
  ladders: ['crust', 'butter'],
  drawings: [{ kind: 'cut', of: 'julienne' }, { kind: 'guide-hand' }],
  answered: [{ hazard: 'blade', because: 'spoken in the grip lesson' }],
  words: ['julienne', 'matchstick'],
};

describe('a technique as JSON and as Markdown', () => {
  it('comes back without loss', () => {
    expect(readTechniqueFile(techniqueFile([card]))).toEqual({ techniques: [card], leftOut: [] });
    expect(readTechniqueMarkdown(techniqueMarkdown([card]))).toEqual({ techniques: [card], leftOut: [] });
    expect(readTechniqueMarkdown(techniqueMarkdown([card, { ...card, name: 'Another' }])).techniques).toHaveLength(2);
  });

  it('comes back without loss whatever is written in it', () => {
    const plain = fc
      .stringMatching(
        /^[A-Za-z0-9*_\\&#.,:;<>[\]()|~`'"°½é!+=-]([A-Za-z0-9*_\\&#.,:;<>[\]()|~`'"°½é!+= -]{0,20}[A-Za-z0-9*_\\&#.,:;<>[\]()|~`'"°½é!+=-])?$/,
      )
      .map((text) => text.replace(/ +/g, ' '));
    const rich = fc
      .array(fc.record({ text: plain, strong: fc.boolean(), emphasis: fc.boolean() }), { minLength: 1, maxLength: 3 })
      .map(writeInline);
    const some = fc.record({
      name: plain,
      purpose: rich,
      tools: fc.array(plain, { maxLength: 3 }),
      steps: fc.array(rich, { maxLength: 3 }),
      cautions: fc.array(plain, { maxLength: 2 }),
      prerequisites: fc.array(plain, { maxLength: 2 }),
      looksWrong: fc.array(fc.record({ see: plain, because: plain }), { maxLength: 2 }),
      cues: fc.array(fc.record({ sense: fc.constantFrom('see' as const, 'hear' as const, 'measure' as const), text: plain }), {
        maxLength: 2,
      }),
      variants: fc.array(fc.record({ name: plain, text: rich }), { maxLength: 2 }),
      faults: fc.array(fc.record({ see: plain, cause: plain, correction: plain, rescue: plain }), { maxLength: 2 }),
    });
    fc.assert(
      fc.property(some, (parts) => {
        const written: PortableTechnique = {
          ...EMPTY_CARD,
          ...parts,
          variants: parts.variants.map((variant, index) => ({ ...variant, key: `v${index}` })),
          faults: parts.faults.map((fault, index) => ({ ...fault, key: `f${index}` })),
        };
        expect(readTechniqueMarkdown(techniqueMarkdown([written])).techniques).toEqual([written]);
      }),
      { numRuns: 400 },
    );
  });

  it('comes from a file of before cards named their stages', () => {
    const { ladders: _, ...before } = card;
    const file = JSON.stringify({ format: 'pelvo-techniques', version: 3, techniques: [before] });
    expect(readTechniqueFile(file)!.techniques).toEqual([{ ...card, ladders: [] }]);
  });

  it('names what has no place on a card instead of dropping it', () => {
    const text =
      '# Sweat\n\nSoft, no colour.\n\n## Steps\n\n1. Warm the fat.\n\n```\ncode\n```\n\n## History\n\nLong ago.\n\n## Matters\n\n- wine\n\n## Stages\n\n- Sugar\n- glass\n';
    const { techniques, leftOut } = readTechniqueMarkdown(text);
    expect(techniques[0]).toMatchObject({ name: 'Sweat', purpose: 'Soft, no colour.', steps: ['Warm the fat.'], ladders: ['sugar'] });
    expect(leftOut).toEqual([
      'Sweat: "code"',
      'Sweat: the heading "History"',
      'Sweat: "Long ago."',
      'Sweat, Matters: "wine"',
      'Sweat, Stages: "glass"',
    ]);
  });

  it('reads what a person writes by hand', () => {
    const { techniques } = readTechniqueMarkdown(
      '# Toast seeds\n## faults\n- Black\n  - Cause: too hot\n- Black\n## CUES\n- Smell: nutty\n- a light crackle\n',
    );
    expect(techniques[0]!.faults.map(({ key }) => key)).toEqual(['black', 'black-2']);
    expect(techniques[0]!.cues).toEqual([
      { sense: 'smell', text: 'nutty' },
      { sense: 'see', text: 'a light crackle' },
    ]);
  });

  it.each([
    ['in a block of code', '# Whisk\n\n## Steps\n\n1. Read it.\n\n```\n\n# no card\n\n```\n\n## Tools\n\n- whisk\n', ['Whisk']],
    ['in a comment', '# Whisk\n\n<!-- later\n\n# Not yet\n\n-->\n\n## Tools\n\n- whisk\n', ['Whisk']],
    ['after a block of code', '# Whisk\n\n~~~\n``` still\n~~~\n\n# Fold\n\n## Tools\n\n- whisk\n', ['Whisk', 'Fold']],
    ['right below a line', '# Whisk\nTo take in air.\n# Fold\n\n## Tools\n\n- whisk\n', ['Whisk', 'Fold']],
    ['before links that are defined apart', '# Whisk\n\nSee [there][a].\n\n# Fold\n\n## Tools\n\n- whisk\n\n[a]: /x\n', ['Whisk', 'Fold']],
  ])('knows where a card begins: a # %s', (_, text, names) => {
    const { techniques } = readTechniqueMarkdown(text);
    expect(techniques.map(({ name }) => name)).toEqual(names);
    expect(techniques.at(-1)!.tools).toEqual(['whisk']);
  });

  it('is not read from a file that is something else', () => {
    expect(readTechniqueFile('{')).toBeNull();
    expect(readTechniqueFile('{"format":"pelvo-dishes"}')).toBeNull();
    expect(readTechniqueMarkdown('').techniques).toEqual([]);
    expect(readTechniqueMarkdown('just words').leftOut).toEqual(['"just words"']);
  });

  it('gives every new thing a key of its own', () => {
    expect(newKey('Crème brûlée!', [])).toBe('creme-brulee');
    expect(newKey('***', [{ key: 'item' }])).toBe('item-2');
    expect(readInline('')).toEqual([]);
  });
});

describe('text pasted from a word processor', () => {
  const word = `<html xmlns:o="urn:o"><head><style>p{color:red}</style><title>Doc</title></head><body lang=EN-GB>
    <!--StartFragment--><p class=MsoListParagraph style='mso-list:l0 level1 lfo1'><span style='mso-list:Ignore'>1.<span style='font:7.0pt "Times"'>&nbsp;&nbsp;</span></span>Square the <b style='mso-bidi-font-weight:normal'>carrot</b>.<o:p></o:p></p>
    <p class=MsoNormal><span style='font-weight:bold;color:#f00'>Two</span> planks <i>flush</i><br>then slice</p>
    <table><tr><td>Fault</td><td>Cause</td></tr><tr><td>Wedge</td><td>Knife <em>leans</em></td></tr></table>
    <p><img src="file:///c:/x.png"><img src="y"></p><p>•&nbsp; last * star</p><script>alert(1)</script><!--EndFragment--></body></html>`;

  it('gives its lines with strong and emphasis, and says what stayed behind', () => {
    expect(pastedText(word, '')).toEqual({
      lines: ['Square the **carrot**.', '**Two** planks *flush*', 'then slice', 'Fault, Cause', 'Wedge, Knife *leans*', 'last \\* star'],
      leftOut: ['2 pictures'],
    });
  });

  it('reads plain text line by line, without bullets and numbers', () => {
    expect(pastedText('', '1. Warm the fat\n\n- stir * slowly\r\n  c) rest  ').lines).toEqual(['Warm the fat', 'stir \\* slowly', 'rest']);
  });

  it('does not hang on a large or broken paste', () => {
    const huge = `${'<p><b>'.repeat(20_000)}x${'<td>'.repeat(20_000)}`;
    // Nested as no page is: the text comes along, its styles do not, and that is said.
    expect(pastedText(huge, '')).toEqual({ lines: ['x'], leftOut: [expect.stringContaining('nested too deeply')] });
    expect(pastedText('<p>'.padEnd(2_000_100, 'y'), '').leftOut).toHaveLength(1);
  });
});
