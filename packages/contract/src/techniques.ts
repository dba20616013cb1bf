import type { TechniqueCard } from '@pelvo/core';

export interface Technique extends TechniqueCard {
  readonly id: string;
}

export interface TechniqueUse {
  readonly dishes: readonly { readonly id: string; readonly title: string }[];
}

export type TechniqueWithUse = Technique & TechniqueUse;
