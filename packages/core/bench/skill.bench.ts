import { expect, test } from 'vitest';
import { estimateSkill, type EvidenceKind, type SkillSign } from '../src';
import { held } from './held';

/** Mulberry32: chance that is the same at every run. */
function chance(begin: number): () => number {
  let state = begin;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4_294_967_296;
  };
}

interface Manner {
  readonly name: string;
  /** Levels a week that a student gains, and how unevenly. */
  readonly gains: number;
  readonly unevenly: number;
  /** How far a judgement lies off, in levels. */
  readonly off: number;
  readonly evidence: readonly EvidenceKind[];
}

/** Students who differ from what the model takes them for: learning steadily, standing still, forgetting, judged roughly. */
const MANNERS: readonly Manner[] = [
  { name: 'learn steadily', gains: 0.08, unevenly: 0.1, off: 0.6, evidence: ['seen'] },
  { name: 'stand still', gains: 0, unevenly: 0.03, off: 0.6, evidence: ['seen', 'tasted'] },
  { name: 'go up and down', gains: 0, unevenly: 0.2, off: 0.5, evidence: ['seen'] },
  { name: 'are measured now and then', gains: 0.05, unevenly: 0.12, off: 0.6, evidence: ['seen', 'seen', 'measured'] },
  { name: 'are judged roughly', gains: 0.05, unevenly: 0.1, off: 0.9, evidence: ['tasted'] },
];

/** Root mean square error of three ways to say where a student stands, at every judgement from the third on. */
function errors({ gains, unevenly, off, evidence }: Manner, begin: number) {
  const random = chance(begin);
  const normal = () => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
  const sums = { model: 0, last: 0, mean: 0 };
  let said = 0;
  for (let student = 0; student < 400; student += 1) {
    let stands = 2 + 0.6 * normal();
    const signs: SkillSign[] = [];
    for (let day = 0, at = 0; at < 12; at += 1) {
      const days = 3 + Math.floor(random() * 14);
      day += days;
      stands = Math.min(4, Math.max(1, stands + (gains * days) / 7 + unevenly * Math.sqrt(days / 7) * normal()));
      const kind = evidence[at % evidence.length]!;
      const level = Math.min(4, Math.max(1, Math.round(stands + (kind === 'measured' ? 0.35 : off) * normal())));
      signs.push({ day, level, evidence: kind, sharedBy: 1 });
      if (at < 2) continue;
      const mean = signs.reduce((sum, sign) => sum + sign.level, 0) / signs.length;
      sums.model += (estimateSkill(signs, day)!.level - stands) ** 2;
      sums.last += (level - stands) ** 2;
      sums.mean += (mean - stands) ** 2;
      said += 1;
    }
  }
  return { model: Math.sqrt(sums.model / said), last: Math.sqrt(sums.last / said), mean: Math.sqrt(sums.mean / said) };
}

test('where a simulated student stands, against the last mark and the mean', () => {
  const all = MANNERS.map((manner, index) => ({ ...manner, ...errors(manner, 20_261_127 + index) }));
  for (const { name, model, last, mean } of all)
    console.log(`students who ${name}: model ${model.toFixed(3)}, last mark ${last.toFixed(3)}, mean ${mean.toFixed(3)} levels off`);
  const total = (of: 'model' | 'last' | 'mean') => Math.sqrt(all.reduce((sum, each) => sum + each[of] ** 2, 0) / all.length);
  held(
    'the model against the better of last mark and mean, over all',
    total('model') / Math.min(total('last'), total('mean')),
    0.95,
    'times',
  );
  // Nowhere much worse than what is best there.
  held(
    'the model against the better of them, where it does worst',
    Math.max(...all.map(({ model, last, mean }) => model / Math.min(last, mean))),
    1.15,
    'times',
  );
  expect(all).toHaveLength(MANNERS.length);
});
