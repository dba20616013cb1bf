/** Milk, cheese and eggs; columns as in `index.ts`. */
export const DAIRY_AND_EGGS = `
butter | unsalted butter,salted butter,clarified butter,brown butter,beurre noisette,goat butter,goat s butter,sheep butter | 0.95 | stick:113 | milk || milk
ghee | | 0.92 || milk || milk
buttermilk | | 1.03 || milk || milk | liquid
buttermilk powder | dried buttermilk | 0.5 || milk || milk
cream | double cream,whipping cream,single cream,heavy cream,whipped cream | 1.0 || milk || milk | liquid
clotted cream | || | milk || milk
creme fraiche | soured cream,sour cream | 1.02 || milk || milk
milk | whole milk,semi skimmed milk,skimmed milk,goat milk,goat s milk,sheep milk,lactose free milk,cow s milk | 1.03 || milk || milk | liquid
condensed milk | sweetened condensed milk | 1.29 | tin:397 | milk || milk
evaporated milk | | 1.07 | tin:410 | milk || milk | liquid
lactose | milk sugar | || milk || milk
milk powder | dried milk,skimmed milk powder,powdered milk | 0.5 || milk || milk
whey | whey powder,casein,milk protein || | milk || milk
custard | custard sauce || | milk | egg | milk | label
egg custard | pouring custard,creme anglaise,creme patissiere,pastry cream || | milk,egg | gluten | milk,egg | label
custard powder | | 0.55 || | milk,egg | plant | label
ice cream | vanilla ice cream,gelato,semifreddo || | milk | egg,nuts,soya,gluten,peanut | milk | label
sorbet | granita || | | egg,milk,sulphites | ;egg,milk,alcohol,gelatine | label
yoghurt | yogurt,plain yoghurt,greek yoghurt,natural yoghurt,plain yogurt,greek yogurt,natural yogurt,skyr,labneh,goat yoghurt,goat s yoghurt,sheep yoghurt,sheep s yoghurt | 1.03 || milk || milk
kefir | lassi,ayran | 1.03 || milk || milk | liquid
cheese | grated cheese || | milk | egg | milk;rennet
cheddar | cheddar cheese,gouda,edam,red leicester,cheshire,double gloucester,lancashire cheese | 0.47 || milk || milk;rennet
blue cheese | stilton,dolcelatte,danish blue || | milk || milk;rennet
brie | camembert,soft cheese || | milk || milk;rennet
comte | gruyere,emmental,beaufort,raclette,appenzell,roquefort,gorgonzola,manchego,grana padano,hard cheese || | milk | egg | milk,rennet
cottage cheese | quark,curd cheese,fromage frais,fromage blanc | 0.95 || milk || milk;rennet
cream cheese | mascarpone | 0.97 || milk || milk;rennet
feta | feta cheese || | milk || milk;rennet
goat cheese | goat s cheese,goats cheese,sheep cheese || | milk || milk;rennet
halloumi | || | milk || milk;rennet
mozzarella | buffalo mozzarella,burrata,provolone || ball:125,each:125 | milk || milk;rennet
paneer | || | milk || milk
parmesan | parmesan cheese,parmigiano,pecorino | 0.42 || milk | egg | milk,rennet
ricotta | | 1.02 || milk || milk;rennet
cheese sauce | white sauce,bechamel || | milk,gluten | mustard,egg | milk | label
roux | beurre manie || | gluten | milk | ;milk
veloute | espagnole || | gluten | milk,celery,fish,egg,sulphites | ;milk,cattle,poultry,fish | label
beurre blanc | || | milk | sulphites,fish | milk;alcohol,fish | label
hollandaise | hollandaise sauce,bearnaise,bearnaise sauce,choron sauce || | egg,milk | mustard,sulphites | egg,milk;alcohol | label
sabayon | zabaglione || | egg | milk,sulphites | egg;alcohol,milk | label
panna cotta | posset,syllabub,blancmange,junket || | milk | egg,gluten,sulphites,nuts | milk;gelatine,rennet,alcohol | label
ganache | || | milk | soya,nuts,gluten | milk | label
egg | eggs,whole egg,whole eggs,hen egg,hen eggs | 1.03 | each:51,each/small:43,each/medium:51,each/large:60,each/very large:67,each/medium US:44,each/large US:50,each/very large US:56 | egg || egg | whole
egg white | egg whites,white of egg,whites of eggs | 1.03 | each:33,each/small:28,each/medium:33,each/large:40,each/very large:45,each/medium US:29,each/large US:33,each/very large US:37 | egg || egg | weighed
egg yolk | egg yolks,yolk,yolks | 1.03 | each:17,each/small:15,each/medium:17,each/large:19,each/very large:21,each/medium US:15,each/large US:17,each/very large US:18 | egg || egg | weighed
pasteurised egg | liquid egg,pasteurised whole egg | 1.03 || egg || egg | liquid
pasteurised egg yolk | liquid egg yolk | 1.03 || egg || egg | liquid
pasteurised egg white | liquid egg white | 1.03 || egg || egg | liquid
dried egg white | egg white powder,meringue powder,dried egg,albumen || | egg || egg | exacting
duck egg | duck eggs,goose egg,goose eggs || each:70 | egg || egg | whole
quail egg | quail eggs,quail s eggs || each:9 | egg || egg | whole
meringue | meringues,pavlova || | egg | milk,nuts | egg | label
dacquoise | || | egg,nuts | milk,gluten | egg | label
honey | clear honey,runny honey,set honey | 1.42 || || honey
honeycomb | || | || honey
taleggio | fontina,stracchino,reblochon,munster || | milk || milk;rennet
stracciatella | ricotta salata || | milk || milk;rennet
`;
