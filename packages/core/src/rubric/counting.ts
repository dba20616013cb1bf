import type { Level } from './levels';
import { notedTogether } from './noted';
import type { GivenMark, Marks, MarkValue } from './types';

/** Which of several assessors' marks on one criterion counts. */
export const COUNTING_RULES = ['newest', 'lead', 'mean'] as const;
export type CountingRule = (typeof COUNTING_RULES)[number];

export interface Counting {
  readonly rule: CountingRule;
  /** Who leads the school: where the lead's mark counts. */
  readonly leadIds: readonly string[];
}

/** As where nobody has said otherwise. */
export const NEWEST: Counting = { rule: 'newest', leadIds: [] };

/** Pieces are measured and nobody has given a level yet: kept, and no mark. */
export const isUnderWay = (value: MarkValue): boolean => value.kind === 'measured' && value.level === null;

type Said = GivenMark & { readonly value: MarkValue };

/** The judgements that stand, by criterion, the newest first; whatever was taken back or is under way does not. */
function standing(given: readonly GivenMark[]): ReadonlyMap<string, readonly Said[]> {
  const by = new Map<string, Said[]>();
  for (const mark of given) {
    if (mark.value === null || isUnderWay(mark.value)) continue;
    const own = by.get(mark.criterionKey);
    if (own) own.push(mark as Said);
    else by.set(mark.criterionKey, [mark as Said]);
  }
  for (const own of by.values()) own.sort((a, b) => b.number - a.number);
  return by;
}

/** Whose judgements make the mark of a criterion: one, or all where their mean counts. */
function counted(said: readonly Said[], { rule, leadIds }: Counting): readonly Said[] {
  // What was agreed on counts, whatever the rule.
  const agreed = said.find((mark) => mark.agreed);
  if (agreed) return [agreed];
  switch (rule) {
    case 'newest':
      return said.slice(0, 1);
    case 'lead':
      return [said.find(({ assessorId }) => leadIds.includes(assessorId)) ?? said[0]!];
    case 'mean': {
      // "Not seen" is outvoted by whoever saw it.
      const seen = said.filter(({ value }) => value.kind !== 'notSeen');
      return seen.length > 0 ? seen : said.slice(0, 1);
    }
  }
}

/** The marks in force on a dish: of each criterion the judgement that counts by the school's rule. */
export function marksInForce(given: readonly GivenMark[], counting: Counting = NEWEST): Marks {
  return Object.fromEntries([...standing(given)].map(([key, said]) => [key, together(counted(said, counting).map(({ value }) => value))]));
}

/** Keys of the criteria whose mark is what those agreed on who had marked differently. */
export const agreedInForce = (given: readonly GivenMark[]): readonly string[] =>
  [...standing(given)].flatMap(([key, said]) => (said.some((mark) => mark.agreed) ? [key] : []));

/** Who gave the marks in force, each once. */
export function assessorsInForce(given: readonly GivenMark[], counting: Counting = NEWEST): readonly string[] {
  return [
    ...new Set(
      [...standing(given).values()].flatMap((said) => {
        const counts = counted(said, counting);
        // What was agreed on is of all who judged it.
        return (counts[0]?.agreed ? said : counts).map(({ assessorId }) => assessorId);
      }),
    ),
  ];
}

/** Judgements of one's own, without what was agreed on afterwards. */
export const ownJudgements = (given: readonly GivenMark[], assessorId?: string): readonly GivenMark[] =>
  given.filter((mark) => !mark.agreed && (assessorId === undefined || mark.assessorId === assessorId));

/** Criteria on which those who judged a dish differ, with what each said, and what they agreed on, if they have. */
export interface Differing {
  readonly criterionKey: string;
  readonly said: readonly { readonly assessorId: string; readonly value: MarkValue }[];
  readonly agreed: MarkValue | null;
}

/** What a judgement comes to, apart from the faults that were noted. */
const comesTo = (value: MarkValue): string => {
  switch (value.kind) {
    case 'level':
    case 'measured':
      return `${value.kind} ${value.level ?? ''}`;
    case 'critical':
      return `critical ${value.met}`;
    case 'counted':
      return `counted ${value.count}`;
    case 'ladder':
      return `ladder ${value.stage}`;
    case 'notSeen':
      return value.kind;
  }
};

/** @returns only criteria that two or more have judged, and not alike; in the order in which they were first judged */
export function differing(given: readonly GivenMark[]): readonly Differing[] {
  return [...standing(given)].flatMap(([criterionKey, all]) => {
    const own = all.filter((mark) => !mark.agreed);
    if (new Set(own.map(({ value }) => comesTo(value))).size < 2) return [];
    const said = [...own].sort((a, b) => a.number - b.number).map(({ assessorId, value }) => ({ assessorId, value }));
    return [{ criterionKey, said, agreed: all.find((mark) => mark.agreed)?.value ?? null }];
  });
}

/**
 * Several judgements of one criterion as one: the mean of their levels or counts, to the lower where it lies between two, so that nobody is
 * marked up unseen; not met where anybody saw that it was not; the newest where no mean makes sense. Faults of all are kept.
 */
function together(values: readonly MarkValue[]): MarkValue {
  const [newest, ...older] = values as [MarkValue, ...MarkValue[]];
  if (older.length === 0 || newest.kind === 'notSeen') return newest;
  const alike = values.flatMap((value) => (value.kind === newest.kind ? [value as typeof newest] : []));
  const noted = notedTogether(alike);
  const mean = (figures: readonly number[]) => figures.reduce((sum, figure) => sum + figure, 0) / figures.length;
  const lower = (figures: readonly number[]) => Math.ceil(mean(figures) - 0.5) as Level;
  switch (newest.kind) {
    case 'level':
      return { ...newest, level: lower(alike.map((value) => (value.kind === 'level' ? value.level : 1))), ...noted };
    case 'measured':
      return { ...newest, level: lower(alike.map((value) => (value.kind === 'measured' ? (value.level ?? 1) : 1))), ...noted };
    case 'counted':
      return { ...newest, count: Math.round(mean(alike.map((value) => (value.kind === 'counted' ? value.count : 0)))), ...noted };
    case 'critical': {
      const met = alike.every((value) => value.kind === 'critical' && value.met);
      return met ? { kind: 'critical', met, faults: [] } : { ...newest, met, ...noted };
    }
    case 'ladder':
      return { ...newest, ...noted };
  }
}

/** Rules in words. */
/** What is said of such a criterion, to its student too. */
export const AGREED_SAYS = 'Agreed on by those who marked it.';

export const COUNTING_SAYS: Readonly<Record<CountingRule, string>> = {
  newest: 'the newest counts',
  lead: 'the lead’s counts, else the newest',
  mean: 'the mean of their levels counts, the lower where it lies between two',
};
