import type { Component, DishContent, IngredientLine, MethodStep } from './types';

/** One difference between two states of a dish, in words, and where it is. */
export interface DishChange {
  readonly where: string;
  readonly before: string;
  readonly after: string;
}

/** Two people changed the same thing in different ways. `mine` was kept. */
export interface DishConflict extends DishChange {
  readonly mine: string;
}

export interface DishMerge {
  readonly merged: DishContent;
  readonly conflicts: readonly DishConflict[];
}

const HEAD_FIELDS = ['title', 'portions', 'gives', 'measures', 'plate'] as const;

const same = (a: unknown, b: unknown) => JSON.stringify(a ?? null) === JSON.stringify(b ?? null);

const lineText = (line: IngredientLine | undefined) => (line ? line.written || `${line.item} ${line.amount?.max ?? ''}`.trim() : '');

interface Placed {
  readonly line: IngredientLine;
  readonly component: Component;
}

function placed(dish: DishContent): Map<string, Placed> {
  return new Map(dish.components.flatMap((component) => component.lines.map((line) => [line.id, { line, component }])));
}

/** What changed from one state of a dish to another: head, lines, steps; each in words. */
export function describeChanges(before: DishContent, after: DishContent): readonly DishChange[] {
  const changes: DishChange[] = [];
  for (const field of HEAD_FIELDS) {
    if (!same(before[field], after[field])) {
      changes.push({ where: field, before: text(before[field]), after: text(after[field]) });
    }
  }
  const oldLines = placed(before);
  const newLines = placed(after);
  for (const id of new Set([...oldLines.keys(), ...newLines.keys()])) {
    const old = oldLines.get(id)?.line;
    const now = newLines.get(id)?.line;
    if (same(old, now)) continue;
    changes.push({
      where: `line "${lineText(old ?? now)}"`,
      before: old ? lineSummary(old) : 'not there',
      after: now ? lineSummary(now) : 'removed',
    });
  }
  const oldSteps = new Map(before.method.map((step) => [step.id, step]));
  const newSteps = new Map(after.method.map((step) => [step.id, step]));
  for (const id of new Set([...oldSteps.keys(), ...newSteps.keys()])) {
    const old = oldSteps.get(id);
    const now = newSteps.get(id);
    if (!same(old, now)) changes.push({ where: 'method step', before: old?.text ?? 'not there', after: now?.text ?? 'removed' });
  }
  return changes;
}

/**
 * Brings two people's edits of one dish together, line by line. Where both changed the same thing differently, `mine`
 * is kept and the other is reported, so that nothing is lost unseen. A line one removed and the other changed is kept.
 *
 * @param base - what both started from
 * @param mine - what is being saved
 * @param theirs - what was saved meanwhile
 */
export function mergeDish(base: DishContent, mine: DishContent, theirs: DishContent): DishMerge {
  const conflicts: DishConflict[] = [];
  const pick = <T>(where: string, b: T, m: T, t: T, show: (value: T) => string): T => {
    if (same(m, t) || same(t, b)) return m;
    if (same(m, b)) return t;
    conflicts.push({ where, before: show(b), after: show(t), mine: show(m) });
    return m ?? t;
  };
  const [b, m, t] = [placed(base), placed(mine), placed(theirs)];
  const keepLine = (id: string): IngredientLine | undefined => {
    const all = [b.get(id)?.line, m.get(id)?.line, t.get(id)?.line] as const;
    return pick(`line "${lineText(all[1] ?? all[2] ?? all[0])}"`, ...all, (line) => (line ? lineSummary(line) : 'removed'));
  };
  const components: Component[] = mine.components.map((component) => {
    const other = theirs.components.find(({ id }) => id === component.id);
    const origin = base.components.find(({ id }) => id === component.id);
    const head =
      other && origin ? pick(`component "${component.name}"`, headOf(origin), headOf(component), headOf(other), text) : headOf(component);
    return { ...head, id: component.id, lines: component.lines.flatMap((line) => keepLine(line.id) ?? []) };
  });
  // What is only in theirs: lines they added, and lines I removed but they changed.
  for (const [id, { line, component }] of t) {
    if (m.has(id) || (b.has(id) && !keepLine(id))) continue;
    const home = components.findIndex((candidate) => candidate.id === component.id);
    if (home < 0) components.push({ ...component, lines: [line] });
    else components[home] = { ...components[home]!, lines: [...components[home]!.lines, line] };
  }
  return {
    merged: {
      title: pick('title', base.title, mine.title, theirs.title, String),
      portions: pick('portions', base.portions, mine.portions, theirs.portions, String),
      gives: pick('gives', base.gives, mine.gives, theirs.gives, text),
      measures: pick('measures', base.measures, mine.measures, theirs.measures, text),
      plate: pick('plate', base.plate, mine.plate, theirs.plate, text),
      tools: pick('tools', base.tools, mine.tools, theirs.tools, text),
      notes: pick('notes', base.notes, mine.notes, theirs.notes, text),
      components,
      method: mergeSteps(base.method, mine.method, theirs.method, pick),
    },
    conflicts: [...new Map(conflicts.map((conflict) => [JSON.stringify(conflict), conflict])).values()],
  };
}

function mergeSteps(
  base: readonly MethodStep[],
  mine: readonly MethodStep[],
  theirs: readonly MethodStep[],
  pick: <T>(where: string, b: T, m: T, t: T, show: (value: T) => string) => T,
): readonly MethodStep[] {
  const find = (steps: readonly MethodStep[], id: string) => steps.find((step) => step.id === id);
  const kept = (id: string) => pick('method step', find(base, id), find(mine, id), find(theirs, id), (step) => step?.text ?? 'removed');
  const merged = mine.flatMap((step) => kept(step.id) ?? []);
  for (const step of theirs) {
    if (find(mine, step.id)) continue;
    if (!find(base, step.id) || kept(step.id)) merged.push(step);
  }
  return merged;
}

/** A component without its lines. */
function headOf({ lines: _, ...head }: Component): Omit<Component, 'lines'> {
  return head;
}

function lineSummary(line: IngredientLine): string {
  const amount = line.amount
    ? `${line.amount.min === line.amount.max ? '' : `${line.amount.min} to `}${line.amount.max} ${line.amount.unit}`
    : 'no amount';
  return `${line.item}, ${amount}${line.preparation ? `, ${line.preparation}` : ''}, ${line.scaling.kind}`;
}

function text(value: unknown): string {
  return value === null || value === undefined ? 'none' : typeof value === 'string' ? value : JSON.stringify(value);
}
