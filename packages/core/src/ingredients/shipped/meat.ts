/** Meat, poultry and what is made of them; columns as in `index.ts`. A counted one is whole for each making, unless it is as large as a bird that is jointed. */
export const MEAT = `
beef | beef mince,minced beef,minced meat,stewing beef,beef shin,beef cheek,beef fillet,sirloin,rump,brisket,rib of beef,beef bones,steak,steaks,oxtail,ox cheek,ox cheeks,beef cheeks,ox tongue,beef tongue,ox liver,beef liver,ox heart,ox kidney,beef kidney,beef kidneys,corned beef || | || cattle
veal | veal bones,veal escalope,sweetbreads,sweetbread,calf liver,calf s liver,calves liver,veal liver,veal kidney,veal kidneys,veal tongue,veal cheek,veal cheeks,calf s tongue || | || cattle
suet | beef suet,beef dripping,dripping,tallow || | | gluten | cattle | label
vegetable suet | || | | gluten | plant | label
lamb | lamb mince,lamb shoulder,lamb rump,lamb neck,lamb shank,lamb shanks,lamb chops,rack of lamb,leg of lamb,mutton,hogget,lamb kidneys,lamb kidney,lamb s kidneys,lambs kidneys,lamb liver,lamb s liver,lambs liver,lamb heart,lamb hearts,lamb s hearts,lamb tongue,lamb tongues,lamb s tongues,lamb sweetbreads || | || other mammal
goat | kid,goat meat || | || other mammal
venison | venison liver,deer,roe deer,elk,reindeer || | || other mammal
rabbit | rabbits,whole rabbit,hare || each:1200 | || other mammal
rabbit leg | rabbit legs,rabbit saddle,rabbit loin,rabbit liver,rabbit livers,rabbit kidneys || | || other mammal
wild boar | boar || | || pig
horse meat | || | || other mammal
pork | pork mince,minced pork,pork belly,pork shoulder,pork loin,pork fillet,pork tenderloin,pork chops,pork chop,gammon,pork cheek,spare ribs,suckling pig,pig cheek,pig cheeks,pork cheeks,pig liver,pig s liver,pork liver,pig s kidney,pig s kidneys,pork kidneys,pork tongue,pork skin,pork rind || | || pig
bacon | streaky bacon,smoked bacon,back bacon,lardons,pancetta,guanciale,speck || slice:25 | | sulphites | pig | label
ham | prosciutto,serrano ham,parma ham,air dried ham,cooked ham,ham hock || slice:25 | | sulphites,milk | pig | label
lard | pork fat,back fat,pork dripping || | || pig
chorizo | salami,nduja,pepperoni,saucisson,mortadella || | | milk,soya,sulphites,nuts,mustard,celery | pig | label
sausages | sausage,sausage meat,pork sausages,frankfurters,bratwurst || each:60 | | gluten,sulphites,milk,soya,mustard,celery | pig | label
black pudding | white pudding,blood sausage,haggis || | gluten | milk,soya,mustard,celery | pig | label
burger | burgers,hamburger,hamburgers,beef burger,beefburgers || each:110 | | gluten,sulphites,soya,milk,egg,mustard,celery | cattle | label
meatballs | meatball,meatloaf || | | gluten,milk,egg,soya | cattle | label
pate | liver pate,terrine || | milk | gluten,egg,soya,sulphites,mustard,celery | pig | label
chicken | chicken breast,chicken breasts,chicken thigh,chicken thighs,chicken legs,chicken wings,chicken wing,chicken livers,chicken liver,chicken carcass,chicken bones,chicken mince,whole chicken,poussin,cockerel || | || poultry
duck | ducks,whole duck,whole ducks || each:2200 | || poultry
duck leg | duck legs,confit duck,duck carcass,duck liver,duck livers || | || poultry
duck breast | duck breasts,magret || each:180 | || poultry
duck fat | || | || poultry
goose | geese,whole goose || each:4500 | || poultry
goose breast | goose breasts,goose leg,goose legs,goose liver,goose livers,foie gras || | || poultry
goose fat | || | || poultry
guinea fowl | guineafowl || each:1200 | || poultry
partridge | partridges || each:350 | || poultry
pheasant | pheasants || each:800 | || poultry
pigeon | squab,wood pigeon || each:350 | || poultry
quail | quails || each:150 | || poultry
grouse | || each:400 | || poultry
turkey | turkeys,whole turkey || each:5000 | || poultry
turkey breast | turkey mince,turkey escalope,turkey escalopes,turkey thigh,turkey thighs,turkey leg,turkey legs || | || poultry
ostrich | || | || poultry
poultry | poultry carcasses,giblets || | || poultry
meat | mince,minced,bones,marrow bones || | || cattle,pig,other mammal | label
game | mixed game || | || other mammal,poultry | label
chicken stock | poultry stock,duck stock,turkey stock || | | celery | poultry | liquid,label
beef stock | veal stock,brown stock,meat stock,demi glace,jus,consomme || | | celery,gluten,sulphites | cattle | liquid,label
pork stock | ham stock,lamb stock,game stock || | | celery | pig,other mammal | liquid,label
gelatine | leaf gelatine,gelatine leaves,gelatin,sheet gelatine || leaf:2,sheet:2,leaf/bronze:3.3,leaf/silver:2.5,leaf/gold:2,leaf/platinum:1.7,sheet/bronze:3.3,sheet/silver:2.5,sheet/gold:2,sheet/platinum:1.7 | || gelatine | exacting,shared
powdered gelatine | gelatine powder,gelatin powder | 0.65 |||| gelatine | exacting
isinglass | || | fish || fish | exacting
aspic | aspic powder || | | celery,gluten,milk,egg,sulphites | gelatine | label
rennet | animal rennet || | || rennet
vegetable rennet | vegetarian rennet,microbial rennet || | || plant
caul fat | crepine || | || pig
blood | pig s blood || | || pig
tripe | ox tripe,honeycomb tripe,beef tripe || | || cattle
offal | kidneys,kidney,liver,livers,tongue,tongues || | || cattle,pig,other mammal | label
gizzards | gizzard,chicken hearts,duck hearts,poultry livers || | || poultry
schmaltz | chicken fat,poultry fat || | || poultry
trotters | pig s trotters,pigs trotters,trotter,pig s ears || | || pig
bresaola | dried beef || | | sulphites | cattle | label
bone marrow | marrow bone || | || cattle
woodcock | snipe || | || poultry
frog legs | frogs legs,frog s legs || | || other mammal
`;
