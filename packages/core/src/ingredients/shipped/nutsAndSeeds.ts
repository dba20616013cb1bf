/** Nuts, peanuts and seeds; columns as in `index.ts`. Shared lines in packing make other nuts likely in all of them. */
export const NUTS_AND_SEEDS = `
almonds | almond,whole almonds,blanched almonds | 0.6 | each:1.2 | nuts | peanut |
ground almonds | almond flour,almond meal | 0.4 || nuts | peanut |
flaked almonds | almond flakes,slivered almonds | 0.4 || nuts | peanut |
almond butter | almond paste,hazelnut butter,cashew butter,nut butter,pistachio butter,pistachio paste,hazelnut paste,macadamia butter,walnut butter,pecan butter,brazil nut butter | 1.06 || nuts | peanut | | label
almond extract | almond essence | 0.95 || | nuts | alcohol | label,liquid
brazil nuts | brazil nut | 0.55 | each:5 | nuts | peanut |
cashews | cashew,cashew nuts,cashew nut | 0.57 || nuts | peanut |
chestnuts | chestnut,cooked chestnuts,vacuum packed chestnuts || each:10 || nuts |
chestnut flour | chestnut puree || | | nuts |
hazelnuts | hazelnut,ground hazelnuts,chopped hazelnuts,cobnuts,filberts | 0.5 | each:1.2 | nuts | peanut |
macadamia nuts | macadamias,macadamia,queensland nuts | 0.56 || nuts | peanut |
nuts | nut,mixed nuts,chopped nuts,tree nuts || | nuts | peanut | | label
peanuts | peanut,groundnut,groundnuts,monkey nuts | 0.6 || peanut | nuts |
satay sauce | satay || | peanut | soya,fish,crustaceans,gluten,sesame | | label
peanut butter | | 1.07 || peanut | nuts | | label
pecans | pecan,pecan nuts | 0.42 | each:1.5 | nuts | peanut |
pine nuts | pine nut,pine kernels | 0.56 || | nuts,peanut |
pistachios | pistachio,pistachio nuts | 0.51 || nuts | peanut |
tiger nuts | tiger nut || | | nuts |
walnuts | walnut,walnut halves | 0.45 | each:5 | nuts | peanut |
hazelnut spread | chocolate hazelnut spread,gianduja || | nuts,milk,soya | peanut,gluten | milk | label
marzipan | praline,praline paste,nougat,frangipane || | nuts | milk,egg,soya,peanut,gluten | | label
chia seeds | chia seed | 0.7 || | |
flax seeds | flaxseed,linseed,linseeds | 0.7 || | |
hemp seeds | hemp seed | 0.67 || | |
pumpkin seeds | pumpkin seed | 0.54 || | nuts,peanut |
sesame seeds | sesame seed,black sesame seeds,white sesame seeds,sesame | 0.6 || sesame | |
sunflower seeds | sunflower seed | 0.58 || | nuts,peanut |
sunflower seed paste | sunflower butter,sunflower seed butter,pumpkin seed butter,seed butter,pumpkin seed paste || | | nuts,peanut,sesame | | label
tahini | sesame paste,sesame butter,sesame seed butter | 1.07 || sesame | nuts,peanut |
halva | halwa || | sesame | nuts,peanut,milk | | label
dukkah | || | nuts,sesame | peanut | | label
zaatar | za atar || | sesame | gluten,nuts | | label
soya nut butter | soy butter,soya butter,soy nut butter | 1.07 || soya | nuts,peanut | | label
`;
