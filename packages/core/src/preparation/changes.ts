import type { FoodState } from '../dish';
import { plain } from '../text';

/** What is changed between two steps of one pair of hands. */
export const CHANGED = ['board', 'knife', 'cloth', 'hands', 'gloves'] as const;
export type Changed = (typeof CHANGED)[number];

/** A step as far as what may not meet goes. */
export interface HandledStep {
  readonly id: string;
  readonly text: string;
  readonly food: FoodState | null;
}

/** A change that stands between two steps. */
export interface ChangePrompt {
  readonly after: string;
  readonly before: string;
  readonly because: 'raw-to-ready' | 'raw-to-other' | 'soil-to-ready' | 'allergen' | 'strong-to-delicate' | 'warm-onto-raw';
  readonly change: readonly Changed[];
  /** What the new board is for; null where no board is changed. */
  readonly boardFor: FoodState | null;
}

const STRONG = /\b(?:onions?|shallots?|garlic|chill?i(?:es)?|fish|anchov(?:y|ies)|curry|horseradish|ginger|mackerel|mussels?)\b/;
const DELICATE =
  /\b(?:fruits?|apples?|pears?|strawberr(?:y|ies)|raspberr(?:y|ies)|cream|custard|meringue|pastry|dough|sponge|chocolate|vanilla|almonds?|melon)\b/;
const WARM_FILLING = /\b(?:(?:hot|warm) (?:filling|stuffing|mixture|puree|duxelles)|(?:fill|stuff|spread|top)\b.*\b(?:hot|warm))\b/;

const NEW_BOARD: readonly Changed[] = ['board', 'knife', 'cloth', 'hands'];

/**
 * Where along one pair of hands something has to be changed: raw flesh before anything that is not, soil before what is ready, an allergen
 * before what is to be free of it, strong before delicate. Steps at which no food is handled are passed over; a change that has been made
 * is not asked for again.
 *
 * A prompt is a reminder: the local code and the responsible person decide what has to be changed and cleaned.
 */
export function changePrompts(steps: readonly HandledStep[]): readonly ChangePrompt[] {
  const prompts: ChangePrompt[] = [];
  let last: HandledStep | null = null;
  for (const step of steps) {
    const said = plain(step.text);
    const handles = step.food !== null || STRONG.test(said) || DELICATE.test(said);
    if (last) {
      const prompt = between(last, step, said);
      if (prompt)
        prompts.push({ after: last.id, before: step.id, ...prompt, boardFor: prompt.change.includes('board') ? step.food : null });
    }
    if (handles) last = step;
  }
  return prompts;
}

function between(last: HandledStep, step: HandledStep, said: string): Pick<ChangePrompt, 'because' | 'change'> | null {
  if (step.food === 'raw flesh' && WARM_FILLING.test(said)) return { because: 'warm-onto-raw', change: ['hands'] };
  if (last.food === 'raw flesh' && step.food !== 'raw flesh' && step.food !== null)
    return { because: step.food === 'ready' ? 'raw-to-ready' : 'raw-to-other', change: NEW_BOARD };
  if (last.food === 'allergen' && step.food !== 'allergen' && step.food !== null)
    return { because: 'allergen', change: [...NEW_BOARD, 'gloves'] };
  if (last.food === 'raw vegetable' && step.food === 'ready') return { because: 'soil-to-ready', change: ['board', 'knife', 'hands'] };
  if (step.food !== 'raw flesh' && last.food !== 'raw flesh' && STRONG.test(plain(last.text)) && !STRONG.test(said) && DELICATE.test(said))
    return { because: 'strong-to-delicate', change: ['board', 'knife'] };
  return null;
}

/** Boards and pairs of gloves that changes ask for, at most, for each pair of hands. */
export function changesCounted(prompts: readonly ChangePrompt[]): {
  readonly boards: number;
  readonly gloves: number;
  readonly cloths: number;
} {
  const of = (what: Changed) => prompts.filter(({ change }) => change.includes(what)).length;
  return { boards: 1 + of('board'), gloves: of('gloves'), cloths: 1 + of('cloth') };
}
