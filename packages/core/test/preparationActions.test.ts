import { describe, expect, it } from 'vitest';
import { actionsIn, actionsOn } from '../src';

const cut = (name: string) => ({ action: 'cut', cut: name });
const done = (action: string) => ({ action, cut: '' });

describe('what a phrase says is done', () => {
  const CASES: readonly (readonly [string, readonly object[]])[] = [
    ['finely diced', [cut('fine dice')]],
    ['peeled and diced', [done('peel'), cut('dice')]],
    ['washed in three waters', [done('wash')]],
    ['washed, stalks removed, in ribbons', [done('wash'), done('trim'), cut('ribbons')]],
    ['thinly sliced', [cut('thin slices')]],
    ['cold, cubed', [cut('dice')]],
    ['toasted and chopped', [cut('chop'), done('toast')]],
    ['pin bones out', [done('fillet')]],
    ['juiced', [done('juice')]],
    ['seeds removed, julienned', [done('trim'), cut('julienne')]],
    ['leaves only', [done('pick')]],
    ['halved', [cut('halves')]],
    ['in wedges', [cut('wedges')]],
    ['soaked overnight', [done('soak')]],
    ['softened', [done('soften')]],
    ['cut into large pieces', [cut('pieces')]],
    ['', []],
    // In other people's words.
    ['destemmed', [done('trim')]],
    ['crushed with the flat of a knife', [cut('crush')]],
    ['hand-torn', [cut('tear')]],
    ['cut on the bias', [cut('slices')]],
    ['sliced not too thin', [cut('slices')]],
    ['pressed through a sieve', [done('sift')]],
    ['shaved thin', [cut('thin slices')]],
    ['trimmed, separated into leaves', [done('trim'), done('pick')]],
    ['skinned and boned', [done('peel'), done('fillet')]],
    ['skins slipped off', [done('peel')]],
    ['picked over', [done('trim')]],
    ['beards pulled, scrubbed', [done('wash'), done('trim')]],
    ['ribs removed', [done('trim')]],
    ['halved, stone taken out', [done('trim'), cut('halves')]],
    ['pods split, seeds scraped out', [done('trim'), cut('halves')]],
    ['ends snapped off', [done('trim')]],
    ['cut crossways into half moons', [cut('half moons')]],
    ['broken into florets', [cut('florets')]],
    ['cut into 5 cm lengths', [cut('lengths')]],
    ['in bite-size chunks', [cut('pieces')]],
    ['washed and spun dry', [done('wash'), done('dry')]],
    ['squeezed dry', [done('dry')]],
    ['whipped to soft peaks', [done('beat')]],
    // Nothing is done to these.
    ['in their skins', []],
    ['boiled in their jackets', []],
    ['kept in ice water', []],
    ['in one piece', []],
    ['rolled in flour', []],
    ['cut to fit', []],
  ];
  it.each(CASES)('%s', (phrase, actions) => {
    const order = (list: readonly object[]) => [...list].map((each) => JSON.stringify(each)).sort();
    expect(order(actionsIn(phrase))).toEqual(order(actions));
  });

  // [step, item, the others, what is done to it]
  it.each([
    ['Top and tail the beans, cut them on the bias.', 'green beans', ['butter'], 'trim, slices'],
    ['Wash the leeks well between the leaves, halve lengthways and slice across 5 mm.', 'leeks', ['cream'], 'wash, halves, slices'],
    ['Core the apples and cut into eighths.', 'apples', ['sugar'], 'trim, eighths'],
    ['Peel and devein the langoustines, keep the heads.', 'langoustines', ['butter'], 'peel, trim'],
    ['Zest the lemons, then juice them.', 'lemons', ['sugar'], 'zest, juice'],
    ['Toast the hazelnuts at 160 °C, rub off their skins and chop coarsely.', 'hazelnuts', ['leeks'], 'peel, chop, toast'],
    ['Pick the parsley and tarragon, chop finely.', 'parsley', ['tarragon'], 'pick, fine chop'],
    ['Soak the dried mushrooms in warm water; squeeze and chop.', 'dried mushrooms', ['onion'], 'soak, chop'],
    ['Cut the crusts off the bread and tear it into rough pieces.', 'bread', ['milk'], 'trim, tear'],
    ['Slice the radishes paper-thin on the mandoline.', 'radishes', ['fennel'], 'thin slices'],
    ['Bring the butter to room temperature.', 'butter', ['flour'], 'soften'],
    ['Skin the tomatoes, take out the seeds and dice the flesh.', 'tomatoes', ['basil'], 'peel, trim, dice'],
    ['Scale, gut and fillet the trout, remove the pin bones.', 'trout', ['butter'], 'fillet'],
    ['Quarter the artichokes, rubbing them with lemon.', 'artichokes', ['lemon'], 'quarters'],
    ['Crush the garlic to a paste with salt.', 'garlic', ['salt'], 'crush'],
    ['Grate half the cheese, shave the rest.', 'cheese', ['pasta'], 'thin slices, grate'],
    ['Sieve the flour with the baking powder.', 'flour', ['baking powder'], 'sift'],
    ['Whisk the eggs lightly.', 'eggs', ['milk'], 'beat'],
    ['Spiralise the courgettes.', 'courgettes', ['oil'], 'spirals'],
    ['Trim the asparagus and peel the lower third.', 'asparagus', ['butter'], 'peel, trim'],
    ['Hull the strawberries and halve the large ones.', 'strawberries', ['cream'], 'trim, halves'],
    ['String the celery and cut it into batons.', 'celery', ['apple'], 'trim, sticks'],
    ['Stone the cherries.', 'cherries', ['sugar'], 'trim'],
    ['Finely slice the shallots and chilli.', 'shallots', ['chilli'], 'thin slices'],
    ['Finely slice the shallots and chilli.', 'chilli', ['shallots'], 'thin slices'],
    ['Halve the squash, scoop out the seeds and cut into wedges.', 'squash', ['sage'], 'trim, halves, wedges'],
    ['Remove the outer leaves of the cabbage, core and shred.', 'cabbage', ['apple'], 'trim, shreds'],
    ['Drain and rinse the chickpeas.', 'chickpeas', ['tahini'], 'wash'],
    ['Peel the ginger and grate it finely.', 'ginger', ['garlic'], 'peel, grate'],
    ['Melt the chocolate with the butter.', 'chocolate', ['butter'], 'melt'],
    ['Melt the chocolate with the butter.', 'butter', ['chocolate'], 'melt'],
    ['Cut the halloumi into 1 cm slices.', 'halloumi', ['oil'], 'slices'],
    ['Debone the trout and cut into strips.', 'trout', ['flour'], 'fillet, strips'],
    ['Chop the dill; reserve a few fronds.', 'dill', ['cream'], 'chop'],
    ['Squeeze the lemon over the fennel and slice the fennel thinly.', 'fennel', ['lemon'], 'thin slices'],
    ['Squeeze the lemon over the fennel and slice the fennel thinly.', 'lemon', ['fennel'], 'juice'],
    ['Wash, spin and tear the lettuce.', 'lettuce', ['bread'], 'wash, dry, tear'],
    ['Pat the hake dry with paper.', 'hake', ['butter'], 'dry'],
    ['Crumble the feta.', 'feta', ['olives'], 'crush'],
    ['Plate the pear on crumble, sauce the plate.', 'firm pears', ['sugar'], ''],
    ['Spoon the plums over the crumble.', 'plums', ['oats'], ''],
    ['Serve the mushrooms on a mash of beans.', 'mushrooms', ['butter beans'], ''],
    ['Mash the beans with a fork.', 'butter beans', ['oil'], 'crush'],
    ['Drizzle the crush of peas round the hake.', 'peas', ['hake'], ''],
    ['Lay the trout on a slice of toast.', 'trout', ['sourdough'], ''],
    ['Put the split lentils on to boil.', 'lentils', ['water'], ''],
    ['Simmer the carrots until soft, then drain.', 'carrots', ['water'], ''],
    ['Pit the olives and chop roughly.', 'olives', ['feta'], 'trim, chop'],
    ['Blanch the broad beans and slip off their skins.', 'broad beans', ['mint'], 'peel'],
    ['Trim the leeks, leaving the root, and quarter lengthways.', 'leeks', ['butter'], 'trim, quarters'],
    ['Dice the carrot, celery and onion into 5 mm.', 'celery', ['carrot', 'onion'], 'dice'],
    ['Rub the butter into the flour.', 'butter', ['flour'], ''],
    ['Scrub the mussels and pull off the beards.', 'mussels', ['cider'], 'wash, trim'],
    ['Cut the fennel in half, remove the core and slice very thinly.', 'fennel', ['orange'], 'trim, halves, thin slices'],
    ['Segment the oranges, squeeze the juice from what is left.', 'oranges', ['fennel'], 'juice, segments'],
    ['Snip the chives.', 'chives', ['butter'], 'fine chop'],
    ['Strip the thyme leaves.', 'thyme', ['butter'], 'pick'],
    ['Peel the pears, leaving the stalk on.', 'pears', ['sugar'], 'peel'],
    ['Slice the mushrooms, then chop the stalks finely.', 'mushrooms', ['butter'], 'slices, fine chop'],
    ['Soften the butter and cream it with the sugar.', 'butter', ['sugar'], 'soften'],
    ['Drain the tofu, press it for 20 minutes and cube.', 'tofu', ['oil'], 'dice'],
    ['Roughly tear the kale, discarding the stalks.', 'kale', ['oil'], 'trim, tear'],
    ['Shell the peas.', 'peas', ['mint'], 'peel'],
    ['Toast the cumin and grind it.', 'cumin', ['oil'], 'crush, toast'],
    ['Cut the turbot into four portions.', 'turbot', ['butter'], 'portions'],
    ['Halve and stone the plums.', 'plums', ['sugar'], 'trim, halves'],
    ['Bash the lemongrass.', 'lemongrass', ['stock'], 'crush'],
    ['Wash the rice until the water runs clear.', 'rice', ['water'], 'wash'],
    ['Cube the bread and dry it in the oven.', 'bread', ['butter'], 'dice'],
    ['Cut the butter into small dice and keep it cold.', 'butter', ['flour'], 'fine dice'],
  ] as const)('%s: %s', (step, item, others, wanted) => {
    const said = actionsOn(step, item, others).map(({ action, cut: shape }) => (action === 'cut' ? shape : action));
    expect(said.join(', ')).toBe(wanted);
  });

  it('takes from a step what is done to the one item, not to its neighbour', () => {
    const step = 'Peel the onions and slice thinly; chop the parsley.';
    expect(actionsOn(step, 'onions', ['parsley'])).toEqual([done('peel'), cut('thin slices')]);
    expect(actionsOn('Peel the carrots, then dice.', 'carrots', [])).toEqual([done('peel'), cut('dice')]);
    expect(actionsOn(step, 'flat parsley', ['onions'])).toEqual([cut('chop')]);
    expect(actionsOn(step, 'cream', ['onions'])).toEqual([]);
    expect(actionsOn('Finely dice shallots and fennel.', 'fennel', ['shallots'])).toEqual([cut('fine dice')]);
    expect(actionsOn('Chop the nuts, the dates and the figs.', 'figs', ['nuts', 'dates'])).toEqual([cut('chop')]);
    expect(actionsOn('Slice the leeks and sweat the onions.', 'onions', ['leeks'])).toEqual([cut('slices')].slice(1));
    expect(actionsOn('Peel, core and dice the apples.', 'apples', [])).toEqual([done('peel'), done('trim'), cut('dice')]);
  });
});
