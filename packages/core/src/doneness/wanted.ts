import { LADDERS, ladderOf, type LadderStage, type StageLadder } from './stages';

/** A stage that a step goes on to: "sugar to amber caramel". */
export interface WantedStage {
  readonly ladder: string;
  readonly stage: string;
}

const partsOf = ({ ladder: key, stage }: WantedStage): { readonly ladder: StageLadder; readonly stage: LadderStage } | null => {
  const ladder = ladderOf(key);
  const found = ladder?.stages.find((each) => each.key === stage);
  return ladder && found ? { ladder, stage: found } : null;
};

/** "to amber caramel: strong tea"; empty for a stage that no ladder has any more. */
export function wantedInWords(wanted: WantedStage): string {
  const parts = partsOf(wanted);
  return parts ? `to ${parts.stage.name}: ${parts.stage.cue}` : '';
}

/** The stages that a dish wants, one for each ladder: the last step that names one decides, since the food goes on to it. */
export function wantedStages(method: readonly { readonly wants: WantedStage | null }[]): readonly WantedStage[] {
  const last = new Map<string, WantedStage>();
  for (const { wants } of method) if (wants && partsOf(wants)) last.set(wants.ladder, wants);
  return [...last.values()];
}

/** What a stage of a criterion is called, without what is said of it behind a colon; empty where there is none. */
export const ladderStageName = (stages: readonly { readonly name: string }[], at: number): string =>
  stages[at]?.name.split(':')[0]!.trim() ?? '';

/** The ladder whose stages these are, by their names, whatever is said of them behind a colon; undefined where they are nobody's. */
const ladderNamed = (stages: readonly { readonly name: string }[]): StageLadder | undefined =>
  LADDERS.find(
    (ladder) =>
      ladder.stages.length === stages.length &&
      ladder.stages.every(({ name }, at) => ladderStageName(stages, at).toLowerCase() === name.toLowerCase()),
  );

/** Which of the stages of a criterion a dish wants, from 0; null where it wants none of them. */
export function wantedAt(stages: readonly { readonly name: string }[], wanted: readonly WantedStage[]): number | null {
  const ladder = ladderNamed(stages);
  const asked = ladder && wanted.find((each) => each.ladder === ladder.key);
  const at = ladder && asked ? ladder.stages.findIndex(({ key }) => key === asked.stage) : -1;
  return at < 0 ? null : at;
}

/** What has gone wrong where a stage other than the wanted one was reached, as the ladder says it; empty where nothing has. */
export function wrongAt(stages: readonly { readonly name: string }[], reached: number, wanted: number): string {
  const ladder = ladderNamed(stages);
  if (!ladder || reached === wanted) return '';
  return reached < wanted ? ladder.short : ladder.far;
}
