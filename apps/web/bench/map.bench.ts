import ELK from 'elkjs/lib/elk.bundled.js';
import { test } from 'vitest';
import { assessedTooEarly, classCoverage, nextTechniques, PURPOSES, STRANDS, type CourseFacts } from '@pelvo/core';
import { layOut, type MapTechnique } from '../src/progress/mapLayout';

/** Techniques in three strands, each on one or two before it. */
const graph = (count: number): readonly MapTechnique[] =>
  Array.from({ length: count }, (_, index) => ({
    id: `t${index}`,
    name: `Technique ${index}`,
    strand: STRANDS[index % 3]!,
    prerequisites: index < 3 ? [] : [...new Set([`t${index - 3 * (1 + (index % 4))}`, `t${index - 1}`])].filter((id) => !id.includes('-')),
  }));

/** A class of 24 with 40 lessons of six techniques each. */
function courseOf(techniques: readonly MapTechnique[]): CourseFacts {
  return {
    students: Array.from({ length: 24 }, (_, index) => ({ id: `s${index}`, name: `Student ${index}` })),
    techniques,
    prerequisites: new Map(techniques.map(({ id, prerequisites }) => [id, prerequisites])),
    lessons: Array.from({ length: 40 }, (_, index) => ({
      id: `l${index}`,
      title: `Lesson ${index}`,
      date: new Date(Date.UTC(2026, 8, 1 + index * 3)).toISOString().slice(0, 10),
      techniques: Array.from({ length: 6 }, (_, at) => ({
        id: techniques[(index * 6 + at * 5) % techniques.length]!.id,
        purpose: PURPOSES[(index + at) % 3]!,
      })),
      inPassing: [techniques[index % techniques.length]!.id],
      absent: [`s${index % 24}`],
    })),
  };
}

async function timed(work: () => unknown): Promise<number> {
  const times: number[] = [];
  for (let run = 0; run < 5; run += 1) {
    const start = performance.now();
    await work();
    times.push(performance.now() - start);
  }
  return times.sort((a, b) => a - b)[2]!;
}

test('the map: speed', async () => {
  const elk = new ELK();
  const [sixty, many] = [graph(60), graph(500)];
  const [small, large] = [await timed(() => layOut(elk, sixty, 1.8)), await timed(() => layOut(elk, many, 1.8))];
  console.log(
    `\nLaying out 60 techniques: ${small.toFixed(0)} ms; 500: ${large.toFixed(0)} ms, ${(large / small).toFixed(1)} times as long.`,
  );
  const stand = (facts: CourseFacts) =>
    timed(() => [classCoverage(facts, '2026-12-01'), nextTechniques(facts, '2026-12-01'), assessedTooEarly(facts)]);
  const [few, lots] = [await stand(courseOf(sixty)), await stand(courseOf(many))];
  console.log(
    `Where 24 students stand after 40 lessons, with all lists: 60 techniques ${few.toFixed(1)} ms; 500: ${lots.toFixed(1)} ms, ${(lots / few).toFixed(1)} times as long.`,
  );
});
