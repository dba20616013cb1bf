import type { EvidenceKind, SkillCell } from '@pelvo/core';

/** How the students of a class stand with techniques, estimated from marks. */
export interface ClassSkills {
  readonly classId: string;
  readonly className: string;
  /** The day for which it is said. */
  readonly today: string;
  readonly students: readonly { readonly id: string; readonly name: string }[];
  /** Techniques of which some mark says something; the id is null where no card bears the name any more. */
  readonly techniques: readonly { readonly name: string; readonly id: string | null }[];
  readonly cells: readonly SkillCell[];
  /** The commonest faults, those of most students first. */
  readonly faults: readonly { readonly technique: string; readonly see: string; readonly times: number; readonly students: number }[];
}

export const SKILL_SIGNS_SHOWN = 60;

/** One judgement behind a standing, in words. */
export interface SkillSignSaid {
  readonly lesson: string;
  readonly lessonId: string;
  readonly date: string;
  readonly dish: string;
  readonly criterion: string;
  readonly said: string;
  readonly level: number;
  readonly evidence: EvidenceKind;
  readonly sharedBy: number;
  readonly by: string;
}
