/** Fish and shellfish; columns as in `index.ts`. A counted one is whole for each making. */
export const FISH = `
anchovy fillets | anchovies,anchovy,salted anchovies || fillet:4,each:4,tin:50 | fish ||
fresh anchovies | || | fish ||
arctic char | char || | fish ||
barramundi | || | fish ||
bonito flakes | katsuobushi,bonito || | fish ||
brill | || | fish ||
carp | || | fish ||
catfish | || | fish ||
cod | cod fillet,cod loin,cod liver,cod cheeks,salt cod || | fish ||
coley | saithe || | fish ||
dab | dabs || | fish ||
eel | smoked eel || | fish ||
fish roe | caviar,trout roe,lumpfish roe,cod roe || | fish ||
gurnard | || | fish ||
haddock | smoked haddock,haddock fillet || | fish ||
hake | hake fillet || | fish ||
halibut | || | fish ||
herring | herrings,kipper,kippers,smoked herring || | fish ||
john dory | || | fish ||
lemon sole | || | fish ||
ling | || | fish ||
mackerel | mackerel fillet,smoked mackerel || fillet:90 | fish ||
monkfish | monkfish liver,monkfish cheeks,monkfish tail || | fish ||
mullet | red mullet,grey mullet || | fish ||
perch | || | fish ||
pike | || | fish ||
plaice | || | fish ||
pollack | pollock,alaska pollock || | fish ||
salmon | salmon fillet,smoked salmon || | fish ||
sardines | sardine,pilchards,sprats || tin:120 | fish ||
sea bass | bass,seabass || | fish ||
sea bream | bream || | fish ||
skate | ray,skate wing || | fish ||
snapper | red snapper || | fish ||
sole | dover sole || | fish ||
sturgeon | || | fish ||
swordfish | || | fish ||
tilapia | || | fish ||
trout fillet | trout fillets || fillet:130,each:130 | fish ||
trout | rainbow trout,sea trout,smoked trout,whole trout || each:350 | fish ||
tuna | tinned tuna || tin:145 | fish ||
turbot | || | fish ||
white fish | fish,fish fillet,fish fillets,fish bones,fish heads,whitebait,whiting || | fish ||
zander | pikeperch || | fish ||
fish fingers | fish cakes,fish cake,breaded fish || | fish,gluten | egg,milk,mustard | | label
surimi | crab sticks,crab stick,seafood sticks || each:15 | fish,crustaceans,egg,gluten | soya,molluscs | | label
fish stock | fish fumet,dashi || | fish | celery,crustaceans | | liquid,label
crab | crab meat,white crab meat,brown crab meat,crabs || | crustaceans || crustacean
crayfish | crawfish || | crustaceans || crustacean
langoustines | langoustine,scampi,dublin bay prawns || | crustaceans || crustacean
lobster | lobsters,spiny lobster || | crustaceans || crustacean
prawns | prawn,tiger prawns,king prawns || | crustaceans | sulphites | crustacean
shrimp | shrimps,brown shrimps,krill || | crustaceans | sulphites | crustacean
dried shrimp | shrimp paste,belacan,belachan,blachan || | crustaceans | fish,sulphites | crustacean | label
shellfish stock | crab stock || | crustaceans | fish,celery,molluscs,milk | crustacean | label
abalone | || | molluscs || mollusc
clams | clam,cockles,cockle,razor clams,limpets,limpet || | molluscs | crustaceans | mollusc
cuttlefish | cuttlefish ink,squid ink || | molluscs || mollusc
mussels | mussel || each:20 | molluscs | crustaceans | mollusc
octopus | || | molluscs || mollusc
oysters | oyster || each:15 | molluscs | crustaceans | mollusc
scallops | scallop,king scallops || each:25 | molluscs | crustaceans | mollusc
snails | snail,escargots,whelks,whelk,winkles,periwinkles,periwinkle || | molluscs || mollusc
squid | calamari || | molluscs || mollusc
sea urchin | sea urchins || | | crustaceans,molluscs | fish | label
bottarga | || | fish ||
stockfish | dried cod || | fish ||
brandade | || | fish,milk | gluten,egg,celery | fish,milk | label
rollmops | rollmop,pickled herring,pickled herrings || | fish | mustard,sulphites,gluten | fish | label
`;
