/** Wines, spirits, juices and drinks; columns as in `index.ts`. Wines, ciders and beers may be fined with egg, milk or fish. */
export const DRINKS = `
white wine | dry white wine,wine,rose wine,sparkling wine,champagne,prosecco,cava,cooking wine | 0.99 || sulphites | egg,milk,fish | alcohol;egg,milk,fish | liquid
red wine | dry red wine | 0.99 || sulphites | egg,milk,fish | alcohol;egg,milk,fish | liquid
dessert wine | sweet wine,sauternes | 1.03 || sulphites | egg,milk,fish | alcohol;egg,milk,fish | liquid
port | ruby port,tawny port | 1.03 || sulphites | egg,milk | alcohol;egg,milk,fish | liquid
sherry | dry sherry,fino,sweet sherry | 0.99 || sulphites | egg,milk | alcohol;egg,milk,fish | liquid
madeira | marsala | 1.02 || sulphites | egg,milk | alcohol;egg,milk,fish | liquid
vermouth | dry vermouth | 1.0 || sulphites || alcohol;egg,milk,fish | liquid
cider | dry cider,perry | 1.0 || sulphites || alcohol;fish | liquid
beer | lager,ale,stout,wheat beer,pale ale | 1.01 || gluten | sulphites,fish | alcohol;fish | liquid
shandy | || | gluten | sulphites,fish | alcohol;fish | liquid,label
kombucha | kvass || | | gluten,sulphites | ;alcohol | liquid,label
alcohol free beer | | 1.01 || gluten | sulphites | plant | liquid,label
alcohol free wine | dealcoholised wine | 1.0 || sulphites | | plant;alcohol | liquid,label
whisky | whiskey,bourbon,rye whiskey | 0.94 || || alcohol | liquid
brandy | cognac,armagnac,calvados,apple brandy,cooking brandy | 0.95 || | sulphites | alcohol | liquid
kirsch | eau de vie,grappa,marc | 0.95 || || alcohol | liquid
rum | dark rum,white rum | 0.95 || || alcohol | liquid
gin | vodka,tequila,aquavit | 0.94 || || alcohol | liquid
ouzo | pernod,pastis,absinthe,sambuca | 0.95 || || alcohol | liquid
orange liqueur | triple sec,limoncello,lemon liqueur,cherry liqueur,cassis,creme de cassis,elderflower liqueur,liqueur | 1.05 || | sulphites,milk,egg | alcohol | liquid,label
almond liqueur | amaretto | 1.08 || | nuts | alcohol | liquid,label
hazelnut liqueur | nocino,walnut liqueur,nut liqueur | 1.08 || nuts | | alcohol | liquid,label
coffee liqueur | | 1.1 || || alcohol | liquid,label
egg liqueur | advocaat | 1.05 || egg | milk | alcohol,egg | liquid,label
cream liqueur | | 1.05 || milk | egg,nuts | alcohol,milk | liquid,label
bitters | angostura | 0.95 || || alcohol | liquid,label
shaoxing wine | chinese rice wine | 1.02 || gluten | sulphites | alcohol | liquid,label
rice wine | sake,mirin | 1.02 || | gluten,sulphites | alcohol | liquid,label
vanilla extract | vanilla essence,vanilla paste | 0.88 || || alcohol | liquid
apple juice | | 1.04 || | sulphites | plant | liquid
grape juice | white grape juice,red grape juice | 1.06 || | sulphites | plant | liquid
lemon juice | | 1.03 || | sulphites | plant | liquid
lime juice | | 1.03 || | sulphites | plant | liquid
orange juice | grapefruit juice,clementine juice,mandarin juice | 1.04 ||| | plant | liquid
pomegranate juice | cranberry juice,cherry juice,pear juice,fruit juice,juice | 1.05 || | sulphites | plant | liquid
tomato juice | vegetable juice | 1.02 || | celery | plant | liquid,label
carrot juice | | 1.02 ||| | plant | liquid
verjuice | verjus | 1.01 || | sulphites | plant | liquid
water | cold water,warm water,boiling water,iced water,hot water,tap water,ice,ice cubes,ice water | 1.0 ||| | mineral | liquid
mineral water | sparkling water,soda water,bottled water,spring water,tonic water | 1.0 ||| | mineral | liquid
rose water | orange flower water,orange blossom water | 1.0 ||| | plant | liquid
coconut water | | 1.02 || | sulphites | plant | liquid
coconut milk | coconut cream,creamed coconut,coconut butter | 0.97 | tin:400 || sulphites | plant | liquid
almond milk | almond drink,hazelnut milk,cashew milk,nut milk,macadamia milk,walnut milk,pistachio milk,pecan milk | 1.02 || nuts | soya | plant | liquid
tiger nut milk | tiger nut drink,horchata | 1.03 ||| nuts | plant | liquid
oat milk | oat drink,barista oat milk | 1.03 || gluten || plant | liquid
oat cream | oat creme fraiche | 1.0 || gluten | soya | plant | liquid
rice milk | rice drink | 1.03 ||| | plant | liquid
soya milk | soy milk,soya drink | 1.03 || soya || plant | liquid
soya cream | soya yoghurt,soy yoghurt,soya yogurt,soya cheese,soy cheese,soya creme fraiche | 1.03 || soya | nuts | plant | label
coconut yoghurt | coconut yogurt,coconut cheese | 1.0 || | soya,nuts | plant | label
pea milk | hemp milk | 1.02 ||| | plant | liquid,label
plant cream | plant milk,plant drink,vegan cream,plant based milk || | | soya,nuts,gluten | plant | liquid,label
lemonade | cola,ginger beer,ginger ale,root beer,cordial,elderflower cordial,squash drink | 1.04 || | sulphites,gluten | plant | liquid,label
coffee | espresso,instant coffee | || | | plant
tea | black tea,green tea,tea leaves | || | | plant
malted milk drink | malted drink powder || | gluten,milk | soya | milk | label
nut cream | cashew cream,almond cream,nut cheese,cashew cheese,almond cheese,almond yoghurt,cashew yoghurt,almond yogurt,cashew yogurt | 1.0 || nuts | soya,peanut | plant | label
pine nut milk | pine nut cream || | | nuts | plant | liquid
oat yoghurt | oat yogurt,oat gurt | 1.0 || gluten | soya,nuts | plant | label
rice cream | | 1.0 || | soya | plant | liquid,label
`;
