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
a scant half teaspoon of asafoetida | 1/2 | tsp | asafoetida |  |  |  |  | s
two-thirds of a cup of brown rice | 2/3 | cup | brown rice |  |  |  |  | s
1 kg (about 8) floury potatoes | 1 | kg | floury potatoes |  | about 8 |  |  | s
8 floury potatoes (about 1 kg) | 8 | each | floury potatoes |  |  | 1/8 kg |  | s
½ a Savoy cabbage, core out | 1/2 | each | Savoy cabbage | core out |  |  |  | s
12 cherry tomatoes on the vine | 12 | each | cherry tomatoes on the vine |  |  |  |  | s
1 heaped soup spoon of honey | 1 | each | heaped soup spoon of honey |  |  |  |  | h
2 sachets (14 g) dried yeast | 2 | packet | dried yeast |  |  | 7 g |  | s
250 g/9 oz unsalted butter, plus extra for greasing | 250 | g | unsalted butter |  | plus extra for greasing |  |  | s
1 litre good vegetable stock (not from a cube) | 1 | l | good vegetable stock |  | not from a cube |  |  | s
a dozen small shallots | 12 | each | shallots |  |  |  |  | s
half a dozen dried figs | 6 | each | dried figs |  |  |  |  | s
1 pt double cream | 1 | pint | double cream |  |  |  |  | d
1 pint (568 ml) whole milk | 1 | pint | whole milk |  | 568 ml |  |  | d
2 lbs 4 oz rhubarb | 9/4 | lb | rhubarb |  |  |  |  | s
1 lb 2 oz / 500 g plain flour | 9/8 | lb | plain flour |  |  |  |  | s
no more than 30 g salt | 30 | g | salt |  |  |  |  | s
around 3 tbsp lime juice | 3 | tbsp | lime juice |  |  |  |  | s
between 80 and 100 g sugar | 80-100 | g | sugar |  |  |  |  | s
3 to 4 handfuls of spinach | 3-4 | handful | spinach |  |  |  |  | s
1 (14-ounce) can coconut milk | 1 | tin | coconut milk |  |  | 14 oz |  | s
1 14-oz. can chickpeas, rinsed | 1 | tin | chickpeas | rinsed |  | 14 oz |  | s
2 15-ounce cans black beans | 2 | tin | black beans |  |  | 15 oz |  | s
one 400g tin of plum tomatoes | 1 | tin | plum tomatoes |  |  | 400 g |  | s
1/2 cup (1 stick/113 g) butter | 1/2 | cup | butter |  | 1 stick/113 g |  |  | s
5 eggs, separated | 5 | each | eggs | separated |  |  |  | s
yolks of 4 eggs | 4 | each | egg yolks |  |  |  |  | s
4 egg whites (120 g) | 4 | each | egg whites |  |  | 30 g |  | s
juice and zest of 1 lime | 1 | each | lime | juice and zest |  |  |  | s
1 lemon, zest finely grated and juice squeezed | 1 | each | lemon | zest finely grated and juice squeezed |  |  |  | s
thumb of ginger, grated | 1 | thumb | ginger | grated |  |  |  | s
1 x 5cm stick cinnamon | 1 | stick | cinnamon |  | 5cm |  |  | s
6 black peppercorns | 6 | each | black peppercorns |  |  |  |  | s
2 cardamom pods, cracked | 2 | each | cardamom pods | cracked |  |  |  | s
20 g flat parsley, leaves only | 20 | g | flat parsley | leaves only |  |  |  | s
1 bunch radishes with their leaves | 1 | bunch | radishes with their leaves |  |  |  |  | s
75 g Parmesan or vegetarian hard cheese, finely grated | 75 | g | Parmesan | finely grated | or vegetarian hard cheese |  |  | d
400 g mixed wild and chestnut mushrooms | 400 | g | mixed wild and chestnut mushrooms |  |  |  |  | s
salt and freshly milled black pepper |  |  | salt and freshly milled black pepper |  |  |  | T | s
a few grinds of pepper |  |  | pepper |  |  |  | T | s
oil, for the tin |  |  | oil |  | for the tin |  |  | h
icing sugar, to dust |  |  | icing sugar |  | to dust |  |  | h
30g each of sunflower and pumpkin seeds | 30 | g | sunflower and pumpkin seeds |  |  |  |  | h
Flour T65 – 1 kg – 100% | 1 | kg | Flour T65 |  |  |  |  | s
Water @ 32C 640 g | 640 | g | Water | @ 32C |  |  |  | s
Yeast (fresh) 0.020 kg | 1/50 | kg | Yeast |  | fresh |  |  | s
Onions, brown, large, 6 no. | 6 | each | Onions | brown, large |  |  |  | s
Carrots 2# peeled | 2 | lb | Carrots | peeled |  |  |  | s
Cream 35% 1 qt | 1 | quart | Cream 35% |  |  |  |  | s
Butter, clarified 4 fl. oz. | 4 | floz | Butter | clarified |  |  |  | s
vegetable oil 1½ dl | 3/2 | dl | vegetable oil |  |  |  |  | s
3 EL Essig | 3 | tbsp | Essig |  |  |  |  | s
2 cl kirsch | 2 | cl | kirsch |  |  |  |  | s
1 can (28 oz) crushed tomatoes | 1 | tin | crushed tomatoes |  |  | 28 oz |  | s
2 c. buttermilk | 2 | cup | buttermilk |  |  |  |  | s
1 Tbsp plus 1 tsp soy sauce | 4/3 | tbsp | soy sauce |  |  |  |  | s
1 tbsp. + 2 tsp. rice vinegar | 5/3 | tbsp | rice vinegar |  |  |  |  | s
6 (10-inch) tortillas | 6 | each | tortillas |  | 10-inch |  |  | s
2 heads little gem | 2 | head | little gem |  |  |  |  | s
1 head of garlic, halved across | 1 | head | garlic | halved across |  |  |  | s
1 fat clove garlic | 1 | clove | garlic |  |  |  |  | s
3 sprigs of thyme or 1/2 tsp dried | 3 | sprig | thyme |  | or 1/2 tsp dried |  |  | d
500g bag of frozen peas | 500 | g | frozen peas |  |  |  |  | s
1 jar roasted peppers (about 290 g drained) | 1 | jar | roasted peppers |  | about 290 g drained | 290 g |  | s
1/4 tsp (a pinch) of saffron | 1/4 | tsp | saffron |  | a pinch |  |  | d
freshly grated nutmeg |  |  | nutmeg | freshly grated |  |  |  | h
8-10 mint leaves | 8-10 | leaf | mint |  |  |  |  | s
1 cupful of breadcrumbs | 1 | cup | breadcrumbs |  |  |  |  | s
4 slices of white bread, crusts removed (120 g) | 4 | slice | white bread | crusts removed |  | 30 g |  | s
1 small celeriac, 600 g | 1 | each | celeriac |  |  | 600 g |  | s
900 g trimmed leeks | 900 | g | leeks | trimmed |  |  |  | s
1 quantity sweet paste (see p. 12) | 1 | batch | sweet paste |  | see p. 12 |  |  | s
1 block (250 g) halloumi | 1 | packet | halloumi |  |  | 250 g |  | s
3 nests of dried egg noodles | 3 | each | nests of dried egg noodles |  |  |  |  | h
2 vegetable stock cubes | 2 | each | vegetable stock cubes |  |  |  |  | s
boiling water, 700 ml | 700 | ml | boiling water |  |  |  |  | s
1 small glass white wine | 1 | each | glass white wine |  |  |  |  | h
a walnut-sized piece of butter | 1 | each | walnut-sized piece of butter |  |  |  |  | h
2 tablespoons (30 ml) capers, drained | 2 | tbsp | capers | drained | 30 ml |  |  | s
10 g agar-agar (1%) | 10 | g | agar-agar |  | 1% |  |  | s
Salt 1.8 % |  |  | Salt |  |  |  | T | h
0.5 l cider | 1/2 | l | cider |  |  |  |  | s
1,5 kg quinces | 3/2 | kg | quinces |  |  |  |  | s
1.500 kg plums | 3/2 | kg | plums |  |  |  |  | s
2'500 g flour | 2500 | g | flour |  |  |  |  | s
3 ⅓ cups rye flour | 10/3 | cup | rye flour |  |  |  |  | s
12 oz/340g dried haricot beans | 12 | oz | dried haricot beans |  |  |  |  | s
5 fl oz/150 ml single cream | 5 | floz | single cream |  |  |  |  | s
1 x 320g pack ready-rolled puff pastry | 1 | packet | ready-rolled puff pastry |  |  | 320 g |  | s
1½ x recipe shortcrust | 3/2 | batch | shortcrust |  |  |  |  | s
2 punnets blackberries (about 300 g) | 2 | punnet | blackberries |  |  | 150 g |  | s
Two good handfuls of watercress | 2 | handful | watercress |  |  |  |  | s
a small tin (160 g) sweetcorn | 1 | tin | sweetcorn |  |  | 160 g |  | s
3 Little Gems, quartered | 3 | each | Little Gems | quartered |  |  |  | s
150 g (5 oz) green lentils, picked over | 150 | g | green lentils | picked over | 5 oz |  |  | s
one and a half litres of water | 3/2 | l | water |  |  |  |  | s
1 and 1/2 teaspoons baking soda | 3/2 | tsp | baking soda |  |  |  |  | s
2-1/4 cups flour | 9/4 | cup | flour |  |  |  |  | s
2 - 3 tablespoons milk | 2-3 | tbsp | milk |  |  |  |  | s
3/4 lb. new potatoes | 3/4 | lb | new potatoes |  |  |  |  | s
.5 kg brown rice | 1/2 | kg | brown rice |  |  |  |  | s
0,75 dl oil | 3/4 | dl | oil |  |  |  |  | s
1 lt soy milk | 1 | l | soy milk |  |  |  |  | s
200 gr. couscous | 200 | g | couscous |  |  |  |  | s
50gm butter | 50 | g | butter |  |  |  |  | s
3 tblsp rapeseed oil | 3 | tbsp | rapeseed oil |  |  |  |  | s
2 TBS vinegar | 2 | tbsp | vinegar |  |  |  |  | s
1 Tb honey | 1 | tbsp | honey |  |  |  |  | s
2 ts cumin | 2 | tsp | cumin |  |  |  |  | s
1 qt. water | 1 | quart | water |  |  |  |  | s
16 fl. oz. stock | 16 | floz | stock |  |  |  |  | s
1 oz (30 g) yeast | 1 | oz | yeast |  | 30 g |  |  | s
30 g (1 oz.) yeast, crumbled | 30 | g | yeast | crumbled | 1 oz. |  |  | s
6 Tbsps butter, melted & cooled | 6 | tbsp | butter | melted and cooled |  |  |  | s
butter (unsalted, cold) - 180g | 180 | g | butter |  | unsalted, cold |  |  | s
olive oil 2-3 tbsp | 2-3 | tbsp | olive oil |  |  |  |  | s
Plain flour, 2 cups, sifted | 2 | cup | Plain flour | sifted |  |  |  | s
Milk – a splash | 1 | splash | Milk |  |  |  |  | s
Dill (fresh): 20 g | 20 | g | Dill |  | fresh |  |  | s
Beans, tinned, 2 x 400 g | 2 | each | Beans | tinned |  | 400 g |  | s
Garlic x 4 cloves | 4 | clove | Garlic |  |  |  |  | s
4 x 100 g goat's cheese discs | 4 | each | goat's cheese discs |  |  | 100 g |  | s
10 x 15 cm sheets rice paper | 10 | each | sheets rice paper |  |  |  |  | d
5 g (1 tsp) salt | 5 | g | salt |  | 1 tsp |  |  | s
1 vanilla pod, split lengthways, seeds scraped | 1 | each | vanilla pod | split lengthways, seeds scraped |  |  |  | s
1/2 vanilla bean or 1 tsp extract | 1/2 | each | vanilla bean |  | or 1 tsp extract |  |  | d
100ml white wine, or stock | 100 | ml | white wine |  | or stock |  |  | d
1 small handful each mint and basil | 1 | handful | mint and basil |  |  |  |  | h
zest of half an orange | 1/2 | each | orange | zest |  |  |  | s
the juice of two large lemons (about 100 ml) | 2 | each | lemons | juice |  | 50 ml |  | s
1 lemon's juice | 1 | each | lemon | juice |  |  |  | s
6 ripe tomatoes, skinned and chopped, or a 400g tin | 6 | each | ripe tomatoes | skinned and chopped | or a 400g tin |  |  | d
300g spinach, stalks removed, washed and very well drained | 300 | g | spinach | stalks removed, washed and very well drained |  |  |  | s
1 tbsp sesame seeds, black or white | 1 | tbsp | sesame seeds | black or white |  |  |  | s
2 dried chipotle chillies, soaked in hot water for 20 minutes | 2 | each | dried chipotle chillies | soaked in hot water for 20 minutes |  |  |  | s
about 1 1/2 pounds small zucchini | 3/2 | lb | small zucchini |  |  |  |  | s
up to 250 ml warm water | 250 | ml | warm water |  |  |  |  | s
at least 6 large basil leaves | 6 | leaf | basil |  |  |  |  | s
exactly 10 g salt | 10 | g | salt |  |  |  |  | s
500 g plain flour, plus 2 tbsp | 500 | g | plain flour |  | plus 2 tbsp |  |  | d
350g/12oz/2¾ cups plain flour | 350 | g | plain flour |  |  |  |  | s
1 cup/240 ml water | 1 | cup | water |  |  |  |  | s
4-5 medium (600 g) parsnips | 4-5 | each | parsnips |  |  | 120 g |  | s
1 head cauliflower, cut into florets (about 700 g) | 1 | head | cauliflower | cut into florets |  | 700 g |  | s
80g sundried tomatoes (drained weight) | 80 | g | sundried tomatoes |  | drained weight |  |  | s
200 g cooked (90 g dry) chickpeas | 200 | g | chickpeas | cooked | 90 g dry |  |  | s
1 (1/4-oz) envelope active dry yeast | 1 | packet | active dry yeast |  |  | 1/4 oz |  | s
3 c flour, sifted twice | 3 | cup | flour | sifted twice |  |  |  | s
Pepper q.b. |  |  | Pepper |  |  |  | T | s
Salt qb |  |  | Salt |  |  |  | T | s
2 leaves gelatine (4 g) | 2 | leaf | gelatine |  |  | 2 g |  | s
4 gelatine leaves | 4 | leaf | gelatine |  |  |  |  | s
3 g leaf gelatine | 3 | g | leaf gelatine |  |  |  |  | s
1 bottle (330 ml) dark ale | 1 | bottle | dark ale |  |  | 330 ml |  | s
1 bag salad | 1 | packet | salad |  |  |  |  | s
half a pack of filo | 1/2 | packet | filo |  |  |  |  | s
1/3 of a cucumber | 1/3 | each | cucumber |  |  |  |  | s
quarter of a red cabbage | 1/4 | each | red cabbage |  |  |  |  | s
1 scotch bonnet | 1 | each | scotch bonnet |  |  |  |  | s
knob of fresh ginger (4cm) | 1 | knob | fresh ginger |  | 4cm |  |  | s
ginger, 4 cm piece | 1 | each | ginger |  |  |  |  | d
sea salt (8 g) | 8 | g | sea salt |  |  |  |  | s
pinch each of clove, nutmeg and mace | 1 | pinch | clove | nutmeg and mace |  |  |  | h
2 tsp each: coriander, cumin | 2 | tsp | coriander | cumin |  |  |  | h
100 g butter at room temperature | 100 | g | butter at room temperature |  |  |  |  | s
125 g soft butter, in pieces | 125 | g | butter | soft, in pieces |  |  |  | s
60 ml / 4 tbsp cream | 60 | ml | cream |  |  |  |  | s
1 medium-large sweet potato | 1 | each | sweet potato |  |  |  |  | s
4 tomatoes on the vine (450g) | 4 | each | tomatoes on the vine |  |  | 225/2 g |  | s
3 large handfuls rocket | 3 | handful | rocket |  |  |  |  | s
a 400g tin of cannellini beans, drained | 1 | tin | cannellini beans | drained |  | 400 g |  | s
4 cloves of fat garlic, sliced | 4 | clove | fat garlic | sliced |  |  |  | s
1 thumb-sized piece of turmeric, peeled | 1 | thumb | turmeric | peeled |  |  |  | s
200g piece of pumpkin, seeds removed | 200 | g | pumpkin | seeds removed |  |  |  | s
2 x 7g sachets fast-action yeast | 2 | packet | fast-action yeast |  |  | 7 g |  | s
1 quantity rough puff (page 44) | 1 | batch | rough puff |  | page 44 |  |  | s
600-700ml hot veg stock | 600-700 | ml | hot veg stock |  |  |  |  | s
12-15 cherry tomatoes, halved | 12-15 | each | cherry tomatoes | halved |  |  |  | s
120g/4oz/½ cup cottage cheese | 120 | g | cottage cheese |  |  |  |  | s
3 tbsp heaped cornflour | 3 | tbsp | cornflour |  |  |  |  | s
1 tbsp each of capers and gherkins, chopped | 1 | tbsp | capers and gherkins | chopped |  |  |  | h
2 ripe avocados, stoned, peeled and mashed with lime | 2 | each | ripe avocados | stoned, peeled and mashed with lime |  |  |  | s
5cm ginger, grated | 1 | each | ginger | grated |  |  |  | d
1.2 litres/2 pints vegetable stock | 6/5 | l | vegetable stock |  |  |  |  | s
juice ½ lemon | 1/2 | each | lemon | juice |  |  |  | s
zest 1 orange | 1 | each | orange | zest |  |  |  | s
grated rind and juice of 2 limes | 2 | each | limes | rind and juice |  |  |  | s
1 orange, juiced (about 80 ml) | 1 | each | orange | juiced |  | 80 ml |  | s
4 sheets (about 180 g) filo pastry | 4 | sheet | filo pastry |  |  | 45 g |  | s
8 thin slices sourdough | 8 | slice | sourdough | thin |  |  |  | s
1 day-old baguette, sliced | 1 | each | day-old baguette | sliced |  |  |  | s
3 free-range egg yolks | 3 | each | free-range egg yolks |  |  |  |  | s
2 eggs plus 1 white | 2 | each | eggs |  | plus 1 white |  |  | d
50ml espresso or very strong coffee | 50 | ml | espresso |  | or very strong coffee |  |  | d
1 pkt (200g) feta | 1 | packet | feta |  |  | 200 g |  | s
1 pkt. frozen spinach, 450 g | 1 | packet | frozen spinach |  |  | 450 g |  | s
One 9-oz package fresh spinach | 1 | packet | fresh spinach |  |  | 9 oz |  | s
8 oz. fresh mozzarella, torn (about 2 cups) | 8 | oz | fresh mozzarella | torn | about 2 cups |  |  | s
1 lb. Brussels sprouts, shaved (about 6 cups) | 1 | lb | Brussels sprouts | shaved | about 6 cups |  |  | s
2 heads of garlic, cloves separated, unpeeled | 2 | head | garlic | cloves separated, unpeeled |  |  |  | s
30 cloves | 30 | each | cloves |  |  |  |  | s
10 cloves garlic | 10 | clove | garlic |  |  |  |  | s
1 tsp cloves | 1 | tsp | cloves |  |  |  |  | s
Half a teaspoon of bicarb | 1/2 | tsp | bicarb |  |  |  |  | s
¾ teaspoon vinegar | 3/4 | tsp | vinegar |  |  |  |  | s
1¾ lb ripe plums | 7/4 | lb | ripe plums |  |  |  |  | s
4½ oz butter, plus 1 oz for the tin | 9/2 | oz | butter |  | plus 1 oz; for the tin |  |  | d
12g fine sea salt (2% of flour) | 12 | g | fine sea salt |  | 2% of flour |  |  | s
250 g ripe starter (100 % hydration) | 250 | g | ripe starter |  | 100 % hydration |  |  | s
chilled water 65 % = 650 g | 650 | g | chilled water |  |  |  |  | s
Water, total 1,350 g | 1350 | g | Water | total |  |  |  | d
water (boiling) 1 l | 1 | l | water |  | boiling |  |  | s
Rice, basmati, 1.5kg (uncooked) | 3/2 | kg | Rice | uncooked, basmati |  |  |  | s
Coconut milk, 3 tins @ 400 ml | 3 | tin | Coconut milk |  |  | 400 ml |  | s
Lemons, 4, juice only | 4 | each | Lemons | juice only |  |  |  | s
limes 3 (juice) | 3 | each | limes |  | juice |  |  | s
onions – 3, red, sliced | 3 | each | onions | red, sliced |  |  |  | s
Carrots: 4 medium, in batons | 4 | each | Carrots | in batons |  |  |  | s
Fennel - 2 bulbs, fronds kept | 2 | bulb | Fennel | fronds kept |  |  |  | s
Flour, SR, 8oz | 8 | oz | Flour | SR |  |  |  | s
Sugar 1 heaped tbsp | 1 | tbsp | Sugar |  |  |  |  | s
Thyme: a few sprigs | 3 | sprig | Thyme |  |  |  |  | s
Bread: 1 stale loaf | 1 | each | Bread | stale loaf |  |  |  | s
stock: enough to cover, ca. 2 l | 2 | l | stock | to cover |  |  |  | s
1 heaping cup walnuts | 1 | cup | walnuts |  |  |  |  | s
1 packed cup brown sugar | 1 | cup | brown sugar |  |  |  |  | s
1 rounded tsp baking powder | 1 | tsp | baking powder |  |  |  |  | s
3 level tbsp custard powder | 3 | tbsp | custard powder |  |  |  |  | s
1 scant cup milk | 1 | cup | milk |  |  |  |  | s
1/2 scant tsp cloves, ground | 1/2 | tsp | cloves | ground |  |  |  | s
2 glugs of rapeseed oil | 2 | each | glugs of rapeseed oil |  |  |  |  | h
a lug of vinegar | 1 | each | lug of vinegar |  |  |  |  | h
4 lumps of sugar | 4 | each | lumps of sugar |  |  |  |  | h
2 squares dark chocolate | 2 | each | squares dark chocolate |  |  |  |  | h
a wineglass of port | 1 | each | wineglass of port |  |  |  |  | h
1 teacup rice | 1 | each | teacup rice |  |  |  |  | h
a breakfast cup of oats | 1 | each | breakfast cup of oats |  |  |  |  | h
1 gill cream | 1 | each | gill cream |  |  |  |  | h
2 rashers smoked tofu | 2 | slice | smoked tofu |  |  |  |  | s
2 leeks, about 400 g, washed | 2 | each | leeks | washed |  | 200 g |  | s
3 medium beets-free carrots, 250 g, grated | 3 | each | beets-free carrots | grated |  | 250/3 g |  | s
400 g waxy potatoes (such as Nicola), peeled | 400 | g | waxy potatoes | peeled | such as Nicola |  |  | s
1 small bunch (15 g) tarragon, leaves picked | 1 | bunch | tarragon | leaves picked |  | 15 g |  | s
200 ml whole milk, plus 1-2 tbsp to loosen | 200 | ml | whole milk |  | plus 1-2 tbsp to loosen |  |  | d
1 × 400 g can of borlotti beans | 1 | tin | borlotti beans |  |  | 400 g |  | s
2 × 400 g cans borlotti beans, rinsed and drained | 2 | tin | borlotti beans | rinsed and drained |  | 400 g |  | s
1 heaped tsp smoked paprika | 1 | tsp | smoked paprika |  |  |  |  | s
6 spring onions, white and green parts separated | 6 | each | spring onions | white and green parts separated |  |  |  | s
1.25 litres water | 5/4 | l | water |  |  |  |  | s
4 tbsp (60 ml) sherry vinegar | 4 | tbsp | sherry vinegar |  | 60 ml |  |  | s
3 T. molasses | 3 | tbsp | molasses |  |  |  |  | s
2 C rolled oats | 2 | cup | rolled oats |  |  |  |  | s
1 pound + 4 ounces pears | 5/4 | lb | pears |  |  |  |  | s
1 lb 4 oz pears, cored | 5/4 | lb | pears | cored |  |  |  | s
700 g peeled pumpkin, in 3 cm chunks | 700 | g | pumpkin | peeled, in 3 cm chunks |  |  |  | s
15 g (½ oz) dried ceps | 15 | g | dried ceps |  | ½ oz |  |  | s
a 200 g block of feta | 1 | packet | feta |  |  | 200 g |  | s
a generous pinch of saffron threads | 1 | pinch | saffron threads |  |  |  |  | s
a handful of walnuts, roughly broken | 1 | handful | walnuts | roughly broken |  |  |  | s
some chives |  |  | chives |  |  |  |  | h
fresh dill, to serve |  |  | fresh dill |  | to serve |  |  | h
Sunflower seeds – 50 g | 50 | g | Sunflower seeds |  |  |  |  | s
Red lentils 1.4kg | 7/5 | kg | Red lentils |  |  |  |  | s
White wine vinegar 0.6 l | 3/5 | l | White wine vinegar |  |  |  |  | s
12 no. lemons | 12 | each | lemons |  |  |  |  | s
Lemons x12 | 12 | each | Lemons |  |  |  |  | s
3 ea. bay leaves | 3 | each | bay leaves |  |  |  |  | s
6 pc. shallots | 6 | each | shallots |  |  |  |  | s
Pastry: 500 g | 500 | g | Pastry |  |  |  |  | s
Puff pastry, all butter, 2 rolls (320 g each) |  |  | Puff pastry | all butter, 2 rolls |  |  |  | h
10 sheets filo (1 pack) | 10 | sheet | filo |  | 1 pack |  |  | s
4 egg yolks, beaten (keep the whites) | 4 | each | egg yolks | beaten | keep the whites |  |  | s
150 g each: caster sugar, butter, ground almonds | 150 | g | caster sugar | butter, ground almonds |  |  |  | h
1 vanilla bean (or 2 tsp paste) | 1 | each | vanilla bean |  | or 2 tsp paste |  |  | s
juice of 3-4 limes | 3-4 | each | limes | juice |  |  |  | s
300 g natural yogurt (Greek-style) | 300 | g | natural yogurt |  | Greek-style |  |  | s
1 dried bay leaf | 1 | each | dried bay leaf |  |  |  |  | s
1/4 nutmeg, grated | 1/4 | each | nutmeg | grated |  |  |  | s
8 juniper berries, crushed | 8 | each | juniper berries | crushed |  |  |  | s
20 black olives, pitted | 20 | each | black olives | pitted |  |  |  | s
1 preserved lemon, rind only | 1 | each | preserved lemon | rind only |  |  |  | s
2 slices rye bread (80 g), cubed | 2 | slice | rye bread | cubed |  | 40 g |  | s
3 rolls (day old) | 3 | each | rolls |  | day old |  |  | s
6 sheets of gelatine (10 g) | 6 | sheet | gelatine |  |  | 5/3 g |  | s
35 g gelatine powder | 35 | g | gelatine powder |  |  |  |  | s
500 g bag spinach | 500 | g | spinach |  |  |  |  | s
1 tub (250 g) ricotta | 1 | tub | ricotta |  |  | 250 g |  | s
1 carton (500ml) passata | 1 | packet | passata |  |  | 500 ml |  | s
1 box panko | 1 | packet | panko |  |  |  |  | s
1 dash of Worcestershire sauce | 1 | dash | Worcestershire sauce |  |  |  |  | s
5 drops Tabasco-style sauce | 5 | drop | Tabasco-style sauce |  |  |  |  | s
3 dashes bitters | 3 | dash | bitters |  |  |  |  | s
1 shot rum | 1 | each | shot rum |  |  |  |  | h
2 fl oz rum | 2 | floz | rum |  |  |  |  | s
1 measure gin | 1 | each | measure gin |  |  |  |  | h
1 splash soda | 1 | splash | soda |  |  |  |  | s
ice |  |  | ice |  |  |  |  | h
Type 45 flour 250 g | 250 | g | Type 45 flour |  |  |  |  | s
2 kg T65 | 2 | kg | T65 |  |  |  |  | s
Milk 3.5% 1 l | 1 | l | Milk 3.5% |  |  |  |  | s
Chocolate 70% 300 g | 300 | g | Chocolate 70% |  |  |  |  | s
38% cream 400 ml | 400 | ml | 38% cream |  |  |  |  | s
Cider 5% 500 ml | 500 | ml | Cider 5% |  |  |  |  | s
7-8 large ripe tomatoes | 7-8 | each | ripe tomatoes |  |  |  |  | s
2 dozen mussels, cleaned | 24 | each | mussels | cleaned |  |  |  | s
half-dozen radishes | 6 | each | radishes |  |  |  |  | s
a score of walnuts | 1 | each | score of walnuts |  |  |  |  | h
one third cup sugar | 1/3 | cup | sugar |  |  |  |  | s
two and a quarter cups flour | 9/4 | cup | flour |  |  |  |  | s
three-quarters of a pint of cream | 3/4 | pint | cream |  |  |  |  | d
1/2 to 3/4 cup stock | 1/2-3/4 | cup | stock |  |  |  |  | s
1–1½ tbsp oil | 1-3/2 | tbsp | oil |  |  |  |  | s
1 to 1 1/2 cups water | 1-3/2 | cup | water |  |  |  |  | s
0.5-0.7 kg onions | 1/2-7/10 | kg | onions |  |  |  |  | s
1 bunch of asparagus (500 g) | 1 | bunch | asparagus |  |  | 500 g |  | s
2 bunches (about 200 g) watercress | 2 | bunch | watercress |  |  | 100 g |  | s
1 vegetable bouillon cube dissolved in 500 ml hot water | 1 | each | vegetable bouillon cube dissolved in 500 ml hot water |  |  |  |  | d
250 ml boiling water mixed with 1 tsp yeast extract | 250 | ml | boiling water mixed with 1 tsp yeast extract |  |  |  |  | d
3/4 cup (95 g) plus 2 Tbsp all-purpose flour | 7/8 | cup | all-purpose flour |  | 95 g |  |  | s
1 cup sugar, divided | 1 | cup | sugar | divided |  |  |  | s
1 cup plus 2 tablespoons sugar, divided | 9/8 | cup | sugar | divided |  |  |  | s
½ cup each: diced celery, carrot and onion | 1/2 | cup | celery | diced, carrot and onion |  |  |  | h
4 Tbsp. (½ stick) unsalted butter, cut into pieces | 4 | tbsp | unsalted butter | cut into pieces | ½ stick |  |  | s
Kosher salt, freshly ground pepper |  |  | Kosher salt, freshly ground pepper |  |  |  | T | s
6 large eggs, room temperature | 6 | each | eggs | room temperature |  |  |  | s
1 (2½-inch) piece ginger, peeled, finely grated | 1 | each | ginger | peeled, finely grated | 2½-inch |  |  | s
2 (28-oz.) cans whole peeled tomatoes | 2 | tin | whole peeled tomatoes |  |  | 28 oz |  | s
1 12-oz. jar roasted red peppers, drained | 1 | jar | roasted red peppers | drained |  | 12 oz |  | s
8 garlic cloves, thinly sliced, divided | 8 | clove | garlic | thinly sliced, divided |  |  |  | s
3 Tbsp. extra-virgin olive oil, plus more for drizzling | 3 | tbsp | extra-virgin olive oil |  | plus more for drizzling |  |  | s
⅓ cup coarsely chopped parsley | 1/3 | cup | parsley | coarsely chopped |  |  |  | s
1 lb. mezze rigatoni or other short pasta | 1 | lb | mezze rigatoni |  | or other short pasta |  |  | d
Lemon wedges (for serving) |  |  | Lemon wedges |  | for serving |  |  | h
A 10 cm sprig of rosemary | 1 | sprig | rosemary |  | 10 cm |  |  | s
Large knob of butter | 1 | knob | butter |  |  |  |  | s
Good glug of oil |  |  | Good glug of oil |  |  |  |  | h
Zest and juice of 1 large orange | 1 | each | orange | zest and juice |  |  |  | s
1 aubergine, cut into 2cm cubes (approx 350g) | 1 | each | aubergine | cut into 2cm cubes |  | 350 g |  | s
2 medium potatoes (floury), peeled | 2 | each | potatoes | peeled | floury |  |  | s
100g bag rocket | 100 | g | rocket |  |  |  |  | s
1 x 250g pouch cooked puy lentils | 1 | packet | puy lentils | cooked |  | 250 g |  | s
2 x 250g pouches ready-cooked grains | 2 | packet | ready-cooked grains |  |  | 250 g |  | s
1 ball mozzarella (125g), torn | 1 | ball | mozzarella | torn |  | 125 g |  | s
2 balls burrata | 2 | ball | burrata |  |  |  |  | s
4 burger buns, split | 4 | each | burger buns | split |  |  |  | s
8 small corn tortillas | 8 | each | corn tortillas |  |  |  |  | s
1 ready-rolled sheet puff pastry (375 g) | 1 | sheet | ready-rolled puff pastry |  |  | 375 g |  | s
375 g pack ready-rolled puff pastry | 375 | g | ready-rolled puff pastry |  |  |  |  | s
1 sheet ready-rolled puff pastry, 320g | 1 | sheet | ready-rolled puff pastry |  |  | 320 g |  | s
300 g (2 cups) frozen peas, defrosted | 300 | g | frozen peas | defrosted | 2 cups |  |  | s
60 g/2 oz walnuts | 60 | g | walnuts |  |  |  |  | s
30ml/2tbsp oil | 30 | ml | oil |  |  |  |  | s
15 ml (1 tbsp) miso | 15 | ml | miso |  | 1 tbsp |  |  | s
5ml/1tsp ground cumin | 5 | ml | ground cumin |  |  |  |  | s
600ml/1 pint/2½ cups vegetable stock | 600 | ml | vegetable stock |  |  |  |  | s
2.5cm/1in piece fresh root ginger, grated | 1 | each | fresh root ginger | grated |  |  |  | d
potatoes, peeled weight 800 g | 800 | g | potatoes | peeled weight |  |  |  | s
800 g potatoes, peeled weight | 800 | g | potatoes | peeled weight |  |  |  | s
800 g (peeled weight) potatoes | 800 | g | potatoes |  | peeled weight |  |  | s
double quantity of the glaze |  |  | double quantity of the glaze |  |  |  |  | h
1/2 batch pickled onions | 1/2 | batch | pickled onions |  |  |  |  | s
1 cup cooked quinoa (from 1/3 cup dry) | 1 | cup | quinoa | cooked | from 1/3 cup dry |  |  | s
handful each of mint and dill, chopped | 1 | handful | mint and dill | chopped |  |  |  | h
oil spray |  |  | oil spray |  |  |  |  | h
1 tsp oil, for greasing, plus 2 tbsp | 7/3 | tbsp | oil |  | for greasing, plus |  |  | s
non-stick cooking spray |  |  | non-stick cooking spray |  |  |  |  | h
parchment |  |  | parchment |  |  |  |  | h
15 cm cucumber | 1 | each | cucumber |  |  |  |  | d
10 cm piece of leek | 1 | each | leek |  |  |  |  | d
20 cm length of daikon | 1 | each | daikon |  |  |  |  | d
Butter 250 g x 2 | 2 | each | Butter |  |  | 250 g |  | s
2x packs halloumi (225g) | 2 | packet | halloumi |  |  | 225 g |  | s
approx 1kg floury potatoes, peeled | 1 | kg | floury potatoes | peeled |  |  |  | s
a good glug of olive oil | 1 | each | good glug of olive oil |  |  |  |  | h
1 whole nutmeg, for grating | 1 | each | nutmeg | for grating |  |  |  | s
3/4 of a cup of pearl barley | 3/4 | cup | pearl barley |  |  |  |  | s
two-and-a-half cups of flour | 5/2 | cup | flour |  |  |  |  | s
250g/9oz strong plain flour, plus extra for dusting | 250 | g | strong plain flour |  | plus extra for dusting |  |  | s
1 (400g) can coconut milk | 1 | tin | coconut milk |  |  | 400 g |  | s
1 × 2 cm piece ginger, peeled | 1 | each | ginger | peeled |  |  |  | d
6 medium-sized vine tomatoes (about 600g total) | 6 | each | vine tomatoes |  | about 600g total | 100 g |  | s
1 tbsp each of chopped dill and chives | 1 | tbsp | dill and chives | chopped |  |  |  | h
half a 500g pack of filo | 1/2 | packet | filo |  |  | 500 g |  | s
1 generous tablespoon honey | 1 | tbsp | honey |  |  |  |  | s
200ml double cream (or crème fraîche) | 200 | ml | double cream |  | or crème fraîche |  |  | s
zest of 1/2 an orange | 1/2 | each | orange | zest |  |  |  | s
1 litre plus 200 ml vegetable stock | 6/5 | l | vegetable stock |  |  |  |  | s
12-14 new potatoes | 12-14 | each | new potatoes |  |  |  |  | s
4 x 150g trout fillets | 4 | each | trout fillets |  |  | 150 g |  | s
1 small handful of pine nuts, about 30 g | 1 | handful | pine nuts | about 30 g |  |  |  | s
10g salt per kg of flour | 10 | g | salt per kg of flour |  |  |  |  | d
1 egg + 1 yolk | 1 | each | egg |  | plus 1 yolk |  |  | d
2 (1-inch-thick) slices sourdough | 2 | slice | sourdough |  | 1-inch-thick |  |  | s
one 14-oz. can cherry tomatoes | 1 | tin | cherry tomatoes |  |  | 14 oz |  | s
Milk: 300ml, warmed | 300 | ml | Milk | warmed |  |  |  | s
flour (plain) 450 | 450 | g | flour |  | plain |  |  | h
¼ bunch tarragon | 1/4 | bunch | tarragon |  |  |  |  | s
8 fl oz/240 ml buttermilk | 8 | floz | buttermilk |  |  |  |  | s
a dozen quail eggs | 12 | each | quail eggs |  |  |  |  | s
1 heaped dessertspoon cornflour | 2 | tsp | cornflour |  |  |  |  | s
2 good handfuls of spinach | 2 | handful | spinach |  |  |  |  | s
3 sheets nori, cut in strips | 3 | sheet | nori | cut in strips |  |  |  | s
rice, basmati, 2 cups | 2 | cup | rice | basmati |  |  |  | s
1 pt. whipping cream | 1 | pint | whipping cream |  |  |  |  | d
sugar to taste (I use 3 tbsp) |  |  | sugar |  | I use 3 tbsp |  | T | d
3 cl rum | 3 | cl | rum |  |  |  |  | s
0.5 dl oil | 1/2 | dl | oil |  |  |  |  | s
20 (ca. 300 g) cherry tomatoes | 20 | each | cherry tomatoes |  |  | 15 g |  | s
juice and zest of two limes | 2 | each | limes | juice and zest |  |  |  | s
2 quarts water | 2 | quart | water |  |  |  |  | s
leaves from 4 sprigs of thyme | 4 | sprig | thyme | leaves |  |  |  | s
1 packet (7g) fast-action dried yeast | 1 | packet | fast-action dried yeast |  |  | 7 g |  | s
1½ blocks firm tofu, pressed | 3/2 | packet | firm tofu | pressed |  |  |  | s
1/3 cup + 1 tbsp cocoa | 19/48 | cup | cocoa |  |  |  |  | s
a 2-inch stick of cinnamon | 1 | stick | cinnamon |  |  | 1 each |  | d
100g each of carrot, leek and celeriac, in fine dice | 100 | g | carrot | leek and celeriac, in fine dice |  |  |  | h
600 g net weight mussels, cleaned | 600 | g | mussels | cleaned |  |  |  | s
1 kg asparagus (gives 700 g trimmed) | 1 | kg | asparagus |  | gives 700 g trimmed |  |  | s
4 no. 2 lemons | 4 | each | 2 lemons |  |  |  |  | d
1 thumb-sized knob of ginger | 1 | thumb | ginger |  |  |  |  | s
50–60 g butter, at room temp. | 50-60 | g | butter | at room temp. |  |  |  | s
30 g (2 tbsp) tomato paste | 30 | g | tomato paste |  | 2 tbsp |  |  | s
1 tsp. (5 ml) vanilla | 1 | tsp | vanilla |  | 5 ml |  |  | s
3 lg. cloves garlic, minced | 3 | clove | garlic | minced |  |  |  | s
1 hd. lettuce | 1 | head | lettuce |  |  |  |  | s
1 x 150g pot natural yoghurt | 1 | tub | natural yoghurt |  |  | 150 g |  | s
3 rounded tbsp plain flour | 3 | tbsp | plain flour |  |  |  |  | s
a 400ml tin of coconut milk | 1 | tin | coconut milk |  |  | 400 ml |  | s
500 g (1 lb 2 oz) ripe tomatoes | 500 | g | ripe tomatoes |  | 1 lb 2 oz |  |  | s
4 slices day-old bread, crusts off | 4 | slice | day-old bread | crusts off |  |  |  | s
2 leeks, white part only | 2 | each | leeks | white part only |  |  |  | s
1/2 a cucumber, deseeded | 1/2 | each | cucumber | deseeded |  |  |  | s
125-150g caster sugar, depending on the fruit | 125-150 | g | caster sugar | depending on the fruit |  |  |  | s
80g (dry weight) bulgur | 80 | g | bulgur |  | dry weight |  |  | s
Garlic, 3 fat cloves | 3 | clove | Garlic |  |  |  |  | s
a little milk, to glaze |  |  | milk | to glaze |  |  |  | h
oil, for deep-frying (about 1 litre) | 1 | l | oil |  | for deep-frying |  |  | s
1.2-1.5 kg whole celeriac | 6/5-3/2 | kg | whole celeriac |  |  |  |  | s
10 g fresh yeast or 5 g dried | 10 | g | fresh yeast |  | or 5 g dried |  |  | d
1 pack of 6 flatbreads | 1 | packet | 6 flatbreads |  |  |  |  | d
2 tbsp mixed seeds (pumpkin, sunflower, linseed) | 2 | tbsp | mixed seeds |  | pumpkin, sunflower, linseed |  |  | s
25g sachet miso paste | 25 | g | miso paste |  |  |  |  | s
3 large or 4 medium carrots | 3 | each | carrots |  | or 4 medium carrots |  |  | d
1kg bag spinach, washed | 1 | kg | spinach | washed |  |  |  | s
two thirds of a jar of passata | 2/3 | jar | passata |  |  |  |  | s
2 x 250g pouches cooked lentils | 2 | packet | lentils | cooked |  | 250 g |  | s
350g/12oz/1½ cups soft cheese | 350 | g | soft cheese |  |  |  |  | s
1 level teaspoon bicarbonate of soda | 1 | tsp | bicarbonate of soda |  |  |  |  | s
just under 500 ml milk | 500 | ml | milk |  |  |  |  | s
a scant 200 g sugar | 200 | g | sugar |  |  |  |  | s
1 good pinch saffron | 1 | pinch | saffron |  |  |  |  | s
4 tbsp capers in brine, rinsed | 4 | tbsp | capers in brine | rinsed |  |  |  | s
handful rocket per person | 1 | handful | rocket |  | per plate |  |  | d
1 red chilli (or to taste) | 1 | each | red chilli |  |  |  |  | s
100ml each cream and milk | 100 | ml | cream and milk |  |  |  |  | h
5 large sage leaves, shredded | 5 | leaf | sage | shredded |  |  |  | s
1 ripe but firm mango | 1 | each | ripe but firm mango |  |  |  |  | s
200g green beans, halved if long | 200 | g | green beans | halved if long |  |  |  | s
2 tsp baking powder (level) | 2 | tsp | baking powder |  | level |  |  | s
Parsley (1 bunch, flat) |  |  | Parsley |  | 1 bunch, flat |  |  | h
Onion x 2 | 2 | each | Onion |  |  |  |  | s
carrots (3), grated | 3 | each | carrots | grated |  |  |  | s
8-10 stalks of chard | 8-10 | stalk | chard |  |  |  |  | s
1 (2.5-pound) pumpkin | 1 | each | pumpkin |  |  | 5/2 lb |  | s
1 1/2 lb (about 4 medium) potatoes | 3/2 | lb | potatoes |  | about 4 medium |  |  | s
500ml/18fl oz/generous 2 cups stock | 500 | ml | stock |  |  |  |  | s
1 sprig rosemary, leaves picked | 1 | sprig | rosemary | leaves picked |  |  |  | s
7 tbsp (100 g) butter | 7 | tbsp | butter |  | 100 g |  |  | s
vanilla extract - 2 tsp | 2 | tsp | vanilla extract |  |  |  |  | s
450 g / 1 lb frozen peas | 450 | g | frozen peas |  |  |  |  | s
1 cm slice of ginger | 1 | each | slice of ginger |  |  |  |  | d
0.75 tsp salt | 3/4 | tsp | salt |  |  |  |  | s
3 egg whites (about 100 g) | 3 | each | egg whites |  |  | 100/3 g |  | s
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
