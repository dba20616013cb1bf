import type { EntityManager } from 'typeorm';
import { MATTER_SPECS, MATTERS, practiceInForce, practiceOf, type MatterKey, type PracticeChoices } from '@pelvo/core';
import { CutSetRow } from '../cuts';
import { PracticeChoice } from './practiceChoice.entity';

/** What the school has chosen in each matter. */
export async function loadChoices(manager: EntityManager): Promise<PracticeChoices> {
  const rows = await manager.find(PracticeChoice, { take: MATTERS.length });
  return Object.fromEntries(rows.flatMap(({ matter, practice }) => (practice ? [[matter, practice]] : [])));
}

/** Practices in force in some matters, in words: "Turning in the pan: often". Matters nobody has chosen are left out. */
export async function practicesInWords(
  manager: EntityManager,
  matters: readonly MatterKey[],
  taught: PracticeChoices,
): Promise<readonly string[]> {
  const school = await loadChoices(manager);
  const said: string[] = [];
  for (const matter of MATTERS.filter((each) => matters.includes(each))) {
    const inForce = practiceInForce(matter, school, taught);
    if (!inForce) continue;
    const name =
      matter === 'named-cuts'
        ? (await manager.findOneBy(CutSetRow, { id: inForce.practice }))?.name
        : practiceOf(matter, inForce.practice)?.name;
    if (name) said.push(`${MATTER_SPECS[matter].name}: ${name}`);
  }
  return said;
}
