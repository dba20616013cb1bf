/**
 * Trim yields: what is left of one kilogram as bought, by preparation: name | preparation:fraction.
 *
 * Source: USDA Agriculture Handbook 102, Food Yields Summarized by Different Stages of Preparation, rounded to the
 * nearest twentieth. They are estimates; a school's own trials are better and can be entered.
 */
export const TRIM = `
apple | peeled:0.85,cored:0.9
artichokes | trimmed:0.4
asparagus | trimmed:0.55
aubergine | trimmed:0.95,peeled:0.8
avocado | peeled:0.7
beetroot | peeled:0.75
broad beans | podded:0.4
broccoli | trimmed:0.6
brussels sprouts | trimmed:0.8
carrot | peeled:0.8,trimmed:0.9
cauliflower | trimmed:0.6
celeriac | peeled:0.75
celery | trimmed:0.75
chard | trimmed:0.9
courgette | trimmed:0.95
cucumber | peeled:0.8,seeded:0.7
fennel | trimmed:0.75
garlic | peeled:0.85
ginger | peeled:0.8
grapefruit | segmented:0.5
green beans | trimmed:0.9
kale | trimmed:0.7
kohlrabi | peeled:0.7
leek | trimmed:0.5
lettuce | trimmed:0.75
mango | peeled:0.65
melon | peeled:0.5
mushrooms | trimmed:0.95
mussels | shelled:0.3
onion | peeled:0.9
orange | peeled:0.7,segmented:0.55
parsley | picked:0.5
parsnip | peeled:0.8
peach | stoned:0.85
pear | peeled:0.8,cored:0.85
plum | stoned:0.9
potato | peeled:0.8
pomegranate | picked:0.5
pumpkin | peeled:0.7
red cabbage | trimmed:0.8
red pepper | seeded:0.8,peeled:0.65
rhubarb | trimmed:0.85
salsify | peeled:0.6
savoy cabbage | trimmed:0.8
shallot | peeled:0.85
spinach | picked:0.8
squash | peeled:0.8
swede | peeled:0.8
sweet potato | peeled:0.8
tomato | peeled:0.9,seeded:0.75
trout | filleted:0.5
turnip | peeled:0.8
watercress | picked:0.6
white cabbage | trimmed:0.8
`;

/**
 * What one part becomes when it is cooked or soaked, by mass: name | way:factor. Above 1 it gains water, below 1 it loses.
 *
 * Source: USDA Agriculture Handbook 102 and USDA Table of Cooking Yields, the middle of the usual range, rounded to the nearest
 * twentieth. They are estimates: grain, age and time make a tenth more or less.
 */
export const COOKED = `
barley | boiled:3
black beans | soaked:2,boiled:2.4
bulgur | soaked:2.5
butter beans | soaked:2,boiled:2.4
couscous | soaked:2.4
dried apricots | soaked:1.5
dried chickpeas | soaked:2,boiled:2.3
dried mushrooms | soaked:4
duck breast | roasted:0.75
egg pasta | boiled:1.6
farro | boiled:2.5
kale | boiled:0.9
lentils | boiled:2.4
millet | boiled:3
mushrooms | fried:0.6
noodles | boiled:2.3
oats | boiled:5
onion | sweated:0.7
pasta | boiled:2.2
polenta | boiled:4.5
potato | baked:0.8
prunes | soaked:1.4
quinoa | boiled:2.7
rice | absorbed:2.6,boiled:2.8
short grain rice | boiled:2.7
soba noodles | boiled:2.4
spinach | wilted:0.75
trout fillet | poached:0.85
wild rice | boiled:3
`;
