import { describe, expect, it } from 'vitest';
import {
  computeResult,
  lookAlike,
  marksInForce,
  NEWEST,
  notedOf,
  touchFault,
  withNote,
  type GivenMark,
  type Marks,
  type MarkValue,
  type RubricContent,
} from '../src';

const DUCK = [
  { name: 'Cabbage', techniques: ['Sweat', 'Braise'] },
  { name: 'Sauce', techniques: ['Reduce', 'Sweat'] },
];
const pale = { key: 'pale', technique: 'Braise' };
const NOTHING = { faults: [] };

describe('where a fault sits', () => {
  it('is said by itself where one component alone exercises its technique', () => {
    expect(touchFault(NOTHING, pale, DUCK)).toEqual({ faults: ['pale'], notes: { pale: { place: 'Cabbage' } } });
  });

  it('is left open where several do, none does, or the dish is of one piece', () => {
    expect(touchFault(NOTHING, { key: 'raw', technique: 'Sweat' }, DUCK)).toEqual({ faults: ['raw'] });
    expect(touchFault(NOTHING, { key: 'flat', technique: 'Season' }, DUCK)).toEqual({ faults: ['flat'] });
    expect(touchFault(NOTHING, pale, DUCK.slice(0, 1))).toEqual({ faults: ['pale'] });
    // What is of no named component exercises it, too, or alone.
    for (const named of [DUCK, DUCK.slice(1)])
      expect(touchFault(NOTHING, pale, [...named, { name: '', techniques: ['Braise'] }])).toEqual({ faults: ['pale'] });
  });

  it('goes with the fault that is taken back, and nothing else does', () => {
    const both = withNote(touchFault(touchFault(NOTHING, pale, DUCK), { key: 'raw', technique: 'Sweat' }, DUCK), 'raw', { place: 'Sauce' });
    expect(both.notes).toEqual({ pale: { place: 'Cabbage' }, raw: { place: 'Sauce' } });
    expect(touchFault(both, pale, DUCK)).toEqual({ faults: ['raw'], notes: { raw: { place: 'Sauce' } } });
  });

  it('is taken back by saying nothing, and leaves own words alone', () => {
    const said = withNote(withNote({ faults: ['pale'] }, 'pale', { place: 'Sauce' }), 'pale', { nextTime: 'Hotter' });
    expect(withNote(said, 'pale', { place: '' })).toEqual({ faults: ['pale'], notes: { pale: { nextTime: 'Hotter' } } });
    expect(withNote({ faults: ['pale'] }, 'pale', { place: '' })).toEqual({ faults: ['pale'] });
  });
});

const RUBRIC: RubricContent = {
  name: 'Dish',
  strandWeights: { knife: 0, cooking: 1, plating: 0, process: 0 },
  levelShares: [0.25, 0.5, 0.75, 1],
  passAt: 3,
  criteria: [
    {
      kind: 'levels',
      key: 'colour',
      name: 'Colour',
      strand: 'cooking',
      evidence: 'seen',
      weight: 1,
      descriptors: ['none', 'some', 'most', 'all'],
      faults: [{ ...pale, see: 'Pale', cause: 'Wet', correction: 'Dry it', rescue: '' }],
    },
  ],
};
const noted = (level: 1 | 2, note?: { place?: string; nextTime?: string }): MarkValue => ({
  kind: 'level',
  level,
  faults: ['pale'],
  ...(note ? { notes: { pale: note } } : {}),
});
const remarkOf = (marks: Marks) => computeResult(RUBRIC, marks).remarks[0]!;

describe('faults that look alike', () => {
  const fault = (key: string, technique: string, looksLike?: { fault: string; test: string }) => ({
    ...{ key, technique, see: key, cause: '', correction: '', rescue: '' },
    ...(looksLike ? { looksLike } : {}),
  });
  const over = fault('over', 'Bread', { fault: 'under', test: 'Press it' });
  const under = fault('under', 'Bread');

  it('find each other, whichever of them says so', () => {
    expect(lookAlike(over, [over, under])).toEqual({ other: under, test: 'Press it' });
    expect(lookAlike(under, [over, under])).toEqual({ other: over, test: 'Press it' });
  });

  it('are of one technique, and both among what is noted here', () => {
    expect(lookAlike(over, [over, fault('under', 'Cake')])).toBeNull();
    expect(lookAlike(over, [over])).toBeNull();
    expect(lookAlike(under, [under, fault('third', 'Bread')])).toBeNull();
  });
});

describe('a remark', () => {
  it('says where the fault sits, with the card’s words or the assessor’s own', () => {
    expect(remarkOf({ colour: noted(2) })).toMatchObject({ see: 'Pale', place: '', cause: 'Wet', correction: 'Dry it' });
    expect(remarkOf({ colour: noted(2, { place: 'Cabbage', nextTime: 'Salt it an hour before' }) })).toMatchObject({
      ...{ see: 'Pale', place: 'Cabbage', cause: 'Wet', correction: 'Salt it an hour before' },
    });
  });

  it('takes of two assessors whose mean counts the newest that says where, and how', () => {
    const given: GivenMark[] = [
      { assessorId: 'a', criterionKey: 'colour', value: noted(1, { place: 'Sauce', nextTime: 'Hotter' }), number: 1 },
      { assessorId: 'b', criterionKey: 'colour', value: noted(2, { place: 'Cabbage' }), number: 2 },
    ];
    const marks = marksInForce(given, { ...NEWEST, rule: 'mean' });
    expect(marks.colour).toEqual({ kind: 'level', level: 1, faults: ['pale'], notes: { pale: { place: 'Cabbage', nextTime: 'Hotter' } } });
    expect(notedOf(marks.colour as never)).toEqual({ faults: ['pale'], notes: { pale: { place: 'Cabbage', nextTime: 'Hotter' } } });
  });
});
