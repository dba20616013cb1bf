import { EMPTY_STEP, type MethodStep } from '../dish/types';
import { celsiusIn, heatedIn, minutesIn } from '../quantity';
import { suggestTechniques, type TechniqueWords } from '../technique';

/** Words of a step that call for equipment there are few of. */
const EQUIPMENT: readonly (readonly [RegExp, string])[] = [
  [/\b(?:bake|baking|roast|oven|gratinate)\b/i, 'oven'],
  [/\b(?:blend|liquidi[sz]e)\b/i, 'blender'],
  [/\bfry(?:er)? in batches|deep[- ]fr(?:y|ied)\b/i, 'fryer'],
  [/\b(?:water bath|sous vide)\b/i, 'water bath'],
  [/\bchill(?:er|ed)?\b/i, 'chiller'],
  [/\bfreez(?:e|er)\b/i, 'freezer'],
];

/** Verbs of waiting: nobody is busy while they go on. */
const HANDS_OFF = /\b(?:rest|chill|soak|prove|bake|braise|simmer|drain|cool|marinate|set|infuse|freeze|stand)\b/i;

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
  const waits = HANDS_OFF.test(text) && (minutes ?? 0) >= HANDS_OFF_MINUTES;
  return {
    ...EMPTY_STEP,
    id,
    text,
    minutes,
    techniqueIds: suggestTechniques(text, techniques),
    hands: waits ? 'off' : 'on',
    celsius: celsiusIn(text),
    heats: heatedIn(text),
    equipment: equipment ?? '',
  };
}
