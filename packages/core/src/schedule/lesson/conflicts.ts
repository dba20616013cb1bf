import type { PlanFault } from '../checkPlan';
import type { Said } from '../../words';
import { ovensOf, type ClassProblem } from './classProblem';
import type { Kitchen } from '../../kitchen';
import { shortened } from '../../text';

/** Something that does not hold, in the instructor's words, and the steps it is about. */
export interface Conflict {
  readonly steps: readonly string[];
  readonly minute: number | null;
  readonly said: Said;
}

/** Without its full stop, since the sentence goes on behind it. */
const quoted = (text = ''): string => shortened(text.replace(/[.\s]+$/, ''), 48);

/** A step as it is spoken of: who, and what. */
export function nameOfStep({ meaning, teams }: Pick<ClassProblem, 'meaning' | 'teams'>, id: string): string {
  const about = meaning.get(id);
  if (!about) return 'a step that is gone';
  const team = teams.find((each) => each.id === about.team)?.name;
  const what = {
    briefing: 'briefing',
    demonstration: 'demonstration',
    'clean-down': 'cleaning down',
    tasting: 'tasting and marking',
    'warm-up': `heating up for "${quoted(about.work?.text)}"`,
    work: `"${quoted(about.work?.text)}"`,
  }[about.kind];
  return team ? `${team}: ${what}` : what;
}

/** A thing of the kitchen as it is spoken of. */
export function nameOfThing(id: string, { teams }: Pick<ClassProblem, 'teams'>, kitchen: Kitchen, borrowedOvens = 0): string {
  const [kind, team] = [id.slice(0, id.indexOf('.')), teams.find((each) => id.endsWith(`.${each.id}`))?.name];
  if (team) return kind === 'hands' ? `the hands of ${team}` : `the burners of ${team}`;
  if (id === 'assessor') return 'the assessor';
  if (id.startsWith('block-')) return `the burners of ${kitchen.stationsABlock > 1 ? 'block' : 'station'} ${id.slice('block-'.length)}`;
  const oven = ovensOf(kitchen, borrowedOvens).find((each) => each.id === id)?.name;
  return oven ?? `the ${id.replace('-', ' ')}`;
}

/** What the check of a plan found, put so that an instructor can act on it; one entry for what is one thing. */
export function conflictsOf(
  problem: Pick<ClassProblem, 'meaning' | 'teams'>,
  faults: readonly PlanFault[],
  kitchen: Kitchen,
  borrowedOvens = 0,
): readonly Conflict[] {
  const names = (steps: readonly string[]) => steps.map((id) => nameOfStep(problem, id));
  const missing = faults.filter(({ kind }) => kind === 'start-missing' || kind === 'uses-missing');
  const found: Conflict[] = [];
  const waiting = [...new Set(missing.flatMap(({ steps }) => steps))];
  if (waiting.length > 0)
    found.push({
      steps: waiting,
      minute: null,
      said: { code: 'time.not-placed', count: waiting.length, first: names(waiting.slice(0, 1))[0]! },
    });
  for (const { kind, steps, resource, minute, found: is, wanted } of faults) {
    const thing = resource === null ? '' : nameOfThing(resource, problem, kitchen, borrowedOvens);
    const add = (said: Said) => void found.push({ steps, minute, said });
    const [first = '', second = ''] = names(steps);
    switch (kind) {
      case 'start-missing':
      case 'uses-missing':
        break;
      case 'start-not-whole':
      case 'outside-session':
        add({ code: 'time.outside', step: first });
        break;
      case 'too-early':
        add({ code: 'time.too-early', step: first, by: wanted! - is! });
        break;
      case 'too-late':
        add({ code: 'time.too-late', step: first, by: is! - wanted! });
        break;
      case 'not-at-fixed-start':
        add({ code: 'time.not-at-pin', step: first });
        break;
      case 'wait-too-short':
        add(
          is! < 0
            ? { code: 'time.before-done', step: second, before: first }
            : { code: 'time.wait-short', step: second, before: first, is: is!, least: wanted! },
        );
        break;
      case 'wait-too-long':
        add({ code: 'time.wait-long', step: second, before: first, is: is!, most: wanted! });
        break;
      case 'resource-not-offered':
        add({ code: 'time.not-there', step: first, thing: thing || 'what it needs' });
        break;
      case 'heat-not-offered':
        add({ code: 'time.not-so-hot', step: first, thing, celsius: is! });
        break;
      case 'over-capacity':
        add({ code: 'time.too-many', thing, wanted: is!, has: wanted!, steps: names(steps) });
        break;
      case 'two-heats':
        add({ code: 'time.two-heats', thing, first, second, celsius: wanted!, other: is! });
        break;
      case 'no-time-to-change':
        add({ code: 'time.no-change', thing, first, second, gap: is!, needs: wanted! });
        break;
      case 'objective-wrong':
      case 'bound-above-objective':
        break;
    }
  }
  return found;
}
