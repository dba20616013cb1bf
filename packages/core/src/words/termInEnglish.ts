import type { ChangePrompt } from '../preparation/changes';
import type { CarriedVerdict } from '../preparation/carriedOver';

/** A day as a list of a kitchen writes it: "Wed 2 Dec". */
const day = (date: string): string =>
  new Intl.DateTimeFormat('en-GB', { weekday: 'short', day: 'numeric', month: 'short', timeZone: 'UTC' }).format(
    new Date(`${date}T00:00:00Z`),
  );

/** A stretch of time: "30 h", "4 days", "45 min". */
const lasting = (hours: number): string => {
  if (hours < 1) return `${Math.round(hours * 60)} min`;
  const rounded = Math.round(hours * 10) / 10;
  return rounded >= 48 ? `${Math.round((rounded / 24) * 10) / 10} days` : `${rounded} h`;
};

const BECAUSE: Readonly<Record<ChangePrompt['because'], string>> = {
  'raw-to-ready': 'raw flesh before what is eaten as it is',
  'raw-to-other': 'raw flesh before other food',
  'soil-to-ready': 'unwashed before what is eaten as it is',
  allergen: 'an allergen before what is to be free of it',
  'strong-to-delicate': 'strong before delicate',
  'warm-onto-raw': 'warm onto raw meat: cool it first',
};

interface CarriedSaid {
  readonly what: string;
  readonly from: string;
  readonly hours: number;
  readonly least: number;
  readonly most: number | null;
  readonly verdict: CarriedVerdict;
}

/** What does not hold in a term, and what is changed between two steps. */
export const TERM_IN_ENGLISH = {
  'term.prerequisite': ({ technique, needs }: { technique: string; needs: string }) =>
    `${technique} comes before ${needs}, on which it rests.`,
  'term.early': ({ technique, students, of }: { technique: string; students: number; of: number }) =>
    students === of
      ? `${technique} is assessed, and nobody has practised it by then.`
      : `${technique} is assessed, and ${students} of ${of} have not practised it by then.`,
  'term.day-off': ({ name }: { name: string }) => `The school does not teach: ${name}.`,
  'term.kitchen-taken': ({ by }: { by: string }) => `Its kitchen is taken by ${by}.`,
  'term.same-time': ({ other }: { other: string }) => `The class has “${other}” at the same time.`,
  'term.away': ({ students, of }: { students: number; of: number }) => `${students} of ${of} are away.`,
  'change.first': ({ change, because }: { change: readonly string[]; because: ChangePrompt['because'] }) =>
    `First change ${change.join(', ')}: ${BECAUSE[because]}.`,
  'change.because': ({ because }: { because: ChangePrompt['because'] }) => BECAUSE[because],
  'wanted-on': ({ date, lesson }: { date: string; lesson: string }) => `Wanted on ${day(date)} already, where “${lesson}” makes it.`,
  'term.carried': ({ what, from, hours, least, most, verdict }: CarriedSaid) => {
    const made = `${what} from “${from}”`;
    switch (verdict) {
      case 'wanted-before':
        return `${made} is wanted before it is made.`;
      case 'not-ready':
        return `${made} lies ${lasting(hours)}; it needs ${lasting(least)}.`;
      case 'too-old':
        return `${made} would be ${lasting(hours)} old; it keeps ${lasting(most!)}.`;
      case 'not-known':
        return `${made} lies ${lasting(hours)}; how long it keeps is not known.`;
      case 'holds':
        return `${made} lies ${lasting(hours)}${most === null ? '' : `, and keeps ${lasting(most)}`}.`;
    }
  },
  'term.clocks': ({ minutes }: { minutes: number }) => `The clocks change while it lasts: it is ${minutes} minutes.`,
};
