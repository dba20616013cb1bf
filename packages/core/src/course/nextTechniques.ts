import { opens, type Purpose } from '../technique';
import type { Said } from '../words';
import { studentCoverage, type CourseFacts, type StudentStage } from './coverage';

/** A technique a class could take up next. */
export interface NextTechnique {
  readonly techniqueId: string;
  readonly purpose: Purpose;
  /** Students who are ready for it. */
  readonly ready: number;
  /** Ids of those who are not. */
  readonly notReady: readonly string[];
  /** Why, the weightiest reason first. */
  readonly because: readonly Said[];
}

/** Practised this often by most, a technique can be assessed: "introduced once, practised several times, then assessed". */
export const PRACTISED_ENOUGH = 2;

const DAY = 86_400_000;

interface Standing {
  readonly id: string;
  readonly coverage: ReadonlyMap<string, StudentStage>;
}

/**
 * Good next techniques for a class: what most of it is ready for and no later lesson is planned to take up. Ranked by
 * the share of the class that is ready; then practice that has waited long, and introductions that open more techniques
 * and that a dish of the school carries, come first.
 *
 * @param upTo - ISO date from which one plans on
 * @param dishes - how many dishes exercise each technique
 */
export function nextTechniques(
  facts: CourseFacts,
  upTo: string,
  dishes: ReadonlyMap<string, number> = new Map(),
): readonly NextTechnique[] {
  if (facts.students.length === 0) return [];
  const planned = new Set(facts.lessons.filter(({ date }) => date > upTo).flatMap(({ techniques }) => techniques.map(({ id }) => id)));
  const standing = facts.students.map(({ id }) => ({ id, coverage: studentCoverage(id, facts.lessons, upTo) }));
  const names = new Map(facts.techniques.map(({ id, name }) => [id, name]));
  const opened = opens(facts.prerequisites);
  const found: { next: NextTechnique; score: number }[] = [];
  for (const { id } of facts.techniques) {
    if (planned.has(id)) continue;
    const carriers = dishes.get(id) ?? 0;
    const carried: readonly Said[] = carriers === 0 ? [] : [{ code: 'dishes-carry', count: carriers }];
    const stages = standing.map(({ coverage }) => coverage.get(id)).filter((stage) => stage !== undefined);
    const all = standing.length;
    if (stages.length * 2 > all) {
      if (stages.filter(({ stage }) => stage === 'assessed').length * 2 > all) continue;
      const enough = stages.filter(({ practised }) => practised >= PRACTISED_ENOUGH);
      const assess = enough.length * 2 > all;
      const ready = assess ? enough.length : stages.length;
      const days = Math.round((Date.parse(upTo) - Math.max(...stages.map(({ last }) => Date.parse(last)))) / DAY);
      found.push({
        next: {
          techniqueId: id,
          purpose: assess ? 'assess' : 'practise',
          ready,
          notReady: standing
            .filter(({ coverage }) => (coverage.get(id)?.practised ?? -1) < (assess ? PRACTISED_ENOUGH : 0))
            .map((each) => each.id),
          because: [
            assess
              ? { code: 'practised-enough', times: PRACTISED_ENOUGH, by: ready, of: all }
              : { code: 'met-by', by: ready, of: all, practised: practisedBy(stages) },
            { code: 'last-taken-up', days },
            ...carried,
          ],
        },
        score: (ready / all) * (1 + Math.min(days / 28, 1)),
      });
      continue;
    }
    const needed = facts.prerequisites.get(id) ?? [];
    const readyFor = (student: Standing) => needed.every((each) => student.coverage.has(each));
    const ready = standing.filter(readyFor).length;
    if (ready === 0) continue;
    const more = opened.get(id)?.length ?? 0;
    found.push({
      next: {
        techniqueId: id,
        purpose: 'introduce',
        ready,
        notReady: standing.filter((student) => !readyFor(student)).map((each) => each.id),
        because: [
          needed.length === 0
            ? { code: 'nothing-first' }
            : { code: 'learned-first', names: needed.map((each) => names.get(each) ?? null), by: ready, of: all },
          ...(more === 0 ? [] : [{ code: 'leads-to' as const, count: more }]),
          ...carried,
        ],
      },
      score: (ready / all) * (1 + Math.min(more / 5, 0.6) + (needed.length > 0 ? 0.2 : 0) + (carriers > 0 ? 0.2 : 0)),
    });
  }
  return found.sort((a, b) => b.score - a.score).map(({ next }) => next);
}

const practisedBy = (stages: readonly StudentStage[]): number => stages.filter(({ practised }) => practised > 0).length;
