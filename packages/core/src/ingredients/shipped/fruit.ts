/** Fruit, fresh, dried and prepared; columns as in `index.ts`. A counted one is cut and shared unless marked `whole`. */
export const FRUIT = `
apple | apples,dessert apple,dessert apples,eating apple,cooking apple,cooking apples || each:180 |||
crab apple | crab apples || each:20 ||| | whole
apricots | apricot || each:40 |||
dried apricots | dried apricot | 0.55 | each:8 || sulphites | | whole
avocado | avocados || each:200 |||
banana | bananas || each:150 |||
blackberries | blackberry,brambles,bramble | 0.6 ||||
blackcurrants | blackcurrant | 0.47 ||||
blueberries | blueberry,bilberries,bilberry | 0.62 ||||
cherries | cherry,sour cherries || each:8 ||| | whole
glace cherries | glace cherry,candied cherries,maraschino cherries || each:5 | sulphites || | whole
candied peel | mixed peel,candied orange peel,candied citrus peel | 0.7 || sulphites ||
clementine | clementines,mandarin,mandarins,tangerine,tangerines,satsuma,satsumas || each:75 |||
coconut | coconuts,fresh coconut || each:600 || sulphites |
desiccated coconut | dried coconut,shredded coconut,coconut flakes | 0.37 || | sulphites |
cranberries | cranberry | 0.42 ||||
dried cranberries | dried cranberry | 0.5 || | sulphites |
dates | date,medjool dates || each:15 || sulphites | | whole
elderberries | elderberry || |||
figs | fig || each:50 |||
dried figs | dried fig || each:15 || sulphites | | whole
gooseberries | gooseberry | 0.62 ||||
grapefruit | grapefruits || each:350 |||
grapes | grape || each:5 || sulphites | | whole
guava | guavas || each:55 |||
kiwi | kiwis,kiwi fruit || each:75 |||
kumquats | kumquat || each:19 ||| | whole
lemon | lemons,unwaxed lemon,unwaxed lemons || each:100 |||
lime | limes || each:67 |||
preserved lemon | preserved lemons || each:60 || sulphites |
loquats | loquat || |||
lychees | lychee || each:10 ||| | whole
mango | mangoes,mangos || each:400 |||
melon | melons,cantaloupe,honeydew || each:1200 |||
watermelon | watermelons || |||
nectarine | nectarines || each:140 |||
orange | oranges,blood orange,blood oranges,seville oranges || each:180 |||
papaya | papayas,pawpaw || each:400 |||
passion fruit | passionfruit || each:35 |||
peach | peaches || each:150 |||
pear | pears,firm pears || each:180 |||
persimmon | persimmons,sharon fruit,kaki || each:168 |||
plum | plums,damsons,greengages || each:66 |||
pomegranate | pomegranates || each:280 |||
pomegranate molasses | || |||
prunes | prune,dried plums || each:9 || sulphites | | whole
quince | quinces || each:250 |||
raisins | raisin,sultanas,sultana,currants,golden raisins | 0.65 || | sulphites |
raspberries | raspberry,frozen raspberries | 0.5 ||||
redcurrants | redcurrant,white currants | 0.47 ||||
strawberries | strawberry || each:12 ||| | whole
tamarind | tamarind paste,tamarind pulp || || sulphites |
yuzu | || |||
capers | caper,caper berries | 0.57 || | sulphites |
green olives | black olives,olives,olive | 0.6 | each:4 || sulphites | | whole
sun dried tomatoes | sun dried tomato,sundried tomatoes | 0.23 || | sulphites |
jackfruit | || tin:400 |||
breadfruit | || |||
rambutan | rambutans || each:30 ||| | whole
durian | || |||
medlar | medlars || each:30 ||| | whole
sloes | sloe || |||
physalis | cape gooseberries,cape gooseberry || each:5 ||| | whole
bergamot | bergamots || each:130 |||
fruit butter | apple butter,pear butter,plum butter,quince butter,pumpkin butter || || sulphites | | label
`;
