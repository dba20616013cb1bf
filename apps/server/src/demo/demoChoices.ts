import type { EntityManager } from 'typeorm';
import { SHIPPED_CUT_SETS, type MatterKey, type SchoolBoards } from '@pelvo/core';
import { CutSetRow } from '../cuts';
import { PracticeChoice } from '../practices';
import { RuleChangeRow } from '../rules';
import { loadSchool, SchoolRow } from '../school';
import { Technique } from '../techniques';
import { dayFromNow } from './demoLessons';

/** What the demo school has chosen; turning, roots and starchy purees are left open, to show what that looks like. */
const CHOICES: Readonly<Partial<Record<MatterKey, string>>> = {
  resting: 'by-cut',
  doneness: 'thermometer',
  'safe-cooking': 'one-temperature',
  'edge-angle': '20',
  'boiling-salt': 'light',
  seasoning: 'by-taste',
  'plate-count': 'odd',
  'plate-place': 'off-centre',
  'plate-regularity': 'free',
  'fat-and-pan': 'dry-pan',
  'bulb-cuts': 'level',
  curing: 'percent',
  spoons: 'two',
};

/** What the demo school calls its boards; made up, as every school's are its own. */
const BOARDS: SchoolBoards = {
  'raw flesh': { name: 'plum', colour: '#7a3b5e' },
  'raw vegetable': { name: 'oat', colour: '#d8c49a' },
  ready: { name: 'white', colour: '#ffffff' },
  allergen: { name: 'slate', colour: '#5b6470' },
};

/** The practices, the set of cuts, the local rule and the boards of the demo school. */
export async function addDemoChoices(manager: EntityManager, leadId: string): Promise<void> {
  const { id, settings } = await loadSchool(manager);
  await manager.update(SchoolRow, { id }, { settings: { ...settings, boards: BOARDS } });
  const cutSet = await manager.findOneByOrFail(CutSetRow, { name: SHIPPED_CUT_SETS[0]!.name });
  await manager.insert(
    PracticeChoice,
    Object.entries({ ...CHOICES, 'named-cuts': cutSet.id }).map(([matter, practice]) => ({
      matter: matter as MatterKey,
      practice,
      version: 1,
    })),
  );
  await manager.insert(RuleChangeRow, {
    ruleKey: 'cooling-first',
    number: 1,
    value: '90',
    reason: 'The county asks for 90 minutes in its guidance to schools.',
    personId: leadId,
    changedAt: new Date(`${dayFromNow(-30)}T09:00:00Z`),
  });
  await manager.insert(RuleChangeRow, {
    ruleKey: 'allow-whole-pink',
    number: 1,
    value: '1',
    reason: 'The county allows whole breast of farmed duck that is seared all over, with notice.',
    personId: leadId,
    changedAt: new Date(`${dayFromNow(-29)}T09:00:00Z`),
  });
  const sugar = await manager.findOneByOrFail(Technique, { name: 'Caramel' });
  await manager.update(Technique, { id: sugar.id }, { card: { ...sugar.card, variant: 'wet' } });
}
