import { EMPTY_STEP, type MethodStep } from '../dish/types';
import { heatedIn, heatsIn, minutesIn } from '../quantity';
import { suggestTechniques, type TechniqueWords } from '../technique';
import { stepTimes } from './readStep';

/** Words of a step that call for equipment there are few of. */
const EQUIPMENT: readonly (readonly [RegExp, string])[] = [
  [/\b(?:bake|baking|roast|oven|gratinate)\b/i, 'oven'],
  [/\b(?:blend|liquidi[sz]e)\b/i, 'blender'],
  [/\bfry(?:er)? in batches|deep[- ]fr(?:y|ied)\b/i, 'fryer'],
  [/\b(?:water bath|sous vide)\b/i, 'water bath'],
  [/\bchill(?:er|ed)?\b/i, 'chiller'],
  [/\bfreez(?:e|er)\b/i, 'freezer'],
];

/** Beyond this a waiting step frees the hands for something else. */
const HANDS_OFF_MINUTES = 10;

/** A step from its text: minutes, temperature, equipment and techniques found in it, hands off where it waits. */
export function stepFrom(
  id: string,
  text: string,
  techniques: readonly TechniqueWords[],
  minutes: number | null = minutesIn(text),
): MethodStep {
  const equipment = EQUIPMENT.find(([word]) => word.test(text))?.[1];
  const [off, on] = (['off', 'on'] as const).map((hands) =>
    stepTimes(text)
      .filter((time) => time.kind === 'lasts' && time.hands === hands)
      .reduce((all, { most, times }) => all + most * times, 0),
  );
  const waits = off! > on! && off! >= HANDS_OFF_MINUTES;
  const heats = heatsIn(text);
  // Of several, the oven's: it is what there are few of.
  const heat = heats.find(({ of }) => of === 'oven') ?? heats[0];
  return {
    ...EMPTY_STEP,
    id,
    text,
    minutes,
    techniqueIds: suggestTechniques(text, techniques),
    hands: waits ? 'off' : 'on',
    celsius: heat ? heat.most : null,
    heats: heat ? heat.of : heatedIn(text),
    equipment: equipment ?? '',
  };
}
