import Joi from 'joi';
import type { EvidenceKind, Paper, Skill, SkillCell, TrendWay } from '@pelvo/core';
import { idSchema, paperField } from './common';

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
  readonly faults: readonly {
    readonly technique: string;
    /** The component of the dish on which it sat; empty for the whole plate, or where nobody said. */
    readonly place: string;
    readonly see: string;
    readonly times: number;
    readonly students: number;
  }[];
}

/** How a student stands with techniques and how that has gone, by the results that were given to them. */
export interface MySkills {
  readonly techniques: readonly {
    readonly name: string;
    readonly way: TrendWay;
    /** Where they stood after each lesson that says something of it, the oldest first. */
    readonly points: readonly { readonly date: string; readonly lesson: string; readonly skill: Skill }[];
  }[];
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

/** Whose record of practical skills is printed, and on what; of the whole class when nobody is named. */
export interface SkillRecordQuery {
  readonly student?: string;
  readonly paper: Paper;
}
export const skillRecordQuerySchema = Joi.object<SkillRecordQuery>({ student: idSchema, paper: paperField });
