/** What does not hold in a term. */
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
  'term.clocks': ({ minutes }: { minutes: number }) => `The clocks change while it lasts: it is ${minutes} minutes.`,
};
