import type { ClassProblem } from './classProblem';

/** What the slack of a lesson has to cover, the longest of each kind. */
export interface SlackNeeded {
  /** One failure that is made good, with what follows on it by itself. */
  readonly redo: { readonly text: string; readonly minutes: number } | null;
  /** What is only done in some cases and is not planned. */
  readonly perhaps: { readonly text: string; readonly when: string; readonly minutes: number } | null;
  readonly minutes: number;
}

/** Slack that covers one redo and the longest step that may have to be put in. */
export function slackNeeded({ meaning, perhaps }: ClassProblem): SlackNeeded {
  const redos = [...meaning.values()]
    .flatMap(({ kind, work }) =>
      kind === 'work' && work?.redo && work.redo.times > 0 ? [{ text: work.text, minutes: work.redo.minutes }] : [],
    )
    .sort((a, b) => b.minutes - a.minutes);
  const branches = perhaps
    .map(({ work, minutes }) => ({ text: work.text, when: work.only!.when, minutes }))
    .sort((a, b) => b.minutes - a.minutes);
  const [redo = null] = redos;
  const [perhapsOne = null] = branches;
  return { redo, perhaps: perhapsOne, minutes: Math.max(redo?.minutes ?? 0, perhapsOne?.minutes ?? 0) };
}
