import { In, type EntityManager } from 'typeorm';
import { NOTED_LIMITS, words, servedBelow, wantedStages, type DishContent, type WantedStage } from '@pelvo/core';
import { DishEdition } from './dishEdition.entity';

/** What of a dish is asked at the pass. */
export interface AtThePass {
  /** What is served below its rule on purpose, with its conditions in words. */
  readonly below: readonly string[];
  /** The stages it wants, one for each ladder. */
  readonly wants: readonly WantedStage[];
  /**
   * Its components and, without a name, all that is of none of them, with the techniques that their steps exercise. A main list beside named
   * ones is called by what comes first in it: "duck breasts".
   */
  readonly components: readonly { readonly name: string; readonly techniqueIds: readonly string[] }[];
}

/** Editions never change: their documents, which are long, are not read again for every marking sheet. */
const read = new Map<string, AtThePass>();
const MOST = 5000;

function componentsOf({ components, method }: DishContent): AtThePass['components'] {
  if (components.every(({ name }) => name === '')) return [];
  const named = components
    .map(({ id, name, lines }) => ({ id, name: name || (lines.find(({ item }) => item !== '')?.item ?? '').slice(0, NOTED_LIMITS.place) }))
    .filter(({ name }) => name !== '');
  const of = (componentId: string | null) =>
    method.flatMap((step) => {
      const own = named.some(({ id }) => id === step.componentId) ? step.componentId : null;
      return own === componentId ? step.techniqueIds : [];
    });
  return [...named.map(({ id, name }) => ({ name, techniqueIds: of(id) })), { name: '', techniqueIds: of(null) }];
}

/** What is asked of dishes at the pass, by edition. */
export async function passOfEditions(manager: EntityManager, ids: readonly string[]): Promise<ReadonlyMap<string, AtThePass>> {
  const known = new Map(ids.flatMap((id) => (read.has(id) ? [[id, read.get(id)!] as const] : [])));
  const unknown = ids.filter((id) => !known.has(id));
  const editions = unknown.length > 0 ? await manager.findBy(DishEdition, { id: In(unknown) }) : [];
  if (read.size + editions.length > MOST) read.clear();
  for (const { id, content } of editions) {
    const asked = {
      below: servedBelow(content).map((said) => words(said)),
      wants: wantedStages(content.method),
      components: componentsOf(content),
    };
    read.set(id, asked);
    known.set(id, asked);
  }
  return known;
}
