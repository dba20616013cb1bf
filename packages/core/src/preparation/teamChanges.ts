import type { ClassProblem, Plan } from '../schedule';
import { changePrompts, changesCounted, type ChangePrompt } from './changes';

/** One team's changes of board, knife, cloth and hands, along its plan. */
export interface TeamChanges {
  readonly team: string;
  readonly prompts: readonly (ChangePrompt & {
    /** Minute of the lesson at which it has to be done. */
    readonly at: number;
    readonly afterText: string;
    readonly beforeText: string;
  })[];
  readonly boards: number;
  readonly cloths: number;
  readonly gloves: number;
}

/** Where raw turns to ready along what each team's hands do one after the other, by the plan of time. */
export function teamChanges({ instance, meaning, teams }: ClassProblem, { starts }: Pick<Plan, 'starts'>): readonly TeamChanges[] {
  return teams.map(({ id: teamId, name }) => {
    const steps = instance.steps
      .flatMap(({ id }) => {
        const about = meaning.get(id)!;
        const at = starts[id];
        const own = about.kind === 'work' && (about.by ?? about.team) === teamId && about.work?.hands === 'on' && at !== undefined;
        return own ? [{ id, at, text: about.work!.text, food: about.work!.food }] : [];
      })
      .sort((a, b) => a.at - b.at);
    const of = new Map(steps.map((step) => [step.id, step]));
    const prompts = changePrompts(steps);
    return {
      team: name,
      prompts: prompts.map((prompt) => ({
        ...prompt,
        at: of.get(prompt.before)!.at,
        afterText: of.get(prompt.after)!.text,
        beforeText: of.get(prompt.before)!.text,
      })),
      ...changesCounted(prompts),
    };
  });
}
