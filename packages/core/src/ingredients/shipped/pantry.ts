/** Sugars, salts, raising and gelling agents, vinegars, condiments, sauces and other made things; columns as in `index.ts`. */
export const PANTRY = `
salt | fine salt,table salt,sea salt,cooking salt,fine sea salt,iodised salt | 1.2 ||| | mineral | exacting
flaky salt | salt flakes,flaked salt,sea salt flakes,flaky sea salt,flaked sea salt | 0.55 ||| | mineral | exacting
coarse salt | rock salt,kosher salt,coarse sea salt | 1.0 ||| | mineral | exacting
curing salt | nitrite salt,pink curing salt,saltpetre,curing salt no 1,curing salt no 2 | 1.2 ||| | mineral | exacting
celery salt | | 1.1 || celery || mineral | exacting
garlic salt | seasoned salt,smoked salt,herb salt | 1.1 || | celery,mustard | mineral | exacting,label
sugar | caster sugar,granulated sugar,white sugar,golden caster sugar,loaf sugar,lump sugar,preserving sugar | 0.85 ||||
brown sugar | light brown sugar,dark brown sugar,muscovado sugar,dark muscovado sugar,light muscovado sugar,soft brown sugar,demerara sugar,demerara,muscovado,palm sugar,jaggery | 0.9 ||||
icing sugar | powdered sugar,confectioners sugar | 0.5 ||||
glucose | glucose syrup,liquid glucose,invert sugar,trimoline | 1.42 ||||
dextrose | fructose,isomalt,trehalose,maltodextrin || ||||
golden syrup | syrup,corn syrup,sugar syrup,light corn syrup | 1.4 ||||
grape syrup | vincotto,cooked grape must,mosto cotto,grape molasses | 1.3 || | sulphites | plant |
maple syrup | agave syrup,agave,agave nectar,date syrup,rice syrup | 1.32 ||||
treacle | molasses,black treacle | 1.42 || | sulphites |
malt syrup | barley malt syrup | 1.42 || gluten ||
barley sugar | boiled sweets,sweets,sprinkles,candy || | | gluten,soya,milk,nuts | | label
caramel | toffee,caramel sauce,fudge,dulce de leche || | milk | soya | milk | label
jam | raspberry jam,strawberry jam,apricot jam,marmalade | 1.33 || | sulphites | | label
redcurrant jelly | | 1.3 || | sulphites | | label
lemon curd | fruit curd | 1.2 || egg,milk || egg,milk | label
mincemeat | || | sulphites | nuts,gluten | cattle | label
dark chocolate | plain chocolate,bittersweet chocolate | || soya | milk,nuts,gluten,peanut | | label
chocolate | chocolate chips,couverture | || soya | milk,nuts,gluten,peanut | | label
milk chocolate | white chocolate || | milk,soya | nuts,gluten,peanut | milk | label
cocoa powder | cocoa,cacao,cacao nibs,cocoa nibs | 0.36 || | |
baking powder | | 0.92 || | gluten | mineral | exacting
bicarbonate of soda | baking soda,bicarbonate,sodium bicarbonate,bicarb | 0.92 ||| | mineral | exacting
cream of tartar | | 0.6 ||| | mineral | exacting
baking ammonia | baker s ammonia,ammonium bicarbonate,potash || || | mineral | exacting
citric acid | ascorbic acid,tartaric acid,malic acid,vitamin c || || | mineral | exacting
sodium citrate | calcium chloride,calcium lactate,calcium gluconate,lye,slaked lime || || | mineral | exacting
yeast | dried yeast,fast yeast,instant yeast,active dry yeast,dry yeast,fast action yeast,easy bake yeast | 0.65 | packet:7 || | | exacting
fresh yeast | compressed yeast,baker s yeast || || | | exacting
sourdough starter | levain,poolish,biga || | gluten ||
toasted yeast flakes | yeast flakes,nutritional yeast | 0.25 || | gluten |
yeast extract | || | gluten | celery | | label
cornflour | cornstarch,corn starch,maize starch | 0.54 ||| | | exacting
potato starch | | 0.75 || | sulphites | | exacting
tapioca starch | tapioca flour,arrowroot,cassava flour,rice starch | 0.5 ||| | | exacting
agar | agar agar,agar flakes | 0.5 ||| | | exacting
agar powder | | 0.8 ||| | | exacting
pectin | jam sugar,apple pectin,pectin powder || || | | exacting
carrageenan | iota carrageenan,kappa carrageenan,gellan,gellan gum,sodium alginate,alginate,methylcellulose,locust bean gum,carob gum || || | | exacting
xanthan gum | xanthan,guar gum,psyllium,psyllium husk,inulin || || | | exacting
transglutaminase | || | | milk | mineral | exacting,label
lecithin | soya lecithin,soy lecithin || | soya || | exacting
sunflower lecithin | || || | | exacting
activated charcoal | food colouring,gold leaf || | | | plant;insect | label
cochineal | carmine,shellac || | || insect
sherry vinegar | wine vinegar,red wine vinegar,white wine vinegar,cider vinegar,vinegar,champagne vinegar | 1.01 || sulphites || | liquid
balsamic vinegar | balsamic | 1.06 || sulphites || | liquid
spirit vinegar | white vinegar,distilled vinegar | 1.01 || | | | liquid
rice vinegar | seasoned rice vinegar | 1.01 || | gluten,sulphites | | liquid,label
malt vinegar | | 1.01 || gluten | sulphites | | liquid
balsamic glaze | balsamic cream || | sulphites | gluten,soya | | label
mustard | dijon,dijon mustard,wholegrain mustard,english mustard,french mustard,grain mustard | 1.05 || mustard | sulphites,gluten | | label
mustard leaves | mustard greens,mizuna,rocket and mustard || | mustard ||
mayonnaise | mayo,aioli,garlic mayonnaise | 0.92 || egg,mustard | milk,soya,sulphites | egg | label
vegan mayonnaise | vegan mayo | 0.92 || | mustard,soya,sulphites | | label
tartare sauce | remoulade,salad cream,caesar dressing,ranch dressing,thousand island dressing || | egg,mustard | milk,fish,sulphites,celery | egg | label
salad dressing | dressing,vinaigrette || | mustard | egg,milk,sulphites,celery,soya,fish,nuts | | label
ketchup | tomato ketchup,tomato sauce,mushroom ketchup,brown sauce,barbecue sauce | 1.14 || | celery,gluten,sulphites,mustard,fish | | label
worcester sauce | worcestershire sauce | 1.1 || fish | gluten,soya,sulphites,celery | fish | liquid,label
hot sauce | chilli sauce,sriracha,sweet chilli sauce,pepper sauce,tabasco,harissa,chilli paste,gochujang,sambal || | | soya,gluten,sulphites,fish,crustaceans,celery | | label
ponzu | ponzu sauce | 1.1 || soya,gluten | fish,sulphites | | liquid,label
mole paste | mole sauce || | | nuts,peanut,sesame,gluten | | label
soy sauce | soya sauce,shoyu,light soy sauce,dark soy sauce,teriyaki sauce | 1.15 || soya,gluten | sulphites | | liquid,label
tamari | gluten free soy sauce | 1.15 || soya | gluten | | liquid,label
coconut seasoning sauce | coconut aminos | 1.15 || | sulphites | | liquid,label
hoisin sauce | black bean sauce,yellow bean sauce,plum sauce,hoisin || | soya,gluten | sesame,sulphites | | label
oyster sauce | | 1.2 || molluscs,gluten,soya | crustaceans | mollusc | label
fish sauce | nam pla,garum,colatura | 1.2 || fish | crustaceans,molluscs,gluten | fish | liquid,label
miso | white miso,red miso,miso paste,doenjang | 1.15 || soya | gluten,fish | | label
tofu | bean curd,soya bean curd,firm tofu,silken tofu,smoked tofu,yuba,okara,natto || | soya | sesame,nuts | |
tempeh | || | soya | gluten | |
textured vegetable protein | soya mince,soya protein,soya chunks || | soya | gluten | | label
meat free mince | vegan mince,vegetarian mince,plant based mince,vegan sausages,vegetarian sausages,meat free sausages,vegan burger,veggie burger,vegetarian burger,meat substitute,plant based burger || | | soya,gluten,egg,milk,celery,mustard,nuts | plant;egg,milk | label
mycoprotein | || | egg | gluten,milk | plant;egg | label
vegan cheese | plant cheese,dairy free cheese || | | nuts,soya,milk | | label
egg replacer | egg substitute || | | gluten,soya,lupin,egg | plant;egg | label
aquafaba | | 1.0 ||| | | liquid
pesto | green pesto,basil pesto || | milk,nuts | peanut,sulphites | milk,rennet | label
romesco | romesco sauce,muhammara || | nuts | gluten,sulphites,sesame | | label
salsa verde | gremolata,chimichurri,persillade,pistou || | | fish,mustard,sulphites,gluten,milk,nuts,egg | ;fish,milk,rennet | label
rouille | || | egg,gluten | mustard,fish,milk,sulphites | egg | label
tzatziki | raita || | milk | sulphites,mustard | milk | label
guacamole | || | | milk,sulphites | ;milk | label
bisque | crab bisque,lobster bisque || | crustaceans | milk,fish,celery,gluten,sulphites,molluscs,egg | crustacean;milk,fish,alcohol | liquid,label
xo sauce | || | crustaceans,molluscs | fish,soya,gluten,sulphites | crustacean,mollusc;fish,pig | label
doubanjiang | chilli bean paste,broad bean paste || | soya,gluten | sulphites | | label
gomasio | gomashio || | sesame | | |
furikake | shichimi togarashi,togarashi || | sesame | fish,soya,gluten,milk,egg,crustaceans | ;fish,egg | label
orgeat | orgeat syrup || | nuts | sulphites | | liquid,label
piccalilli | || | mustard | sulphites,celery,gluten | | label
red pesto | || | milk,nuts | sulphites,peanut | milk,rennet | label
tapenade | olive paste || | fish | sulphites | fish | label
curry paste | thai curry paste,red curry paste,green curry paste,laksa paste || | | crustaceans,fish,celery,mustard,sulphites,soya,nuts,peanut | plant;fish,crustacean | label
curry powder | garam masala,five spice,spice mix,spice blend,mixed spice,ras el hanout,seasoning mix,spice rub,jerk seasoning,fajita seasoning,baharat,italian seasoning,mixed herbs,herbes de provence,chilli powder || | | celery,mustard,gluten,sesame,nuts | | label
stock cube | stock cubes,bouillon,stock powder,bouillon powder,vegetable bouillon,bouillon cube,vegetable stock cube,vegetable stock powder || each:10 | celery | gluten,milk,egg,soya,fish,mustard | plant;cattle,poultry | label
fish stock cube | fish bouillon || each:10 | fish,celery | crustaceans,gluten,milk | fish | label
chicken stock cube | chicken bouillon,beef stock cube,meat extract || each:10 | celery | gluten,milk,egg,soya,fish,mustard | plant,poultry,cattle | label
vegetable stock | light vegetable stock,vegetable broth | 1.0 || celery | gluten,soya,milk | | liquid,label
mushroom stock | | 1.0 || celery | gluten,soya | | liquid,label
stock | broth,light stock | 1.0 || celery | fish,gluten,soya,milk,egg,crustaceans | plant;cattle,poultry,fish | liquid,label
gravy | gravy granules,gravy powder || | | gluten,celery,milk,soya,egg | plant;cattle,poultry | label
kimchi | || | | fish,crustaceans,soya,gluten | plant;fish,crustacean | label
sauerkraut | pickled cabbage || | | sulphites | |
gherkins | gherkin,cornichons,cornichon,pickled cucumber || each:15 || mustard,sulphites,celery | | label
pickled onions | pickled onion,pickled ginger,pickles,pickle,pickled vegetables,chutney,mango chutney,relish || | | mustard,sulphites,celery,gluten | | label
horseradish cream | creamed horseradish | 1.0 || sulphites,milk | mustard,egg | milk | label
horseradish | grated horseradish,horseradish sauce | 1.0 || sulphites | mustard,milk,egg | | label
wasabi | wasabi paste || | | mustard,gluten,soya,sulphites | | label
tomato puree | tomato paste,tomato concentrate | 1.1 | tin:140 || |
plum tomatoes | chopped tomatoes,tinned tomatoes,peeled tomatoes | 1.0 | tin:400 |||
passata | strained tomatoes | 1.03 |||| | liquid
tinned fruit | fruit cocktail || | | sulphites |
stuffing mix | sage and onion stuffing,stuffing || | gluten | celery,milk,soya,egg,sulphites | | label
bread sauce mix | batter mix,tempura batter,tempura flour,batter,coating mix || | gluten | milk,egg | | label
prawn crackers | || | crustaceans | fish,molluscs,gluten,soya | crustacean | label
crisps | tortilla chips,potato crisps || | | milk,gluten,soya,crustaceans,celery,mustard | | label
jelly | || || sulphites | plant;gelatine | label
jelly cubes | marshmallows,marshmallow,gummies || | | sulphites,gluten | gelatine | label
fondant | sugar paste,royal icing,icing || | | egg,milk,soya,nuts | | label
truffles | truffle,black truffle,white truffle || |||
liquid smoke | smoke flavouring || | | | | label
salt and pepper | seasoning || ||| | exacting
`;
