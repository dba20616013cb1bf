/** Oils and fats that are not milk or meat; columns as in `index.ts`. Cold-pressed nut and seed oils keep the allergen of what they are of. */
export const OILS = `
oil | vegetable oil,sunflower oil,rapeseed oil,neutral oil,frying oil,corn oil,canola oil,grapeseed oil,cooking oil,rice bran oil | 0.92 |||| | liquid
soya oil | soybean oil,soya bean oil | 0.92 || | soya | | liquid,label
olive oil | extra virgin olive oil,evoo,light olive oil | 0.92 |||| | liquid
almond oil | hazelnut oil,walnut oil,pistachio oil,nut oil | 0.92 || nuts | peanut | | liquid
avocado oil | pumpkin seed oil,flaxseed oil,linseed oil,hemp oil | 0.92 |||| | liquid
argan oil | | 0.91 || | nuts | | liquid
peanut oil | groundnut oil,arachis oil | 0.91 || peanut || | liquid
sesame oil | toasted sesame oil | 0.92 || sesame || | liquid
mustard oil | | 0.91 || mustard || | liquid
chilli oil | garlic oil,herb oil,truffle oil,infused oil | 0.92 || | soya,sesame,peanut | | liquid,label
coconut oil | coconut fat | 0.92 ||||
palm oil | palm fat | 0.91 ||||
cocoa butter | cacao butter || ||||
shea butter | || ||||
margarine | baking spread,spread,plant margarine,vegan butter,plant butter | 0.95 || | milk,soya | | label
shortening | vegetable shortening,vegetable fat,white vegetable fat | 0.87 || | soya | | label
cooking spray | oil spray || | | soya | | label
`;
