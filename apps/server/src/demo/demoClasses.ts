import type { Allergen, Diet } from '@pelvo/core';

/** Invented students: name, allergens, diets, note. */
type Row = readonly [name: string, allergens?: readonly Allergen[], diets?: readonly Diet[], note?: string];

export const COHORT: readonly Row[] = [
  ['Amara Quill'],
  ['Bastian Orro', ['nuts']],
  ['Cleo Vantor'],
  ['Dario Pemble', [], ['vegetarian']],
  ['Elif Marsh'],
  ['Finn Okabe'],
  ['Greta Sool', ['milk']],
  ['Hanno Brix'],
  ['Ines Tallow'],
  ['Jonah Feld', ['molluscs', 'crustaceans']],
  ['Kaia Renn', [], ['cooked through']],
  ['Lutz Imber', [], ['no alcohol']],
  ['Mira Castell'],
  ['Noor Haldane', [], [], 'Left-handed: own peeler and shears'],
];

export const EVENING_GROUP: readonly Row[] = [
  ['Odile Franck'],
  ['Pavel Stroud', ['gluten']],
  ['Quinn Adair'],
  ['Rosa Winterly'],
  ['Sami Dorn', [], ['vegan']],
  ['Tilda Joost'],
  ['Umar Kesk'],
  ['Vera Lindqvist-Amaro', ['sesame', 'mustard'], [], 'Carries adrenaline; the office has the plan'],
];
