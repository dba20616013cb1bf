/** Cereals, flours, breads, doughs, pasta and pulses; columns as in `index.ts`. */
export const GRAINS = `
amaranth | | 0.81 || | gluten |
barley | pearl barley,pearled barley,barley flakes | 0.83 || gluten ||
barley flour | malted barley,barley malt,malt extract,malt | || gluten ||
black beans | pinto beans,borlotti beans,kidney beans,kidney bean,red kidney beans,black eyed beans,adzuki beans,haricot beans,navy beans,dried beans,beans,black bean,pinto bean,borlotti bean,adzuki bean,haricot bean,navy bean | 0.76 | tin:400 |||
butter beans | butter bean,white beans,cannellini beans,lima beans,flageolet beans | 0.76 | tin:400 |||
baked beans | || tin:400 || celery,mustard,gluten,milk | | label
bread | stale bread,white bread,wholemeal bread,brown bread,sourdough,sourdough bread,baguette,ciabatta,toast,country bread || slice:40,each:800 | gluten | soya,milk,sesame,egg,nuts | | label
brioche | milk bread,challah || | gluten,egg,milk | soya,nuts,sesame | egg,milk | label
breadcrumbs | dry breadcrumbs,dried breadcrumbs,panko,panko breadcrumbs | 0.45 || gluten | soya,milk,sesame,egg | | label
fresh breadcrumbs | white breadcrumbs,soft breadcrumbs | 0.19 || gluten | soya,milk,sesame,egg | | label
rye bread | pumpernickel,soda bread,naan,naan bread,pita,pitta,pitta bread,flatbread,flatbreads,focaccia,bagel,bagels,croutons,crouton,chapati,chapatis,paratha,parathas,roti,lavash,grissini,pretzels,pretzel,scones,scone,crumpets,crumpet || | gluten | soya,milk,sesame,egg,nuts | | label
burger buns | burger bun,bread rolls,bread roll,rolls,bun,buns || each:60 | gluten | soya,milk,sesame,egg | | label
tortilla | tortillas,wraps,wrap,flour tortilla || each:60 | gluten | soya,milk | | label
corn tortilla | corn tortillas,taco shells || each:25 || gluten | | label
buckwheat | buckwheat groats,kasha | 0.7 || | gluten |
buckwheat flour | | 0.5 || | gluten |
bulgur | bulgur wheat,freekeh,cracked wheat | 0.58 || gluten ||
chickpea flour | gram flour,besan | 0.38 || | gluten |
chickpeas | chickpea,tinned chickpeas | 0.68 | tin:400 |||
dried chickpeas | dried chickpea | 0.83 ||||
couscous | | 0.72 || gluten ||
giant couscous | israeli couscous,fregola | 0.7 || gluten ||
cornflakes | breakfast cereal,muesli,granola || | gluten | nuts,milk,soya,peanut,sesame | | label
cheese straws | cheese straw,cheese biscuits,cheese twists || | gluten,milk | egg,soya,sesame,mustard | milk | label
crackers | cracker,crispbread,crispbreads,rye crispbread,water biscuits,oatcakes,rusks,matzo || | gluten | milk,sesame,soya,egg,nuts | | label
digestive biscuits | biscuits,biscuit,cookies,shortbread,ginger biscuits,ginger nut,ginger nuts,amaretti,wafers || | gluten | milk,egg,nuts,soya,sesame,peanut | | label
joconde | financiers,financier,stollen || | gluten,nuts,milk | egg,soya,sulphites | milk;egg,alcohol | label
streusel | || | gluten | milk,nuts | ;milk | label
sponge fingers | ladyfingers || | gluten,egg | milk,soya,nuts | egg | label
sponge cake | cake,sponge,pancakes,pancake,waffles,muffins,muffin,croissant,croissants,genoise,madeleines,madeleine,blinis,crepes,crepe,panettone || | gluten,egg,milk | nuts,soya | egg,milk | label
farro | spelt,spelt grain,einkorn,emmer,kamut,wheat berries,wheat,triticale | 0.8 || gluten ||
flour | plain flour,strong flour,strong white flour,bread flour,white flour,00 flour,all purpose flour,cake flour,wheat flour,pasta flour | 0.53 || gluten | |
self raising flour | self rising flour | 0.53 || gluten | |
wholemeal flour | whole wheat flour,wholewheat flour,malted flour,granary flour | 0.5 || gluten | |
spelt flour | | 0.48 || gluten ||
rye flour | rye,dark rye flour,light rye flour | 0.45 || gluten ||
rice flour | ground rice | 0.65 || | gluten |
coconut flour | | 0.47 || | gluten |
corn flour | masa,masa harina,maize flour | 0.48 || | gluten |
soya flour | soy flour | 0.35 || soya | gluten |
lupin flour | lupin,lupin seeds,lupin beans,lupine,lupine seeds,lupine beans,lupini beans,lupini | || lupin | gluten |
potato flour | | 0.65 || | sulphites |
gluten | vital wheat gluten,wheat gluten,seitan | 0.5 || gluten | soya |
gluten free flour blend | gluten free flour,gluten free plain flour | || | lupin,soya | | label
gluten free bread | || | egg | milk,soya,lupin | egg | label
gluten free pasta | || | | soya,lupin,egg | | label
lentils | lentil,green lentils,puy style lentils,puy lentils,brown lentils,red lentils,black lentils,split peas,yellow split peas,dal | 0.8 | tin:400 || gluten |
mung beans | mung bean | 0.85 ||||
millet | | 0.83 || | gluten |
oats | oat,rolled oats,porridge oats,oatmeal,pinhead oats,oat flakes,oat bran | 0.36 || gluten ||
gluten free oats | | 0.36 || | gluten | | label
pasta | dried pasta,spaghetti,penne,macaroni,fusilli,linguine,orzo,rigatoni,vermicelli,pasta shapes,wholewheat pasta,farfalle,orecchiette | || gluten | egg,soya,mustard |
egg pasta | fresh pasta,fresh egg pasta,tagliatelle,pappardelle,fettuccine,lasagne,lasagne sheets,lasagne sheet || sheet:20 | gluten,egg | soya,mustard | egg | whole
filled pasta | ravioli,tortellini || | gluten,egg | milk,nuts,soya,fish,crustaceans,celery | egg | label
gnocchi | potato gnocchi || | gluten | egg,milk,sulphites | | label
noodles | wheat noodles,udon,udon noodles,ramen,ramen noodles || | gluten | egg,soya | | label
egg noodles | egg noodle || | gluten,egg | soya | egg | label
rice noodles | rice vermicelli,glass noodles,cellophane noodles,rice paper || | | gluten,soya | | label
soba noodles | soba || | gluten | soya,egg | | label
polenta | cornmeal,grits,fine polenta,coarse polenta | 0.65 || | gluten |
popcorn | popping corn | 0.8 ||||
quinoa | | 0.71 ||||
rice | long grain rice,white rice,basmati rice,basmati,jasmine rice,brown rice | 0.78 ||||
short grain rice | risotto rice,arborio rice,arborio,carnaroli,carnaroli rice,pudding rice,sushi rice,bomba rice | 0.83 ||||
wild rice | | 0.67 ||||
semolina | durum,durum wheat,fine semolina,durum wheat semolina,semolina flour | 0.7 || gluten ||
sago | tapioca,tapioca pearls | 0.65 ||||
teff | teff flour | || | gluten |
wheat germ | wheat bran,bran | 0.4 || gluten ||
wheat starch | || | gluten ||
bread dough | pizza dough,pizza base,dough || | gluten | milk,soya,egg | | label
shortcrust pastry | shortcrust,pastry,sweet pastry,shortcrust pastry case || sheet:320 | gluten | milk,egg,soya | | label
all butter puff pastry | all butter shortcrust pastry || sheet:320 | gluten,milk | egg,soya | milk | label
puff pastry | || sheet:320 | gluten | milk,egg,soya | | label
filo pastry | filo,phyllo,brick pastry,strudel pastry,kataifi || sheet:20 | gluten | milk,soya,sesame | | label,whole
choux pastry | choux,choux buns || | gluten,egg,milk | soya | egg,milk | label
wonton wrappers | gyoza wrappers,spring roll wrappers || each:8 | gluten | egg,soya | | label,whole
taramasalata | || | fish | gluten,milk,egg,sulphites | fish | label
hummus | houmous || | sesame | soya,sulphites | | label
dosa | idli,papadum,papadums,poppadoms,injera || | | gluten,mustard,soya,sesame | | label
baba ganoush | || | sesame | milk,sulphites | | label
falafel | || | | gluten,sesame,soya,celery | | label
sorghum | sorghum flour,fonio | 0.75 || | gluten |
hominy | corn grits | 0.7 || | gluten |
puffed rice | crisped rice || | | gluten | | label
urad dal | chana dal,toor dal,moong dal,masoor dal,dhal,split pulses,urad,split pea | 0.85 ||||
rice cakes | rice cake,corn cakes,puffed rice cakes || | | gluten,milk,sesame,soya | | label
`;
