import { readTechniqueMarkdown, type PortableTechnique } from '@pelvo/core';
import cooking from './cards/cooking.md?raw';
import doughs from './cards/doughs.md?raw';
import knife from './cards/knife.md?raw';
import meat from './cards/meat.md?raw';
import plating from './cards/plating.md?raw';
import sauces from './cards/sauces.md?raw';

let cards: readonly PortableTechnique[] | undefined;

/**
 * The cards every school begins with, a strand after the other, written in the Markdown that Pelvo exports. They are read from it once,
 * which takes half as long as all else that a demo school needs.
 *
 * @throws Error when something stands in them that has no place on a card
 */
export function starterTechniques(): readonly PortableTechnique[] {
  cards ??= readCards();
  return cards;
}

function readCards(): readonly PortableTechnique[] {
  return [knife, cooking, meat, sauces, doughs, plating].flatMap((text) => {
    const { techniques, leftOut } = readTechniqueMarkdown(text);
    if (leftOut.length > 0) throw new Error(`The starter cards hold what no card has: ${leftOut.join('; ')}`);
    return techniques;
  });
}
