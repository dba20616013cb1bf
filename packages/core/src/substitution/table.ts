/**
 * Kitchen substitutions: ingredient (by fact) | needs it answers | what it does there | instead | ratio | what changes.
 * Ours, from common practice; each is tried before it is served, and the label of the substitute decides. Every row is held against
 * the facts of what is put in, so none answers a need that it goes against itself.
 *
 * `kind: fish` stands for every food of that kind, `holds: nuts` for everything that holds that allergen, where no row names it. What is
 * made (a sauce, a sausage) is answered by its name only: a fish sauce is not replaced as a fish is.
 */
export const SUBSTITUTIONS = `
butter | milk, vegan | as it is | margarine | 1 | less flavour, softer when cold
butter | milk, vegan | enriches | olive oil | 4/5 | no setting when cold; taste of olive
cream | milk, vegan | as it is | oat cream | 1 | thinner, does not whip; reduce a little longer
cream | milk, vegan | as it is | coconut milk | 1 | sweet coconut taste
creme fraiche | milk, vegan | as it is | soya cream | 1 | splits when boiled: stir in off the heat
milk | milk, vegan | as it is | oat milk | 1 | sweeter; contains gluten
milk | milk, vegan, gluten | as it is | soya milk | 1 | beany when raw; contains soya
yoghurt | milk, vegan | as it is | soya cream | 1 | less sour; contains soya
parmesan | milk, vegan, vegetarian | as it is | toasted yeast flakes | 1/2 | savoury but does not melt
comte | milk, vegan, vegetarian | as it is | smoked tofu | 1 | does not melt; contains soya
cheese | milk, vegan | as it is | smoked tofu | 1 | does not melt; contains soya
cheddar | milk, vegan | as it is | smoked tofu | 1 | does not melt; contains soya
halloumi | milk, vegan | as it is | firm tofu | 1 | press and salt it first; contains soya
hazelnuts | nuts | as it is | toasted pumpkin seeds | 1 | greener taste, as crisp
almonds | nuts | as it is | toasted sunflower seeds | 1 | greyer when ground
flaked almonds | nuts | as it is | toasted sunflower seeds | 1 | browner, less crisp
ground almonds | nuts | as it is | ground sunflower seeds | 1 | greyer; greens with bicarbonate
walnuts | nuts | as it is | toasted pumpkin seeds | 1 | less bitter
almond oil | nuts | as it is | rapeseed oil | 1 | no nut flavour: toast some seeds in it
flour | gluten | as it is | gluten free flour blend | 1 | thickens alike; doughs need a binder and tear
flour | gluten | thickens | cornflour | 1/2 | clear, thins when boiled long
bread | gluten | as it is | gluten free bread | 1 | drier, colours faster; contains egg
breadcrumbs | gluten | as it is | polenta | 1 | grainier crust
barley | gluten | as it is | short grain rice | 1 | cooks in half the time; softer
pasta | gluten | as it is | gluten free pasta | 1 | breaks sooner: shorter boil
egg pasta | egg, vegan | as it is | dried pasta | 7/10 | less rich, longer boil
egg yolk | egg, vegan | thickens | cornflour | 1/2 | thickens without richness; boil it once
egg yolk | egg | emulsifies | sunflower lecithin | 1/20 | holds as much oil; no taste or colour
egg yolk | egg, vegan | sets | agar | 1/20 | sets cold and cuts clean; must boil
egg yolk | egg, vegan | colours | turmeric | 1/100 | colour only
egg yolk | egg, vegan | enriches | olive oil | 1/2 | richness only
egg | egg, vegan | binds | chickpea flour | 1/2 | binds with as much water; no rise
egg | egg, vegan | raises | baking powder | 1/12 | rise only: add 45 ml of water for each egg
egg white | egg, vegan | foams | aquafaba | 1 | whips longer, weeps sooner
egg white | egg, vegan | binds | cornflour | 1/4 | coats as well; no foam
mustard | mustard | as it is | wasabi paste | 1/2 | sharp; its label often says mustard
mustard | mustard | emulsifies | sunflower lecithin | 1/10 | holds the oil; no sharpness
celery | celery | as it is | fennel | 1 | aniseed note
celeriac | celery | as it is | parsley root | 1 | sweeter, firmer
sesame seeds | sesame | as it is | poppy seeds | 1 | less oily
tahini | sesame | as it is | sunflower seed paste | 1 | greyer, less bitter
soy sauce | soya, gluten | as it is | coconut seasoning sauce | 1 | sweeter, less salt
soy sauce | gluten | as it is | tamari | 1 | darker, rounder
white wine | no alcohol, sulphites | as it is | verjuice | 1 | sharper: less lemon elsewhere
red wine | no alcohol, sulphites | as it is | grape juice | 1 | sweeter: one part vinegar to seven of juice
port | no alcohol, sulphites | as it is | grape juice | 2 | reduce it by half first
cider | no alcohol, sulphites | as it is | apple juice | 1 | sweeter: add a few drops of vinegar
brandy | no alcohol | as it is | apple juice | 1 | no warmth of alcohol
trout fillet | fish, vegetarian, vegan | as it is | firm tofu | 1 | poach shorter; contains soya
trout | fish, vegetarian, vegan | as it is | firm tofu | 1 | poach shorter; contains soya
anchovy fillets | fish, vegetarian, vegan | as it is | capers | 1 | salt without depth
mussels | molluscs, vegetarian, vegan | as it is | oyster mushrooms | 1/4 | no shells: a quarter of the weight
duck breast | vegetarian, vegan | as it is | king oyster mushrooms | 1 | sears like meat; no fat to render
bacon | vegetarian, vegan, no pork | as it is | smoked tofu | 1 | contains soya; fry it crisp in oil
lard | vegetarian, vegan, no pork | as it is | shortening | 1 | less flavour
suet | vegetarian, vegan, no beef | as it is | vegetable suet | 1 | melts sooner
gelatine | vegetarian, vegan, no pork, no beef | sets | agar | 1/3 | sets firmer and sooner; must boil
powdered gelatine | vegetarian, vegan, no pork, no beef | sets | agar | 1/3 | sets firmer and sooner; must boil
honey | vegan | as it is | maple syrup | 1 | thinner
ghee | milk, vegan | as it is | rapeseed oil | 1 | no nutty taste
buttermilk | milk, vegan | as it is | soya milk | 1 | sour it with 15 ml of lemon juice for 250 ml; contains soya
cream cheese | milk, vegan | as it is | silken tofu | 1 | blend it smooth with lemon and salt; contains soya
cottage cheese | milk, vegan | as it is | silken tofu | 1 | drain it first; contains soya
ricotta | milk, vegan | as it is | firm tofu | 1 | crumble it, loosen it with oil and lemon; contains soya
feta | milk, vegan | as it is | firm tofu | 1 | press it, lay it in brine with lemon overnight; contains soya
goat cheese | milk, vegan | as it is | firm tofu | 1 | sour it with lemon; contains soya
mozzarella | milk, vegan | as it is | firm tofu | 1 | does not melt: salt and oil it; contains soya
blue cheese | milk, vegan | as it is | smoked tofu | 1 | savoury but not sharp; contains soya
brie | milk, vegan | as it is | smoked tofu | 1 | does not melt; contains soya
taleggio | milk, vegan | as it is | smoked tofu | 1 | does not melt; contains soya
condensed milk | milk, vegan | as it is | coconut milk | 2 | sweeten it and reduce it by half first
couscous | gluten | as it is | quinoa | 1 | boil and drain it; it does not swell in a bowl
bulgur | gluten | as it is | quinoa | 1 | boil and drain it; softer
semolina | gluten | as it is | polenta | 1 | coarser, takes longer
rye flour | gluten | as it is | buckwheat flour | 1 | no hold: a dough needs a binder
spelt flour | gluten | as it is | gluten free flour blend | 1 | doughs need a binder and tear
oats | gluten | as it is | millet flakes | 1 | blander, softer
puff pastry | gluten | as it is | gluten free puff pastry | 1 | rises less: its label decides
shortcrust pastry | gluten | as it is | gluten free shortcrust pastry | 1 | tears: roll it between sheets
filo pastry | gluten | as it is | rice paper | 1 | one layer, glassy; fry or bake it oiled
noodles | gluten | as it is | rice noodles | 1 | softer: soak, do not boil
egg noodles | gluten, egg, vegan | as it is | rice noodles | 1 | softer: soak, do not boil
tortilla | gluten | as it is | corn tortillas | 1 | breaks when cold
soba noodles | gluten | as it is | rice noodles | 1 | no nutty taste
beer | gluten, no alcohol | as it is | apple juice | 1 | sweeter, not bitter: a few drops of vinegar
rum | no alcohol | as it is | apple juice | 1 | no warmth of alcohol
gin | no alcohol | as it is | apple juice | 1 | no warmth: bruise some juniper in it
whisky | no alcohol | as it is | apple juice | 1 | no warmth and no smoke
sherry | no alcohol, sulphites | as it is | grape juice | 1 | sweeter: a few drops of vinegar
madeira | no alcohol, sulphites | as it is | grape juice | 1 | reduce it by a third first
vermouth | no alcohol, sulphites | as it is | grape juice | 1 | steep herbs in it; a few drops of vinegar
rice wine | no alcohol | as it is | apple juice | 1 | sweeter: less sugar elsewhere
fish sauce | fish, vegetarian, vegan | as it is | soy sauce | 1 | darker; contains soya and gluten
worcester sauce | fish, vegetarian, vegan | as it is | soy sauce | 1/2 | sharpen it with vinegar; contains soya and gluten
oyster sauce | molluscs, gluten, soya, vegetarian, vegan | as it is | coconut seasoning sauce | 1 | thinner, sweeter: thicken it
mayonnaise | egg, mustard, vegan | as it is | vegan mayonnaise | 1 | its label decides
fish stock | fish, vegetarian, vegan | as it is | vegetable stock | 1 | lighter; mostly contains celery
chicken stock | vegetarian, vegan | as it is | vegetable stock | 1 | lighter; mostly contains celery
beef stock | vegetarian, vegan, no beef | as it is | vegetable stock | 1 | lighter, sets nothing; mostly contains celery
pork stock | vegetarian, vegan, no pork | as it is | vegetable stock | 1 | lighter; mostly contains celery
vegetable stock | celery | as it is | water | 1 | simmer onion, leek and mushroom in it first
ham | vegetarian, vegan, no pork | as it is | smoked tofu | 1 | drier; contains soya
chorizo | vegetarian, vegan, no pork | as it is | smoked tofu | 1 | season it with smoked paprika and garlic; contains soya
sausages | vegetarian, vegan, no pork | as it is | smoked tofu | 1 | holds together less; contains soya
duck fat | vegetarian, vegan | as it is | rapeseed oil | 1 | less flavour, does not set
tofu | soya | as it is | butter beans | 1 | softer: crush or roast them
soya milk | soya | as it is | rice milk | 1 | thinner, sweeter; does not curdle
almond milk | nuts | as it is | oat milk | 1 | sweeter; contains gluten
oat milk | gluten | as it is | rice milk | 1 | thinner
lupin flour | lupin | as it is | chickpea flour | 1 | less yellow
celery salt | celery | as it is | fine salt | 1 | salt only
mustard powder | mustard | as it is | wasabi paste | 1 | sharp; its label often says mustard
sesame oil | sesame | as it is | rapeseed oil | 1 | no roasted taste
balsamic vinegar | sulphites | as it is | date syrup | 1/2 | add as much lemon juice: its label decides
almond butter | nuts | as it is | sunflower seed paste | 1 | greyer, more bitter
peanut butter | peanut | as it is | sunflower seed paste | 1 | greyer, more bitter
vanilla extract | no alcohol | as it is | vanilla sugar | 2 | sweeter: as much less sugar elsewhere
sherry vinegar | sulphites | as it is | lemon juice | 1 | squeeze it: bottled juice often holds sulphites
sponge fingers | gluten | as it is | gluten free sponge fingers | 1 | soak up less, fall apart sooner
brioche | gluten | as it is | gluten free bread | 1 | less rich; contains egg
milk chocolate | milk, vegan | as it is | dairy free chocolate | 1 | its label decides: it often may contain milk
kind: fish | fish, vegetarian, vegan | as it is | firm tofu | 1 | press and salt it; cook it shorter; contains soya
kind: crustacean | crustaceans, vegetarian, vegan | as it is | hearts of palm | 1 | tender and bland: season it well
kind: mollusc | molluscs, vegetarian, vegan | as it is | oyster mushrooms | 1/2 | no shells: half of the weight
kind: poultry | vegetarian, vegan | as it is | king oyster mushrooms | 1 | sears like meat; gives no juices to a sauce
kind: cattle | vegetarian, vegan, no beef | as it is | king oyster mushrooms | 1 | sears like meat; gives no juices to a sauce
kind: pig | vegetarian, vegan, no pork | as it is | king oyster mushrooms | 1 | sears like meat; gives no fat
kind: other mammal | vegetarian, vegan | as it is | king oyster mushrooms | 1 | sears like meat; gives no juices to a sauce
holds: nuts | nuts | as it is | toasted pumpkin seeds | 1 | greener taste, as crisp
holds: peanut | peanut | as it is | toasted sunflower seeds | 1 | smaller, less sweet
`;
