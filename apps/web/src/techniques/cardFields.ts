import { EMPTY_CARD, unansweredHazards, type TechniqueCard } from '@pelvo/core';
import type { Technique, TechniqueFields } from '@pelvo/contract';

/** A technique as it is edited: its card and what is to learn first. */
export function fieldsOf(technique: Technique): TechniqueFields {
  const card = Object.fromEntries(
    Object.keys(EMPTY_CARD).map((key) => [key, technique[key as keyof TechniqueCard]]),
  ) as unknown as TechniqueCard;
  return { ...card, prerequisites: technique.prerequisites };
}

export const NEW_TECHNIQUE: TechniqueFields = { ...EMPTY_CARD, prerequisites: [] };

interface CardPart {
  readonly anchor: string;
  readonly name: string;
  /** What is still missing there; null when nothing is. */
  readonly missing: string | null;
}

/** The parts of a card in the order of the form, each with what it still lacks to be taught from. */
export function missingOnCard(card: TechniqueFields): readonly CardPart[] {
  const part = (anchor: string, name: string, missing: string | false): CardPart => ({ anchor, name, missing: missing || null });
  const open = unansweredHazards(card).length;
  const fault = card.faults.find(({ cause, correction }) => !cause || !correction);
  const lacks = [!card.name && 'a name', !card.purpose && 'a purpose', card.minutes.novice === null && 'minutes'].filter(Boolean);
  return [
    part('card-head', 'Name and purpose', lacks.join(', ')),
    part('card-steps', 'Steps', card.steps.length === 0 ? 'no step yet' : card.criticalPoints.length === 0 && 'what decides is not said'),
    part('card-care', 'Care', open > 0 ? `${open} asked` : card.cautions.length === 0 && 'no caution'),
    part('card-shown', 'While it is shown', card.questions.length === 0 && 'no question'),
    part('card-cues', 'Cues', card.cues.length === 0 && 'none yet'),
    part('card-looks-wrong', 'Looks wrong but is right', card.looksWrong.length === 0 && 'none yet'),
    part(
      'card-faults',
      'Faults',
      card.faults.length === 0 ? 'none yet' : fault !== undefined && `"${fault.see}" lacks cause or correction`,
    ),
    part('card-ways', 'Ways of doing it', card.variants.length > 0 && card.variant === null && 'nobody has chosen a variant'),
    part('card-aims', 'What a student shows', !card.aims.assess && 'not said for assessing'),
    part('card-judging', 'How it is judged', card.descriptors.length === 0 && 'no descriptor'),
    part('card-place', 'Place, measures, drawings', false),
  ];
}
