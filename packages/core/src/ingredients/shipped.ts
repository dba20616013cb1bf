/**
 * Facts of ingredients that ship with Pelvo, one row each:
 * name | other names | grams per ml | grams of one (unit:grams) | allergens | origin
 *
 * Sources. Densities and weights of one: household measures of USDA FoodData Central, rounded to two figures; they are
 * estimates and shown as such. Allergens: Regulation (EU) 1169/2011, Annex II, for the plain ingredient; a maker's
 * label decides. Origin (plant, dairy, egg, fish, meat, honey, alcohol) answers diets. `strong` marks spices that are
 * scaled tapered.
 */
export const SHIPPED_FACTS = `
almonds|almond,ground almonds,flaked almonds,whole almonds|0.45||nuts|plant
anchovy fillets|anchovies,anchovy|| fillet:4|fish|fish
apple|apples,dessert apple,cooking apple||each:180||plant
apple juice||1.04|||plant
aubergine|aubergines||each:300||plant
barley|pearl barley,pearled barley|0.85||gluten|plant
basil|basil leaves,fresh basil|0.1|leaf:0.5,bunch:30,sprig:2.5||plant
bay leaf|bay leaves,bay,fresh bay leaves||each:0.2,leaf:0.2||plant
bread|stale bread,white bread,sourdough,sourdough bread,breadcrumbs|0.25|slice:40|gluten|plant
butter|unsalted butter,salted butter,cold butter|0.95|stick:113|milk|dairy
buttermilk||1.03||milk|dairy
capers|caper|0.6|||plant
caraway|caraway seed,caraway seeds|0.45||strong|plant
cardamom|cardamom pods,green cardamom||each:0.3|strong|plant
carrot|carrots||each:90||plant
cayenne|cayenne pepper|0.4||strong|plant
celery|celery sticks||stick:40,stalk:40,head:450|celery|plant
chervil||0.1|sprig:1.5,bunch:25||plant
chickpea flour|gram flour|0.45|||plant
chickpeas|chickpea|0.75|tin:400||plant
chilli|chillies,red chilli,chilli flakes,dried chilli|0.35|each:12|strong|plant
chives|chive|0.15|bunch:25||plant
cider|dry cider|1.0||sulphites|alcohol
cinnamon|ground cinnamon,cinnamon stick|0.5|stick:4|strong|plant
cloves|ground cloves,whole cloves|0.45|each:0.1|strong|plant
coriander|coriander leaf,fresh coriander|0.1|bunch:30,sprig:2||plant
coriander seed|coriander seeds|0.35|||plant
cornflour||0.52|||plant
cream|double cream,whipping cream,single cream|1.0||milk|dairy
creme fraiche|crème fraîche,soured cream|1.02||milk|dairy
cucumber|cucumbers||each:350||plant
cumin|cumin seed,ground cumin|0.42||strong|plant
dill||0.1|sprig:1,bunch:25||plant
duck breast|duck breasts||each:180||meat
egg|eggs,whole egg|1.03|each:50|egg|egg
egg white|egg whites|1.03|each:33|egg|egg
egg yolk|egg yolks,yolk,yolks|1.03|each:18|egg|egg
fennel|fennel bulb,fennel bulbs||bulb:250,each:250||plant
fennel seed|fennel seeds|0.4|||plant
flour|plain flour,strong flour,bread flour,wholemeal flour,white flour,00 flour|0.53||gluten|plant
garlic|garlic cloves||clove:5,head:50,bulb:50||plant
gelatine|leaf gelatine||leaf:2,sheet:2||meat
ginger|fresh ginger,root ginger,ground ginger|0.4|||plant
green beans|fine beans,french beans|0.45|||plant
green olives|black olives,olives|0.6|each:4||plant
halloumi||||milk|dairy
hazelnuts|hazelnut|0.55||nuts|plant
honey|clear honey|1.42|||honey
hazelnut oil||0.92||nuts|plant
icing sugar||0.5|||plant
leek|leeks||each:180||plant
lemon|lemons||each:100||plant
lemon juice||1.03|||plant
lentils|green lentils,puy-style lentils|0.8|||plant
lettuce|little lettuce||head:200,each:200||plant
lime|limes||each:65||plant
mayonnaise||0.92||egg,mustard|egg
milk|whole milk,semi-skimmed milk|1.03||milk|dairy
mint|mint leaves|0.1|sprig:2,bunch:30,leaf:0.3||plant
mushrooms|mushroom,chestnut mushrooms,button mushrooms|0.3|each:15||plant
dried mushrooms|dried porcini,dried ceps|0.15|||plant
mussels|mussel||each:20|molluscs|fish
mustard|dijon mustard,wholegrain mustard|1.05||mustard|plant
mustard seed|mustard seeds|0.75||mustard|plant
nutmeg|grated nutmeg|0.45|each:5|strong|plant
oats|rolled oats|0.38||gluten|plant
oil|vegetable oil,sunflower oil,rapeseed oil,neutral oil,frying oil|0.92|||plant
olive oil|extra virgin olive oil|0.92|||plant
onion|onions,white onion,brown onion,red onion,red onions||each:150||plant
orange|oranges||each:180||plant
paprika|smoked paprika,sweet paprika|0.46|||plant
parmesan|parmesan cheese,hard cheese|0.42||milk|dairy
parsley|flat parsley,flat parsley leaves,parsley leaves,parsley stalks,curly parsley|0.15|sprig:1.5,bunch:40,stalk:1||plant
parsnip|parsnips||each:120||plant
pear|pears,firm pears||each:180||plant
peas|frozen peas|0.6|||plant
pepper|black pepper,ground black pepper,white pepper,freshly ground pepper,freshly ground black pepper,peppercorns,black peppercorns|0.5||strong|plant
plum tomatoes|chopped tomatoes,tinned tomatoes|1.0|tin:400||plant
polenta|cornmeal|0.65|||plant
port|ruby port|1.03||sulphites|alcohol
potato|potatoes,floury potatoes,waxy potatoes||each:170||plant
radish|radishes||each:10,bunch:150||plant
red cabbage|cabbage,white cabbage||head:1000,each:1000||plant
red pepper|red peppers,yellow pepper,bell pepper,peppers||each:160||plant
red wine|dry red wine|0.99||sulphites|alcohol
redcurrant jelly||1.3|||plant
rice|long grain rice,short grain rice|0.85|||plant
rosemary||0.15|sprig:3||plant
saffron|saffron threads|0.14||strong|plant
sage|sage leaves|0.1|leaf:0.5,sprig:3||plant
salt|sea salt,fine salt,flaky salt,coarse salt|1.2|||plant
sesame seeds|sesame seed|0.6||sesame|plant
shallot|shallots,banana shallot,banana shallots||each:40||plant
sherry vinegar|wine vinegar,red wine vinegar,white wine vinegar,cider vinegar,vinegar|1.01||sulphites|plant
sorrel||0.1|leaf:1,bunch:50||plant
soy sauce||1.15||soya,gluten|plant
spinach|baby spinach|0.12|||plant
star anise|||each:1|strong|plant
sugar|caster sugar,granulated sugar,white sugar,demerara sugar|0.85|||plant
brown sugar|light brown sugar,dark brown sugar,muscovado sugar|0.85|||plant
swede|||each:700||plant
tahini||1.07||sesame|plant
tarragon||0.1|sprig:1.5,bunch:25||plant
thyme|thyme leaves,fresh thyme,thyme sprigs|0.15|sprig:1,bunch:20||plant
tomato|tomatoes,ripe tomatoes||each:100||plant
tomato puree|tomato purée,tomato paste|1.1|||plant
trout fillet|trout fillets,trout||fillet:130,each:130|fish|fish
turmeric|ground turmeric|0.5|||plant
turnip|turnips||each:130||plant
vanilla pod|vanilla pods,vanilla||each:3||plant
vegetable stock|light vegetable stock,stock|1.0||celery|plant
walnuts|walnut|0.5||nuts|plant
water|cold water,warm water,boiling water,iced water|1.0|||plant
watercress||0.15|bunch:85||plant
white wine|dry white wine|0.99||sulphites|alcohol
yeast|dried yeast,fresh yeast,fast yeast|0.65|||plant
yoghurt|yogurt,plain yoghurt,greek yoghurt|1.03||milk|dairy
courgette|courgettes||each:200||plant
almond milk||1.0||nuts|plant
butter beans|white beans,cannellini beans,beans|0.75|tin:400||plant
cashews|cashew,cashew nuts|0.55||nuts|plant
celeriac|||each:700|celery|plant
cheese|cheddar,goat cheese,cream cheese,blue cheese,ricotta,mozzarella,feta|0.5||milk|dairy
coconut milk|coconut cream|1.0|tin:400||plant
couscous|bulgur,bulgur wheat,semolina|0.75||gluten|plant
crab|crab meat,white crab meat|||crustaceans|fish
oat milk||1.03||gluten|plant
pasta|noodles,tagliatelle,spaghetti,dried pasta|0.45||gluten|plant
peanuts|peanut,peanut butter|0.6||peanut|plant
pecans|pecan,pecan nuts,pistachios,pistachio|0.5||nuts|plant
pumpkin seeds|sunflower seeds,pine nuts|0.6|||plant
ham|bacon,pancetta,prosciutto|||| meat
soya milk|tofu|1.0||soya|plant
smoked haddock|haddock,cod,hake,mackerel,sardines,fish fillet,white fish|||fish|fish
artichokes|artichoke,globe artichoke||each:300||plant
asparagus|||bunch:250,spear:15||plant
avocado|avocados||each:200||plant
baking powder||0.9|||plant
bicarbonate of soda|baking soda|0.95|||plant
broccoli|||head:500,each:500||plant
brussels sprouts|sprouts||each:20||plant
buckwheat flour|buckwheat|0.6|||plant
cauliflower|||head:800,each:800||plant
chard|swiss chard|||| plant
cherries|cherry||each:8||plant
chicory|endive||head:120,each:120||plant
dark chocolate|chocolate,plain chocolate|0.7||milk,soya|plant
cocoa powder|cocoa|0.45|||plant
coffee||0.4|||plant
dates|date,medjool dates||each:20||plant
fish sauce||1.2||fish|fish
fenugreek|fenugreek seed|0.7||strong|plant
golden syrup|syrup,corn syrup|1.42|||plant
grapes|grape||each:5||plant
horseradish||1.0||sulphites|plant
kale|cavolo nero|0.1|bunch:200||plant
kohlrabi|||each:300||plant
lemongrass|||stalk:15,each:15||plant
maple syrup||1.32|||plant
miso|white miso|1.15||soya|plant
nori||| sheet:3||plant
okra||||| plant
parsley root|||each:100||plant
peach|peaches,nectarine,nectarines||each:150||plant
plum|plums||each:60||plant
pomegranate|pomegranates||each:250||plant
prunes|prune||each:8||plant
quinoa||0.75|||plant
raisins|sultanas,currants|0.65||sulphites|plant
raspberries|raspberry|0.5|||plant
rhubarb|||stalk:60,each:60||plant
rye flour|rye|0.5||gluten|plant
salsify|||each:100||plant
sesame oil|toasted sesame oil|0.92||sesame|plant
shortcrust pastry|puff pastry,filo pastry|||gluten|plant
spring onions|spring onion,salad onions||each:15,bunch:100||plant
strawberries|strawberry||each:15||plant
sweet potato|sweet potatoes||each:200||plant
sweetcorn|corn on the cob|0.7|each:250||plant
walnut oil||0.92||nuts|plant
agar|agar agar|0.5|||plant
curing salt||1.2|||plant
`;

/**
 * Trim yields: what is left of one kilogram as bought, by preparation: name | preparation:fraction.
 *
 * Source: USDA Agriculture Handbook 102, Food Yields Summarized by Different Stages of Preparation, rounded to the
 * nearest twentieth. They are estimates; a school's own trials are better and can be entered.
 */
export const SHIPPED_TRIM = `
apple|peeled:0.85,cored:0.9
artichokes|trimmed:0.4
asparagus|trimmed:0.55
aubergine|trimmed:0.95,peeled:0.8
avocado|peeled:0.7
broccoli|trimmed:0.6
brussels sprouts|trimmed:0.8
carrot|peeled:0.8,trimmed:0.9
cauliflower|trimmed:0.6
celeriac|peeled:0.75
celery|trimmed:0.75
courgette|trimmed:0.95
cucumber|peeled:0.8,seeded:0.7
fennel|trimmed:0.75
garlic|peeled:0.85
ginger|peeled:0.8
green beans|trimmed:0.9
kohlrabi|peeled:0.7
leek|trimmed:0.5
lettuce|trimmed:0.75
mushrooms|trimmed:0.95
onion|peeled:0.9
orange|peeled:0.7,segmented:0.55
parsley|picked:0.5
parsnip|peeled:0.8
peach|stoned:0.85
pear|peeled:0.8,cored:0.85
plum|stoned:0.9
potato|peeled:0.8
pomegranate|picked:0.5
red cabbage|trimmed:0.8
red pepper|seeded:0.8,peeled:0.65
rhubarb|trimmed:0.85
shallot|peeled:0.85
spinach|picked:0.8
swede|peeled:0.8
sweet potato|peeled:0.8
tomato|peeled:0.9,seeded:0.75
turnip|peeled:0.8
watercress|picked:0.6
`;
