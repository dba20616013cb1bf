import type { DishContent, MethodStep } from '../../dish';
import type { EquipmentKind } from '../../kitchen';

/** One step of a dish as work: what comes before it, how long it takes, what it needs. */
export interface WorkStep {
  readonly id: string;
  readonly text: string;
  readonly componentId: string | null;
  /** Steps that must be finished before it. */
  readonly after: readonly string[];
  /** Minutes for a practised hand and for a novice; the same where it waits by itself. */
  readonly minutes: { readonly practised: number; readonly novice: number };
  /** Whether the minutes are a guess, because the dish does not say. */
  readonly guessed: boolean;
  readonly hands: 'on' | 'off';
  readonly needs: readonly WorkNeed[];
  /** Minutes to the next step, at least and at most. */
  readonly toNext: { readonly least: number; readonly most: number | null };
  readonly techniqueIds: readonly string[];
}

export type WorkNeed =
  | { readonly kind: 'burner' }
  | { readonly kind: 'oven'; readonly celsius: number }
  | { readonly kind: 'equipment'; readonly of: EquipmentKind };

/** What a hands-on step takes that says no minutes: short enough to be asked about rather than believed. */
const GUESSED_MINUTES = 5;
/** How much longer a novice is at it where the dish does not say. @source our own working figure: half as long again */
const NOVICE_FACTOR = 1.5;
/** A moderate oven, where a step bakes and names no heat. */
const GUESSED_CELSIUS = 180;

const ON_A_BURNER =
  /\b(?:boil|simmer|poach|fry|sauté|saute|sear|sweat|soften|blanch|reduce|melt|caramelise|caramelize|brown|scald|steam|warm (?:through|gently|the)|heat the|bring (?:it |the [\p{L}\s]{2,30} )?to|deglaze|toast|char|braise on|stew|wilt|cook)\b/iu;
const IN_AN_OVEN = /\b(?:bake|baking|roast|oven|gratinate)\b/i;

const KINDS: readonly (readonly [RegExp, EquipmentKind])[] = [
  [/\b(?:blend|blender|liquidi[sz]e|purée|puree)\b/i, 'blender'],
  [/\b(?:mixer|machine)\b/i, 'mixer'],
  [/\b(?:fryer|deep[- ]fr(?:y|ied))\b/i, 'fryer'],
  [/\b(?:water bath|sous vide)\b/i, 'water bath'],
  [/\bfreez(?:e|er)\b/i, 'freezer'],
  [/\bchill(?:er|ed)?\b|\bfridge\b/i, 'chiller'],
];

function needsOf({ equipment, text, celsius, heats }: MethodStep): readonly WorkNeed[] {
  const said = equipment.trim();
  if (/\boven\b/i.test(said) || (!said && IN_AN_OVEN.test(text)) || (celsius !== null && heats === 'oven'))
    return [{ kind: 'oven', celsius: Math.round(celsius ?? GUESSED_CELSIUS) }];
  const named = KINDS.find(([word]) => word.test(said)) ?? (said ? undefined : KINDS.find(([word]) => word.test(text)));
  if (named) return [{ kind: 'equipment', of: named[1] }];
  return ON_A_BURNER.test(text) || /\b(?:burner|hob|pan)\b/i.test(said) ? [{ kind: 'burner' }] : [];
}

/**
 * The steps of a dish as a network: each waits for the step before it in its component; a step of the whole dish waits for everything
 * before it, and the first step of a component for the last such step, if there is one.
 *
 * @example workOf({ ...dish, method: [whisk, bake] }).at(-1)!.after // ['whisk']
 */
export function workOf(content: DishContent): readonly WorkStep[] {
  const lastOf = new Map<string, string>();
  /** Steps nothing has waited for yet. */
  let open: string[] = [];
  let whole: string | null = null;
  return content.method.map((step) => {
    const before = step.componentId === null ? null : lastOf.get(step.componentId);
    const after = step.componentId === null ? open : before ? [before] : whole ? [whole] : [];
    open = [...open.filter((id) => !after.includes(id)), step.id];
    if (step.componentId === null) {
      whole = step.id;
      lastOf.clear();
    } else lastOf.set(step.componentId, step.id);
    const practised = step.minutes ?? GUESSED_MINUTES;
    const novice = step.noviceMinutes ?? (step.hands === 'on' ? practised * NOVICE_FACTOR : practised);
    return {
      id: step.id,
      text: step.text,
      componentId: step.componentId,
      after,
      minutes: { practised: Math.max(1, Math.ceil(practised)), novice: Math.max(1, Math.ceil(Math.max(novice, practised))) },
      guessed: step.minutes === null,
      hands: step.hands,
      needs: needsOf(step),
      toNext: { least: Math.ceil(step.toNext.least ?? 0), most: step.toNext.most === null ? null : Math.floor(step.toNext.most) },
      techniqueIds: step.techniqueIds,
    };
  });
}
