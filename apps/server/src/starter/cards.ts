import { readTechniqueMarkdown, type PortableTechnique } from '@pelvo/core';
import cooking from './cards/cooking.md?raw';
import knife from './cards/knife.md?raw';
import plating from './cards/plating.md?raw';

/**
 * The cards every school begins with, a strand after the other, written in the Markdown that Pelvo exports.
 *
 * @throws Error when something stands in them that has no place on a card
 */
export function starterTechniques(): readonly PortableTechnique[] {
  return [knife, cooking, plating].flatMap((text) => {
    const { techniques, leftOut } = readTechniqueMarkdown(text);
    if (leftOut.length > 0) throw new Error(`The starter cards hold what no card has: ${leftOut.join('; ')}`);
    return techniques;
  });
}
