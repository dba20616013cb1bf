/**
 * Ingredient lines as people write them, with what a person says they mean:
 * written | amount | unit | item | preparation | note | one | to taste | certainty (s sure, d doubtful, h held)
 */
export const LINES = `
500 g strong white flour | 500 | g | strong white flour |  |  |  |  | s
500g strong white flour | 500 | g | strong white flour |  |  |  |  | s
500 grams strong white flour | 500 | g | strong white flour |  |  |  |  | s
1 kg waxy potatoes | 1 | kg | waxy potatoes |  |  |  |  | s
1kg waxy potatoes, scrubbed | 1 | kg | waxy potatoes | scrubbed |  |  |  | s
1.5 kg ripe tomatoes | 3/2 | kg | ripe tomatoes |  |  |  |  | s
1,5 kg ripe tomatoes | 3/2 | kg | ripe tomatoes |  |  |  |  | s
0.75 l vegetable stock | 3/4 | l | vegetable stock |  |  |  |  | s
750 ml vegetable stock | 750 | ml | vegetable stock |  |  |  |  | s
7.5 dl water | 15/2 | dl | water |  |  |  |  | s
25 cl single cream | 25 | cl | single cream |  |  |  |  | s
2 litres cold water | 2 | l | cold water |  |  |  |  | s
2 l. cold water | 2 | l | cold water |  |  |  |  | s
1 litre boiling water | 1 | l | boiling water |  |  |  |  | s
250ml/9fl oz whole milk | 250 | ml | whole milk |  |  |  |  | s
250 ml (9 fl oz) whole milk | 250 | ml | whole milk |  | 9 fl oz |  |  | s
100g/3½oz unsalted butter | 100 | g | unsalted butter |  |  |  |  | s
100 g / 3.5 oz unsalted butter | 100 | g | unsalted butter |  |  |  |  | s
225g (8oz) self-raising flour, sifted | 225 | g | self-raising flour | sifted | 8oz |  |  | s
1lb carrots | 1 | lb | carrots |  |  |  |  | s
2 lbs carrots, peeled | 2 | lb | carrots | peeled |  |  |  | s
1 lb 8 oz plums | 3/2 | lb | plums |  |  |  |  | s
6 oz dark chocolate, chopped | 6 | oz | dark chocolate | chopped |  |  |  | s
12 ounces mushrooms | 12 | oz | mushrooms |  |  |  |  | s
1 pint whole milk | 1 | pint | whole milk |  |  |  |  | d
½ pint double cream | 1/2 | pint | double cream |  |  |  |  | d
1 cup plain flour | 1 | cup | plain flour |  |  |  |  | s
1 1/2 cups plain flour | 3/2 | cup | plain flour |  |  |  |  | s
1½ cups plain flour | 3/2 | cup | plain flour |  |  |  |  | s
1-1/2 cups plain flour | 3/2 | cup | plain flour |  |  |  |  | s
2 and a half cups milk | 5/2 | cup | milk |  |  |  |  | s
3/4 cup caster sugar | 3/4 | cup | caster sugar |  |  |  |  | s
¾ cup caster sugar | 3/4 | cup | caster sugar |  |  |  |  | s
2/3 cup olive oil | 2/3 | cup | olive oil |  |  |  |  | s
⅓ cup raisins | 1/3 | cup | raisins |  |  |  |  | s
1 cup plus 2 tablespoons flour | 9/8 | cup | flour |  |  |  |  | s
1/4 cup + 1 tbsp honey | 5/16 | cup | honey |  |  |  |  | s
1 tbsp olive oil | 1 | tbsp | olive oil |  |  |  |  | s
1 tablespoon olive oil | 1 | tbsp | olive oil |  |  |  |  | s
1 Tbsp olive oil | 1 | tbsp | olive oil |  |  |  |  | s
1 T olive oil | 1 | tbsp | olive oil |  |  |  |  | s
1 tbs olive oil | 1 | tbsp | olive oil |  |  |  |  | s
2 tbsps olive oil | 2 | tbsp | olive oil |  |  |  |  | s
2 tablespoons of olive oil | 2 | tbsp | olive oil |  |  |  |  | s
1 heaped tbsp cornflour | 1 | tbsp | cornflour |  |  |  |  | s
1 level teaspoon salt | 1 | tsp | salt |  |  |  |  | s
1 tsp ground cumin | 1 | tsp | ground cumin |  |  |  |  | s
1 t ground cumin | 1 | tsp | ground cumin |  |  |  |  | s
1 teaspoon ground cumin | 1 | tsp | ground cumin |  |  |  |  | s
½ tsp turmeric | 1/2 | tsp | turmeric |  |  |  |  | s
1/2 tsp. turmeric | 1/2 | tsp | turmeric |  |  |  |  | s
¼ teaspoon cayenne | 1/4 | tsp | cayenne |  |  |  |  | s
2-3 tsp harissa | 2-3 | tsp | harissa |  |  |  |  | s
2 to 3 tbsp cold water | 2-3 | tbsp | cold water |  |  |  |  | s
2–3 tablespoons lemon juice | 2-3 | tbsp | lemon juice |  |  |  |  | s
1-2 tbsp soy sauce | 1-2 | tbsp | soy sauce |  |  |  |  | s
150-200 g spinach | 150-200 | g | spinach |  |  |  |  | s
150 to 200 grams spinach | 150-200 | g | spinach |  |  |  |  | s
3-4 sprigs thyme | 3-4 | sprig | thyme |  |  |  |  | s
3 - 4 sprigs rosemary | 3-4 | sprig | rosemary |  |  |  |  | s
6–8 large sage leaves | 6-8 | leaf | sage |  |  |  |  | s
10 to 12 small shallots | 10-12 | each | shallots |  |  |  |  | s
about 30 g hazelnuts | 30 | g | hazelnuts |  |  |  |  | s
approx. 200 g rhubarb | 200 | g | rhubarb |  |  |  |  | s
approximately 1 litre stock | 1 | l | stock |  |  |  |  | s
around 50 g walnuts | 50 | g | walnuts |  |  |  |  | s
ca. 300 g kale | 300 | g | kale |  |  |  |  | s
~40 g parmesan | 40 | g | parmesan |  |  |  |  | s
roughly 2 tbsp capers | 2 | tbsp | capers |  |  |  |  | s
a pinch of salt | 1 | pinch | salt |  |  |  |  | s
pinch of salt | 1 | pinch | salt |  |  |  |  | s
a pinch of saffron threads | 1 | pinch | saffron threads |  |  |  |  | s
2 pinches of nutmeg | 2 | pinch | nutmeg |  |  |  |  | s
a good pinch of cayenne | 1 | pinch | cayenne |  |  |  |  | s
a large pinch of smoked paprika | 1 | pinch | smoked paprika |  |  |  |  | s
a knob of butter | 1 | knob | butter |  |  |  |  | s
knob of butter | 1 | knob | butter |  |  |  |  | s
a handful of parsley | 1 | handful | parsley |  |  |  |  | s
a small handful of mint leaves | 1 | handful | mint leaves |  |  |  |  | s
2 handfuls spinach | 2 | handful | spinach |  |  |  |  | s
a splash of white wine vinegar | 1 | splash | white wine vinegar |  |  |  |  | s
a dash of soy sauce | 1 | dash | soy sauce |  |  |  |  | s
a drizzle of honey | 1 | drizzle | honey |  |  |  |  | s
1 large onion | 1 | each | onion |  |  |  |  | s
1 large onion, finely diced | 1 | each | onion | finely diced |  |  |  | s
1 onion, large, chopped | 1 | each | onion | chopped |  |  |  | s
2 medium carrots, peeled and grated | 2 | each | carrots | peeled and grated |  |  |  | s
2 medium-sized carrots | 2 | each | carrots |  |  |  |  | s
1 small red onion, thinly sliced | 1 | each | red onion | thinly sliced |  |  |  | s
3 large ripe tomatoes, quartered | 3 | each | ripe tomatoes | quartered |  |  |  | s
4 medium bulbs fennel (about 250g each), fronds kept | 4 | bulb | fennel | fronds kept |  | 250 g |  | s
4 trout fillets (about 130 g each) | 4 | each | trout fillets |  |  | 130 g |  | s
2 duck breasts (180 g each) | 2 | each | duck breasts |  |  | 180 g |  | s
1 aubergine (about 300 g) | 1 | each | aubergine |  |  | 300 g |  | s
1 medium leek, white part only | 1 | each | leek | white part only |  |  |  | s
4 leeks, trimmed and washed | 4 | each | leeks | trimmed and washed |  |  |  | s
2 leeks | 2 | each | leeks |  |  |  |  | s
one leek | 1 | each | leek |  |  |  |  | s
two shallots, finely chopped | 2 | each | shallots | finely chopped |  |  |  | s
three garlic cloves, crushed | 3 | clove | garlic | crushed |  |  |  | s
half a lemon | 1/2 | each | lemon |  |  |  |  | s
half an onion | 1/2 | each | onion |  |  |  |  | s
1/2 lemon | 1/2 | each | lemon |  |  |  |  | s
½ a cucumber, seeded | 1/2 | each | cucumber | seeded |  |  |  | s
a quarter of a red cabbage | 1/4 | each | red cabbage |  |  |  |  | s
a dozen mussels | 12 | each | mussels |  |  |  |  | s
half a dozen shallots | 6 | each | shallots |  |  |  |  | s
a couple of bay leaves | 2 | each | bay leaves |  |  |  |  | s
1 bay leaf | 1 | each | bay leaf |  |  |  |  | s
2 bay leaves | 2 | each | bay leaves |  |  |  |  | s
1 fresh bay leaf | 1 | each | fresh bay leaf |  |  |  |  | s
1 clove garlic | 1 | clove | garlic |  |  |  |  | s
2 cloves garlic, crushed | 2 | clove | garlic | crushed |  |  |  | s
2 cloves of garlic, crushed | 2 | clove | garlic | crushed |  |  |  | s
4 garlic cloves | 4 | clove | garlic |  |  |  |  | s
1 small clove garlic | 1 | clove | garlic |  |  |  |  | s
1 head of garlic | 1 | head | garlic |  |  |  |  | s
1 bulb garlic | 1 | bulb | garlic |  |  |  |  | s
1 stick celery | 1 | stick | celery |  |  |  |  | s
2 sticks celery, finely sliced | 2 | stick | celery | finely sliced |  |  |  | s
2 celery sticks, finely sliced | 2 | stick | celery | finely sliced |  |  |  | s
3 stalks lemongrass | 3 | stalk | lemongrass |  |  |  |  | s
1 cinnamon stick | 1 | stick | cinnamon |  |  |  |  | s
1 stick cinnamon | 1 | stick | cinnamon |  |  |  |  | s
1 star anise | 1 | each | star anise |  |  |  |  | s
4 cloves | 4 | each | cloves |  |  |  |  | s
4 whole cloves | 4 | each | cloves |  |  |  |  | s
6 cardamom pods | 6 | each | cardamom pods |  |  |  |  | s
1 vanilla pod, split | 1 | each | vanilla pod | split |  |  |  | s
½ vanilla pod | 1/2 | each | vanilla pod |  |  |  |  | s
1 bunch chives | 1 | bunch | chives |  |  |  |  | s
1 bunch of chives, snipped | 1 | bunch | chives | snipped |  |  |  | s
½ bunch flat parsley | 1/2 | bunch | flat parsley |  |  |  |  | s
a bunch of watercress | 1 | bunch | watercress |  |  |  |  | s
1 small bunch dill, chopped | 1 | bunch | dill | chopped |  |  |  | s
2 slices sourdough bread | 2 | slice | sourdough bread |  |  |  |  | s
4 slices bread (about 40 g each) | 4 | slice | bread |  |  | 40 g |  | s
3 leaves gelatine | 3 | leaf | gelatine |  |  |  |  | s
2 sheets nori | 2 | sheet | nori |  |  |  |  | s
1 head lettuce | 1 | head | lettuce |  |  |  |  | s
1 bouquet garni | 1 | each | bouquet garni |  |  |  |  | s
1 (400 g) tin plum tomatoes, drained | 1 | tin | plum tomatoes | drained |  | 400 g |  | s
1 400g tin plum tomatoes | 1 | tin | plum tomatoes |  |  | 400 g |  | s
1 x 400g tin chickpeas, drained | 1 | tin | chickpeas | drained |  | 400 g |  | s
2 x 400 g tins chickpeas | 2 | tin | chickpeas |  |  | 400 g |  | s
2 tins chickpeas (400 g each) | 2 | tin | chickpeas |  |  | 400 g |  | s
2 tins (400g each) butter beans | 2 | tin | butter beans |  |  | 400 g |  | s
1 tin chopped tomatoes | 1 | tin | chopped tomatoes |  |  |  |  | s
one 400 g tin of tomatoes | 1 | tin | tomatoes |  |  | 400 g |  | s
1/2 x 400g tin coconut milk | 1/2 | tin | coconut milk |  |  | 400 g |  | s
1 jar (200 g) roasted peppers | 1 | jar | roasted peppers |  |  | 200 g |  | s
1 packet (7 g) dried yeast | 1 | packet | dried yeast |  |  | 7 g |  | s
1 sachet dried yeast | 1 | packet | dried yeast |  |  |  |  | s
1 can coconut milk | 1 | tin | coconut milk |  |  |  |  | s
juice of 1 lemon | 1 | each | lemon | juice |  |  |  | s
juice of half a lemon | 1/2 | each | lemon | juice |  |  |  | s
the juice of 2 limes | 2 | each | limes | juice |  |  |  | s
zest of 1 orange | 1 | each | orange | zest |  |  |  | s
grated zest of 1 orange | 1 | each | orange | zest |  |  |  | s
finely grated zest of 1 lemon | 1 | each | lemon | zest |  |  |  | s
zest and juice of 2 limes | 2 | each | limes | zest and juice |  |  |  | s
juice and zest of 1 lemon | 1 | each | lemon | juice and zest |  |  |  | s
juice 1 lemon | 1 | each | lemon | juice |  |  |  | s
1 lemon, juice only | 1 | each | lemon | juice only |  |  |  | s
1 lemon, zested | 1 | each | lemon | zested |  |  |  | s
2 limes, juiced | 2 | each | limes | juiced |  |  |  | s
1 orange, zest and juice | 1 | each | orange | zest and juice |  |  |  | s
1 lemon, cut into wedges | 1 | each | lemon | cut into wedges |  |  |  | s
salt, to taste |  |  | salt |  |  |  | T | s
salt to taste |  |  | salt |  |  |  | T | s
salt |  |  | salt |  |  |  | T | s
sea salt |  |  | sea salt |  |  |  | T | s
flaky sea salt |  |  | flaky sea salt |  |  |  | T | s
salt and pepper |  |  | salt and pepper |  |  |  | T | s
salt and freshly ground black pepper |  |  | salt and freshly ground black pepper |  |  |  | T | s
salt & pepper |  |  | salt & pepper |  |  |  | T | s
freshly ground black pepper |  |  | black pepper | freshly ground |  |  | T | s
black pepper, to taste |  |  | black pepper |  |  |  | T | s
pepper |  |  | pepper |  |  |  | T | s
lemon juice, to taste |  |  | lemon juice |  |  |  | T | d
cayenne to taste |  |  | cayenne |  |  |  | T | s
1 tsp salt, or to taste | 1 | tsp | salt |  |  |  |  | s
1 1/2 tbsp olive oil, plus extra to finish | 3/2 | tbsp | olive oil |  | plus extra to finish |  |  | s
125 g butter, plus extra for greasing | 125 | g | butter |  | plus extra for greasing |  |  | s
2 tbsp flour, plus more for dusting | 2 | tbsp | flour |  | plus more for dusting |  |  | s
50 g parmesan, grated, plus extra to serve | 50 | g | parmesan | grated | plus extra to serve |  |  | s
1 tbsp oil, for frying | 1 | tbsp | oil |  | for frying |  |  | s
20 g butter, for the tin | 20 | g | butter |  | for the tin |  |  | s
2 tbsp oil, for brushing | 2 | tbsp | oil |  | for brushing |  |  | s
100 g flour for dusting | 100 | g | flour |  | for dusting |  |  | s
Flour 250 g | 250 | g | Flour |  |  |  |  | s
Flour: 250 g | 250 | g | Flour |  |  |  |  | s
Flour - 250 g | 250 | g | Flour |  |  |  |  | s
Butter 125 g, cold | 125 | g | Butter | cold |  |  |  | s
Butter: 125g, cold and cubed | 125 | g | Butter | cold and cubed |  |  |  | s
Sugar, 100 g | 100 | g | Sugar |  |  |  |  | s
Caster sugar ........ 100 g | 100 | g | Caster sugar |  |  |  |  | s
Milk 250ml | 250 | ml | Milk |  |  |  |  | s
Eggs 2 | 2 | each | Eggs |  |  |  |  | s
Carrots (peeled) 200 g | 200 | g | Carrots | peeled |  |  |  | s
Olive oil 2 tbsp | 2 | tbsp | Olive oil |  |  |  |  | s
Salt – 5 g | 5 | g | Salt |  |  |  |  | s
Water 1 l | 1 | l | Water |  |  |  |  | s
- 200 g rice | 200 | g | rice |  |  |  |  | s
• 200 g rice | 200 | g | rice |  |  |  |  | s
* 2 leeks | 2 | each | leeks |  |  |  |  | s
▢ 2 leeks | 2 | each | leeks |  |  |  |  | s
[ ] 2 leeks | 2 | each | leeks |  |  |  |  | s
– 2 leeks, sliced | 2 | each | leeks | sliced |  |  |  | s
100 g rice or barley | 100 | g | rice |  | or barley |  |  | d
2 carrots or parsnips | 2 | each | carrots |  | or parsnips |  |  | d
1 tbsp butter or oil | 1 | tbsp | butter |  | or oil |  |  | d
butter or oil, 1 tbsp | 1 | tbsp | butter |  | or oil |  |  | d
250 g mushrooms (chestnut or button) | 250 | g | mushrooms |  | chestnut or button |  |  | s
1 tsp dried thyme (optional) | 1 | tsp | dried thyme |  | optional |  |  | s
1 tbsp capers, optional | 1 | tbsp | capers |  | optional |  |  | s
optional: 1 tbsp capers | 1 | tbsp | capers |  | optional |  |  | s
60g stale bread | 60 | g | stale bread |  |  |  |  | s
60 g day-old bread, torn | 60 | g | day-old bread | torn |  |  |  | s
2 oz green olives, stoned and sliced | 2 | oz | green olives | stoned and sliced |  |  |  | s
30 g black olives (stoned) | 30 | g | black olives | stoned |  |  |  | s
75g pitted dates | 75 | g | pitted dates |  |  |  |  | s
2 tbsp flat parsley leaves, chopped | 2 | tbsp | flat parsley leaves | chopped |  |  |  | s
2 tbsp chopped flat parsley | 2 | tbsp | flat parsley | chopped |  |  |  | s
2 tbsp finely chopped chives | 2 | tbsp | chives | finely chopped |  |  |  | s
1 tbsp freshly squeezed lemon juice | 1 | tbsp | lemon juice | freshly squeezed |  |  |  | s
100 g toasted hazelnuts | 100 | g | hazelnuts | toasted |  |  |  | s
100 g hazelnuts, toasted | 100 | g | hazelnuts | toasted |  |  |  | s
200 g peeled and diced swede | 200 | g | swede | peeled and diced |  |  |  | s
500 g peeled potatoes | 500 | g | potatoes | peeled |  |  |  | s
250 g cooked lentils | 250 | g | lentils | cooked |  |  |  | s
100 g melted butter | 100 | g | butter | melted |  |  |  | s
1 tbsp ground almonds | 1 | tbsp | ground almonds |  |  |  |  | s
50 g ground almonds | 50 | g | ground almonds |  |  |  |  | s
400 g chopped tomatoes | 400 | g | chopped tomatoes |  |  |  |  | s
1 kg mussels, scrubbed and bearded | 1 | kg | mussels | scrubbed and bearded |  |  |  | s
300 g 00 flour | 300 | g | 00 flour |  |  |  |  | s
1/3 cup dry white wine | 1/3 | cup | dry white wine |  |  |  |  | s
150 ml dry white wine | 150 | ml | dry white wine |  |  |  |  | s
100ml red wine | 100 | ml | red wine |  |  |  |  | s
2 tbsp sherry vinegar | 2 | tbsp | sherry vinegar |  |  |  |  | s
1 tbsp dijon mustard | 1 | tbsp | dijon mustard |  |  |  |  | s
1 tsp wholegrain mustard | 1 | tsp | wholegrain mustard |  |  |  |  | s
3 tbsp clear honey | 3 | tbsp | clear honey |  |  |  |  | s
1 tbsp maple syrup | 1 | tbsp | maple syrup |  |  |  |  | s
1 tbsp tomato purée | 1 | tbsp | tomato purée |  |  |  |  | s
2 tbsp crème fraîche | 2 | tbsp | crème fraîche |  |  |  |  | s
200 g crème fraîche | 200 | g | crème fraîche |  |  |  |  | s
80 ml crème fraîche | 80 | ml | crème fraîche |  |  |  |  | s
1 egg yolk | 1 | each | egg yolk |  |  |  |  | s
2 egg yolks | 2 | each | egg yolks |  |  |  |  | s
3 egg whites | 3 | each | egg whites |  |  |  |  | s
15 g fresh yeast | 15 | g | fresh yeast |  |  |  |  | s
7 g dried yeast | 7 | g | dried yeast |  |  |  |  | s
5 g bicarbonate of soda | 5 | g | bicarbonate of soda |  |  |  |  | s
1 tsp baking powder | 1 | tsp | baking powder |  |  |  |  | s
2 g agar | 2 | g | agar |  |  |  |  | s
2 gelatine leaves | 2 | leaf | gelatine |  |  |  |  | s
1 x 2cm piece ginger | 1 | each | ginger |  |  |  |  | d
a thumb of ginger, grated | 1 | thumb | ginger | grated |  |  |  | s
3 cm ginger | 1 | each | ginger |  |  |  |  | d
2 cm piece of ginger, peeled | 1 | each | ginger | peeled |  |  |  | d
some parsley |  |  | parsley |  |  |  |  | h
a few sage leaves | 3 | leaf | sage |  |  |  |  | s
a little oil |  |  | oil |  |  |  |  | h
oil for frying |  |  | oil |  | for frying |  |  | h
oil, for deep frying |  |  | oil |  | for deep frying |  |  | h
butter for the tin |  |  | butter |  | for the tin |  |  | h
chopped chives |  |  | chives | chopped |  |  |  | h
chives |  |  | chives |  |  |  |  | h
parsley to garnish |  |  | parsley |  | to garnish |  |  | h
lemon wedges, to serve |  |  | lemon wedges |  | to serve |  |  | h
crusty bread to serve |  |  | crusty bread |  | to serve |  |  | h
water |  |  | water |  |  |  |  | h
water as needed |  |  | water |  |  |  | T | d
enough water to cover |  |  | enough water to cover |  |  |  |  | h
3 glugs olive oil | 3 | each | glugs olive oil |  |  |  |  | h
1 glug cider | 1 | each | glug cider |  |  |  |  | h
2 flour | 2 | each | flour |  |  |  |  | h
2% salt |  |  | salt |  |  |  | T | h
60 % water |  |  | water |  |  |  |  | h
65% hydration |  |  | hydration |  |  |  |  | h
1 splodge yoghurt | 1 | each | splodge yoghurt |  |  |  |  | h
??? |  |  | ??? |  |  |  |  | h
200 g | 200 | g |  |  |  |  |  | h
-3 g salt | 3 | g | salt |  |  |  |  | h
0 lemons |  |  | lemons |  |  |  |  | h
12345678 g flour |  |  | 12345678 g flour |  |  |  |  | h
1/0 cup milk | 1 | each | /0 cup milk |  |  |  |  | h
l tbsp olive oil | 1 | tbsp | olive oil |  |  |  |  | d
1OO g flour | 100 | g | flour |  |  |  |  | d
5OO ml milk | 500 | ml | milk |  |  |  |  | d
2OO g rice | 200 | g | rice |  |  |  |  | d
1 tbsp o1ive oil | 1 | tbsp | olive oil |  |  |  |  | d
100 g (1 cup) oats | 100 | g | oats |  | 1 cup |  |  | s
240 ml (1 cup) milk | 240 | ml | milk |  | 1 cup |  |  | s
1 cup (240 ml) milk | 1 | cup | milk |  | 240 ml |  |  | s
1 cup (120 g) plain flour | 1 | cup | plain flour |  | 120 g |  |  | s
2 sticks butter | 2 | stick | butter |  |  |  |  | s
1 stick (113 g) butter | 1 | stick | butter |  |  | 113 g |  | s
4 discs goat cheese | 4 | disc | goat cheese |  |  |  |  | s
3 spears asparagus per plate | 3 | spear | asparagus |  | per plate |  |  | d
30 g hazelnut crumb per plate | 30 | g | hazelnut crumb |  | per plate |  |  | d
8 asparagus spears | 8 | spear | asparagus |  |  |  |  | s
1 rib celery | 1 | rib | celery |  |  |  |  | s
2 ribs celery, diced | 2 | rib | celery | diced |  |  |  | s
1 punnet raspberries | 1 | punnet | raspberries |  |  |  |  | s
1 tub ricotta | 1 | tub | ricotta |  |  |  |  | s
4 pears, firm but ripe | 4 | each | pears | firm but ripe |  |  |  | s
4 firm pears, peeled | 4 | each | firm pears | peeled |  |  |  | s
1 ripe avocado | 1 | each | ripe avocado |  |  |  |  | s
2 sprigs of dill, picked | 2 | sprig | dill | picked |  |  |  | s
1 tbsp. fish sauce | 1 | tbsp | fish sauce |  |  |  |  | s
1 cup of cooked rice | 1 | cup | rice | cooked |  |  |  | s
3 tablespoons cornflour, slaked | 3 | tbsp | cornflour | slaked |  |  |  | s
1kg/2lb 4oz plums, halved and stoned | 1 | kg | plums | halved and stoned |  |  |  | s
900g/2lb floury potatoes | 900 | g | floury potatoes |  |  |  |  | s
3 heaped tablespoons of plain yoghurt | 3 | tbsp | plain yoghurt |  |  |  |  | s
200g/7oz chestnut mushrooms, wiped and halved | 200 | g | chestnut mushrooms | wiped and halved |  |  |  | s
1 x 250g pack halloumi, sliced | 1 | packet | halloumi | sliced |  | 250 g |  | s
5cm piece fresh ginger, peeled and finely chopped | 1 | each | fresh ginger | peeled and finely chopped |  |  |  | d
2 large handfuls of baby spinach (about 60g) | 2 | handful | baby spinach |  | about 60g |  |  | s
a few grinds of black pepper |  |  | black pepper |  |  |  | T | s
Zest of ½ orange | 1/2 | each | orange | zest |  |  |  | s
1–2 red chillies, deseeded and finely chopped (optional) | 1-2 | each | red chillies | deseeded and finely chopped | optional |  |  | s
1 large free-range egg, beaten | 1 | each | free-range egg | beaten |  |  |  | s
150ml (¼ pint) hot vegetable stock | 150 | ml | hot vegetable stock |  | ¼ pint |  |  | s
Vegetable oil, for deep-frying |  |  | Vegetable oil |  | for deep-frying |  |  | h
4 skin-on trout fillets, about 140g each | 4 | each | skin-on trout fillets |  |  | 140 g |  | s
1 small butternut, approx 800g, peeled and cubed | 1 | each | butternut | peeled and cubed |  | 800 g |  | s
½-1 tsp dried chilli flakes | 1/2-1 | tsp | dried chilli flakes |  |  |  |  | s
Pinch sugar | 1 | pinch | sugar |  |  |  |  | s
6 tbsp extra virgin olive oil, plus 2 tbsp for drizzling | 6 | tbsp | extra virgin olive oil |  | plus 2 tbsp; for drizzling |  |  | d
12 cherry tomatoes, halved | 12 | each | cherry tomatoes | halved |  |  |  | s
good-quality sea salt flakes |  |  | good-quality sea salt flakes |  |  |  | T | s
300 g (about 2 cups) cooked chickpeas | 300 | g | chickpeas | cooked | about 2 cups |  |  | s
1 lb. green beans, ends trimmed | 1 | lb | green beans | ends trimmed |  |  |  | s
One 28-ounce can whole peeled tomatoes | 1 | tin | whole peeled tomatoes |  |  | 28 oz |  | s
2 (15 oz) cans black beans, rinsed and drained | 2 | tin | black beans | rinsed and drained |  | 15 oz |  | s
1 quart vegetable stock | 1 | quart | vegetable stock |  |  |  |  | s
1 stick (8 tablespoons) unsalted butter, softened | 1 | stick | unsalted butter | softened |  | 8 tbsp |  | s
⅛ teaspoon ground nutmeg | 1/8 | tsp | ground nutmeg |  |  |  |  | s
1 ½ teaspoons kosher salt | 3/2 | tsp | kosher salt |  |  |  |  | s
4 ears corn, shucked | 4 | each | ears corn | shucked |  |  |  | s
3 scallions, thinly sliced on the bias | 3 | each | scallions | thinly sliced on the bias |  |  |  | s
Kosher salt and freshly ground pepper |  |  | Kosher salt and freshly ground pepper |  |  |  | T | s
1 1/2-2 cups water | 3/2-2 | cup | water |  |  |  |  | s
20cl cream | 20 | cl | cream |  |  |  |  | s
1 Bund parsley | 1 | each | Bund parsley |  |  |  |  | h
30 g unsalted butter + 10 g for the pan | 30 | g | unsalted butter |  | plus 10 g; for the pan |  |  | d
2 slices of day-old sourdough, crusts removed | 2 | slice | day-old sourdough | crusts removed |  |  |  | s
200 g cauliflower florets | 200 | g | cauliflower florets |  |  |  |  | s
1 cup packed brown sugar | 1 | cup | packed brown sugar |  |  |  |  | s
1 cup chopped walnuts | 1 | cup | walnuts | chopped |  |  |  | s
1/2 a red onion | 1/2 | each | red onion |  |  |  |  | s
1 heaping cup grated carrot (about 2 medium carrots) | 1 | cup | carrot | grated | about 2 medium carrots |  |  | s
500 ml milk (whole) | 500 | ml | milk |  | whole |  |  | s
juice and finely grated zest of 1 unwaxed lemon | 1 | each | unwaxed lemon | juice and finely grated zest |  |  |  | s
50g each of almonds and hazelnuts | 50 | g | almonds and hazelnuts |  |  |  |  | h
2 bay leaves, 4 sprigs thyme | 2 | each | bay leaves | 4 sprigs thyme |  |  |  | d
salt & freshly milled pepper to taste |  |  | salt & freshly milled pepper |  |  |  | T | s
350g strong wholemeal flour, plus a handful for the worktop | 350 | g | strong wholemeal flour |  | plus a handful for the worktop |  |  | s
1 thumb-sized piece of ginger | 1 | thumb | ginger |  |  |  |  | s
2 large or 3 small courgettes | 2 | each | courgettes |  | or 3 small courgettes |  |  | d
250ml carton double cream | 250 | ml | double cream |  |  |  |  | s
1 tbsp olive oil for the dressing | 1 | tbsp | olive oil |  | for the dressing |  |  | s
Small bunch of mint | 1 | bunch | mint |  |  |  |  | s
4 x 130g trout fillets, skin on | 4 | each | trout fillets | skin on |  | 130 g |  | s
3 tbsp each soy sauce and honey | 3 | tbsp | soy sauce and honey |  |  |  |  | h
half a bunch of thyme | 1/2 | bunch | thyme |  |  |  |  | s
1 kg + 200 g plums | 6/5 | kg | plums |  |  |  |  | s
150g podded peas, fresh or frozen | 150 | g | podded peas | fresh or frozen |  |  |  | s
1 medium celeriac (about 700g), peeled | 1 | each | celeriac | peeled |  | 700 g |  | s
two 5 cm strips of lemon zest | 2 | each | lemon zest |  |  |  |  | d
`;

export interface ExpectedLine {
  readonly written: string;
  readonly amount: string;
  readonly unit: string;
  readonly item: string;
  readonly preparation: string;
  readonly note: string;
  readonly one: string;
  readonly toTaste: boolean;
  readonly certainty: 'sure' | 'doubtful' | 'held';
}

const CERTAINTY = { s: 'sure', d: 'doubtful', h: 'held' } as const;

/** The corpus, row by row. */
export const CORPUS: readonly ExpectedLine[] = LINES.trim()
  .split('\n')
  .map((row) => {
    const [written = '', amount = '', unit = '', item = '', preparation = '', note = '', one = '', taste = '', certainty = ''] =
      row.split(/ ?\| ?/);
    return {
      written,
      amount,
      unit,
      item,
      preparation,
      note,
      one,
      toTaste: taste === 'T',
      certainty: CERTAINTY[certainty.trim() as keyof typeof CERTAINTY],
    };
  });
