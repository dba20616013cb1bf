/** Vegetables, mushrooms and fresh pulses; columns as in `index.ts`. A counted one is cut and shared unless marked `whole`. */
export const VEGETABLES = `
artichokes | artichoke,globe artichoke || each:300 |||
jerusalem artichokes | jerusalem artichoke,sunchoke || each:40 |||
asparagus | asparagus spears,green asparagus,white asparagus || bunch:250,spear:15 ||| | whole
aubergine | aubergines,eggplant,eggplants || each:300 |||
bamboo shoots | bamboo shoot || tin:225 |||
bean sprouts | beansprouts,mung bean sprouts || |||
beetroot | beetroots,beet,beets || each:100,bunch:450 |||
broad beans | broad bean,fava beans | 0.6 ||||
broccoli | calabrese || head:500,each:500 |||
broccolini | tenderstem,sprouting broccoli || |||
brussels sprouts | brussels sprout,sprouts || each:20 ||| | whole
red cabbage | || head:1000,each:1000 |||
white cabbage | cabbage,cabbages || head:1000,each:1000 |||
savoy cabbage | pointed cabbage,hispi cabbage,green cabbage || head:800,each:800 |||
chinese cabbage | napa cabbage,chinese leaf || head:800,each:800 |||
pak choi | bok choy || each:120 |||
carrot | carrots,baby carrots || each:90,each/small:60,each/large:130 |||
cassava | yuca || each:400 |||
cauliflower | cauliflowers || head:800,each:800 |||
celeriac | celery root,celeriacs || each:700 | celery ||
celery | celery sticks,celery stick,celery stalks || stick:40,stalk:40,head:450,rib:40 | celery ||
chard | swiss chard,rainbow chard || bunch:250 |||
chicory | endive,witloof,belgian endive || head:120,each:120 |||
chilli | chillies,red chilli,green chilli,fresh chilli,chili,chile,jalapeno,jalapenos || each:12 ||| | strong,whole
courgette | courgettes,zucchini || each:200 |||
cress | mustard cress,salad cress || punnet:25 | mustard ||
garden cress | || punnet:25 |||
cucumber | cucumbers || each:350 |||
daikon | mooli,white radish || each:400 |||
soya | soy,soya bean,soy bean,soybean | || soya | | | label
edamame | soya beans,soybeans,soy beans | 0.65 || soya ||
fennel | fennel bulb,fennel bulbs || bulb:250,each:250 |||
garlic | garlic cloves,garlic clove || clove:3,head:40,bulb:40 |||
wild garlic | bear garlic,ramsons || bunch:50 |||
elephant garlic | || clove:25 |||
ginger | fresh ginger,root ginger,ginger root,stem ginger root || |||
galangal | || |||
horseradish root | fresh horseradish || |||
green beans | fine beans,french beans,green bean,runner beans,string beans | 0.45 ||||
kale | cavolo nero,black kale,curly kale || bunch:200 |||
kohlrabi | || each:300 |||
lambs lettuce | lamb s lettuce,corn salad,mache || |||
leek | leeks,baby leeks || each:180 |||
lemongrass | lemon grass || stalk:15,each:15 |||
lettuce | little lettuce,romaine,cos lettuce,butter lettuce,iceberg lettuce,round lettuce,gem lettuce || head:300,each:300 |||
salad leaves | mixed salad leaves,mixed leaves,salad,mesclun || || mustard |
lotus root | || each:150 |||
mangetout | mange tout,snow peas,sugar snap peas,sugar snaps | 0.4 ||||
mushrooms | mushroom,chestnut mushrooms,chestnut mushroom,button mushrooms,button mushroom,field mushrooms,portobello mushrooms,cremini | 0.3 | each:15,each/large:80 ||| | whole
oyster mushrooms | oyster mushroom || |||
king oyster mushrooms | king oyster mushroom || each:80 |||
shiitake | shiitake mushrooms,shiitake mushroom || each:15 ||| | whole
wild mushrooms | wild mushroom,chanterelles,girolles,ceps,porcini,morels,hen of the woods,chicken of the woods,lobster mushroom,enoki,enoki mushrooms || |||
dried mushrooms | dried porcini,dried ceps,dried shiitake,dried morels | 0.15 ||||
okra | ladies fingers || each:10 ||| | whole
onion | onions,white onion,brown onion,yellow onion,spanish onion,red onion,red onions,white onions || each:150,each/small:80,each/medium:150,each/large:220 |||
pearl onions | pearl onion,button onions,silverskin onions || each:15 ||| | whole
parsley root | || each:100 |||
parsnip | parsnips || each:120 |||
peas | frozen peas,garden peas,petits pois,shelled peas,pea,green peas | 0.6 ||||
mirepoix | soffritto,sofrito || | celery ||
duxelles | || | | milk,sulphites | ;milk,alcohol | label
red pepper | red peppers,yellow pepper,yellow peppers,green pepper,green peppers,orange pepper,bell pepper,bell peppers,peppers,sweet pepper,sweet peppers,romano pepper || each:160 |||
plantain | plantains || each:180 |||
potato | potatoes,floury potatoes,waxy potatoes,new potatoes,baking potatoes,baby potatoes || each:170,each/small:80,each/medium:170,each/large:280 |||
pumpkin | pumpkins || |||
radicchio | treviso || head:250,each:250 |||
radish | radishes,breakfast radishes || each:10,bunch:150 ||| | whole
rhubarb | forced rhubarb || stalk:60,each:60,stick:60 |||
rocket | arugula,rocket leaves || bunch:60 |||
romanesco | || head:600,each:600 |||
salsify | scorzonera || each:100 |||
samphire | || |||
sea vegetables | kelp,kombu,wakame,dulse,hijiki,seaweed || sheet:5 || fish,crustaceans,molluscs | | whole
nori | nori sheets || sheet:3 || crustaceans |
shallot | shallots,banana shallot,banana shallots || each:40 |||
sorrel | || leaf:1,bunch:50 ||| | whole
spinach | baby spinach,spinach leaves,leaf spinach || bunch:200 |||
spring onions | spring onion,salad onions,scallions,scallion || each:15,bunch:100 |||
squash | butternut squash,butternut,acorn squash,kabocha,scallop squash || each:900 |||
swede | swedes,rutabaga || each:700 |||
sweet potato | sweet potatoes || each:200 |||
sweetcorn | corn on the cob,corn kernels,sweet corn,baby corn | 0.7 | each:250 |||
tomato | tomatoes,ripe tomatoes,vine tomatoes,beef tomato,beef tomatoes || each:100,each/small:70,each/large:160 |||
cherry tomatoes | cherry tomato || each:15,punnet:250 ||| | whole
turnip | turnips || each:130 |||
water chestnuts | water chestnut || each:12,tin:225 ||| | whole
watercress | water cress || bunch:85 |||
yam | yams || |||
vine leaves | vine leaf,grape leaves || leaf:4 || sulphites | | whole
jicama | yam bean || |||
chayote | christophine,chow chow squash || each:250 |||
milk thistle | fish mint,sow thistle || |||
nettles | nettle,nettle tops,nettle leaves || |||
purslane | || bunch:80 |||
hearts of palm | heart of palm,palm hearts || tin:400 || sulphites |
borage | borage leaves || leaf:1,bunch:50 ||| | whole
lion s mane | lions mane,lion s mane mushroom,huitlacoche || |||
sea kale | sea beet || |||
`;
