import type { Said } from '../words';
import type { TermBreak } from './termBreaks';

/** What does not hold in a term, as it is said. @param nameOf - the name of a technique */
export function termBreakSaid(found: TermBreak, nameOf: (techniqueId: string) => string): Said {
  switch (found.kind) {
    case 'prerequisite':
      return { code: 'term.prerequisite', technique: nameOf(found.techniqueId), needs: nameOf(found.needs) };
    case 'early':
      return { code: 'term.early', technique: nameOf(found.techniqueId), students: found.students, of: found.of };
    case 'day-off':
      return { code: 'term.day-off', name: found.name };
    case 'kitchen-taken':
      return { code: 'term.kitchen-taken', by: found.by };
    case 'same-time':
      return { code: 'term.same-time', other: found.with };
    case 'away':
      return { code: 'term.away', students: found.students, of: found.of };
    case 'carried': {
      const { what, from, hours, least, most, verdict } = found;
      return { code: 'term.carried', what, from, hours, least, most, verdict };
    }
    case 'clocks':
      return { code: 'term.clocks', minutes: found.minutes };
  }
}
