/** Herbs and spices; columns as in `index.ts`. Single spices only: blends hide what is in them and stand in the pantry. */
export const HERBS_AND_SPICES = `
ajwain | carom seeds ||| || | strong
allspice | ground allspice,allspice berries | 0.4 | each:0.1 ||| | strong
anise seed | aniseed,aniseeds | 0.45 |||| | strong
annatto | achiote ||| || |
asafoetida | hing ||| | gluten | | strong,label
basil | basil leaves,fresh basil,thai basil | 0.1 | leaf:0.5,bunch:30,sprig:2.5 |||
dried basil | || |||
bay leaf | bay leaves,bay,fresh bay leaves,dried bay leaf || each:0.2,leaf:0.2 |||
bouquet garni | bouquets garnis || || celery | | label
caraway | caraway seed,caraway seeds | 0.45 |||| | strong
cardamom | cardamom pods,cardamom pod,green cardamom,black cardamom,ground cardamom | 0.4 | each:0.3 ||| | strong
cayenne | cayenne pepper,ground chilli,pure chilli powder | 0.36 |||| | strong
celery seed | celery seeds,ground celery seed | 0.43 || celery ||
chervil | || sprig:1.5,bunch:25 |||
chilli flakes | dried chilli flakes,crushed chilli | 0.36 |||| | strong
dried chilli | dried chillies,whole dried chilli || each:1 ||| | strong
chives | chive | 0.2 | bunch:25 |||
cinnamon | ground cinnamon,cinnamon stick,cinnamon sticks,cassia bark | 0.53 | stick:4 ||| | strong,shared
cloves | clove,ground cloves,whole cloves | 0.44 | each:0.1 ||| | strong
coriander | coriander leaf,coriander leaves,fresh coriander,cilantro | 0.1 | bunch:30,sprig:2 |||
coriander seed | coriander seeds,ground coriander | 0.35 ||||
cumin | cumin seed,cumin seeds,ground cumin | 0.42 |||| | strong
black cumin | nigella seeds,nigella seed,kalonji | 0.45 |||| | strong
curry leaves | curry leaf || leaf:0.1,sprig:1 |||
dill | fresh dill,dill fronds || sprig:1,bunch:25 |||
fennel pollen | || |||
fennel seed | fennel seeds,ground fennel | 0.39 ||||
fenugreek | fenugreek seed,fenugreek seeds,ground fenugreek | 0.73 |||| | strong
fenugreek leaves | dried fenugreek leaves || |||
garlic powder | ground garlic,garlic granules | 0.65 ||||
ground ginger | ginger powder,dried ginger | 0.35 |||| | strong
juniper | juniper berries,juniper berry || each:0.1 ||| | strong
kaffir lime leaves | lime leaves,lime leaf,makrut lime leaves || leaf:0.4,each:0.4 |||
lavender | dried lavender || ||| | strong
lovage | || bunch:30 |||
mace | ground mace,mace blades | 0.36 | each:0.3 ||| | strong
marjoram | fresh marjoram || sprig:1 |||
mint | mint leaves,fresh mint,spearmint || sprig:2,bunch:30,leaf:0.3 |||
dried mint | || |||
mustard seed | mustard seeds,black mustard seeds,yellow mustard seeds,brown mustard seeds | 0.75 || mustard ||
mustard powder | english mustard powder,ground mustard | 0.42 || mustard ||
nutmeg | grated nutmeg,ground nutmeg,whole nutmeg | 0.47 | each:5 ||| | strong
onion powder | onion granules | 0.48 ||||
oregano | fresh oregano || sprig:1 |||
dried oregano | dried marjoram | 0.2 ||||
orris root | || |||
paprika | smoked paprika,sweet paprika,hot paprika,pimenton | 0.46 ||||
parsley | flat parsley,flat leaf parsley,flat parsley leaves,parsley leaves,parsley stalks,curly parsley || sprig:1.5,bunch:40,stalk:1 |||
pepper | black pepper,ground black pepper,white pepper,ground white pepper,ground pepper,freshly ground pepper,freshly ground black pepper,cracked black pepper | 0.46 |||| | strong
peppercorns | black peppercorns,white peppercorns,green peppercorns | 0.6 | each:0.05 ||| | strong
pink peppercorns | pink peppercorn || | | nuts | | strong
sichuan pepper | szechuan pepper || ||| | strong
poppy seeds | poppy seed,blue poppy seeds | 0.58 || | |
rosemary | rosemary leaves || sprig:3,bunch:30 |||
dried rosemary | || |||
saffron | saffron threads | 0.14 |||| | strong
sage | sage leaves,sage leaf || leaf:0.5,sprig:3,bunch:25 |||
salad burnet | || |||
savory | summer savory,winter savory || sprig:1.5 |||
shiso | perilla || leaf:1 |||
star anise | || each:1.5 ||| | strong
sumac | || ||| |
tarragon | tarragon leaves || sprig:1.5,bunch:25 |||
thyme | thyme leaves,fresh thyme,thyme sprigs,lemon thyme || sprig:1,bunch:20 |||
dried thyme | | 0.28 ||||
tonka bean | tonka beans || each:1 ||| | strong
turmeric | ground turmeric,turmeric root | 0.63 ||||
vanilla pod | vanilla pods,vanilla bean,vanilla beans,vanilla || each:3 ||| | shared
wormwood | || ||| | strong
edible flowers | nasturtium,nasturtiums,viola flowers,violas,borage flowers,elderflowers,marigold petals || |||
micro herbs | microherbs,micro cress || punnet:25 || mustard |
hyssop | || sprig:1.5,bunch:25 |||
epazote | || sprig:1.5 |||
mastic | mastic gum || ||| | strong
`;
