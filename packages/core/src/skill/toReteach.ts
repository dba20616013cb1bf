import type { Skill } from './estimateSkill';

export interface SkillCell {
  readonly studentId: string;
  readonly technique: string;
  readonly skill: Skill;
}

/** A technique to take up again, and with whom. */
export interface ToReteach {
  readonly technique: string;
  /** Who stands below Secure, as good as surely, weakest first. */
  readonly students: readonly string[];
  /** Of whom there is enough to say. */
  readonly known: number;
}

/** So sure must it be that someone stands below Secure before a group is proposed. */
const SURE = 0.8;

/** Techniques that some of a class need again, those that most need first; nothing of anybody of whom there is too little to say. */
export function toReteach(cells: readonly SkillCell[]): readonly ToReteach[] {
  const techniques = [...new Set(cells.map(({ technique }) => technique))];
  return techniques
    .map((technique) => {
      const known = cells.filter((cell) => cell.technique === technique && cell.skill.known);
      const weak = known.filter(({ skill }) => skill.below >= SURE).sort((a, b) => a.skill.level - b.skill.level);
      return { technique, known: known.length, students: weak.map(({ studentId }) => studentId) };
    })
    .filter(({ students }) => students.length > 0)
    .sort((a, b) => b.students.length - a.students.length || a.technique.localeCompare(b.technique));
}
