import type { WrittenCard } from './card';

export const COOKING_CARDS: readonly WrittenCard[] = [
  {
    name: 'Sweat',
    strand: 'cooking',
    purpose: 'Softens vegetables in fat without colour and draws out their sweetness, the base of most sauces and soups.',
    tools: ['heavy pan with lid', 'wooden spoon'],
    steps: [
      'Warm the fat on a low heat until it shimmers, no more.',
      'Add the vegetables and a pinch of salt; stir until all are coated.',
      'Cover and cook slowly, stirring every two minutes.',
      'Taste a piece: it is done when it gives without crunch.',
    ],
    criticalPoints: ['Heat so low that it only whispers.', 'Salt at the start: it draws the water that keeps the colour away.'],
    cues: ['hear: a whisper, never a crackle', 'see: glassy, no brown edge', 'smell: sweet, no longer sharp', 'taste: soft all through'],
    faults: {
      browned:
        'Brown edges | The heat was too high, or the lid was off | Lower the heat, add a spoon of water, cover | Pale brown still serves a brown sauce; black is thrown away',
      'raw-sweat':
        'Crunch in the finished sauce | Taken on by the clock, not by taste | Taste before the next step; give it five more minutes | Ladle some liquid off, cook the vegetables on, join them again',
    },
    cautions: ['Steam under a lid burns: open it away from you.'],
    after: ['Slicing and dicing a bulb'],
    minutes: [20, 15],
    aims: [
      'Hears the whisper, keeps the lid on, tastes.',
      'No colour, soft through, without being told when.',
      'A base without a brown edge while another pan is watched.',
    ],
    looksWrong: [
      'Water stands in the pan after five minutes | The vegetables give it off; it keeps the colour away and boils off by itself.',
    ],
    descriptors: {
      'Softness without colour': 'tasted: brown edges or crunch | a little of either | soft, pale, sweet | soft, glassy, sweet throughout',
    },
    words: ['sweat', 'soften'],
  },
  {
    name: 'Blanch and refresh',
    strand: 'cooking',
    purpose: 'Sets colour and bite, and lets green vegetables be finished later.',
    tools: ['large pan', 'bowl of iced water', 'slotted spoon'],
    steps: [
      'Bring plenty of salted water to a rolling boil.',
      'Set the iced water beside the stove before you start.',
      'Drop a few vegetables at a time so that the boil never stops.',
      'Taste one; lift all out when it is just tender.',
      'Chill at once, drain as soon as cold, dry.',
    ],
    criticalPoints: ['The boil does not stop.', 'Out of the ice as soon as they are cold: they drink water.'],
    cues: ['see: the green turns bright within a minute', 'feel: a knife tip meets slight resistance', 'taste: no rawness'],
    faults: {
      'dull-green': 'Grey-green | Too long in the water, or not chilled at once | Smaller batches, more water, ice ready beforehand',
      waterlogged:
        'Wet and tasteless | Left lying in the iced water | Lift out when cold and dry on a cloth | Dry on a cloth and toss in foaming butter until it stops hissing',
      'under-blanched':
        'Raw crunch in the middle | The boil stopped when they went in | Fewer at a time; start to count when it boils again | Back into boiling water for a minute, then ice',
    },
    cautions: ['Lower food into boiling water away from you, with a spoon.'],
    after: ['Boil in salted water'],
    minutes: [15, 8],
    aims: [
      'Ice stands ready, one handful at a time, tastes.',
      'Bright and just tender in three batches.',
      'Colour, bite and dryness hold to the plate half an hour later.',
    ],
    looksWrong: ['They taste slightly underdone out of the ice | They are finished later in butter or in the oven, and soften there.'],
    descriptors: {
      'Colour and bite': 'tasted: grey or raw | uneven, or wet | bright, tender with bite, dry | bright, all alike, seasoned through',
    },
    matters: ['boiling-salt'],
    calculators: ['boiling'],
    drawings: ['bubbles'],
    words: ['blanch', 'refresh'],
  },
  {
    name: 'Poach',
    strand: 'cooking',
    purpose: 'Cooks delicate food evenly in liquid well below the boil.',
    tools: ['wide shallow pan', 'probe thermometer', 'fish slice'],
    steps: [
      'Season the liquid: it seasons the food.',
      'Bring it to 75 to 80 °C: a tremble, no bubbles breaking.',
      'Lower the food in, covered by liquid.',
      'Hold the heat by thermometer, not by flame.',
      'Check the core, lift out, drain well.',
    ],
    criticalPoints: ['The liquid never boils.', 'The core temperature is measured in the thickest part.'],
    cues: [
      'see: the surface trembles; fish turns from glassy to milky',
      'feel: flakes part under light pressure',
      'measure: core temperature against the local rule',
    ],
    faults: {
      boiled: 'Ragged edges and white beads on the fish | The liquid boiled | Pull the pan half off the heat; poach by thermometer',
      'bland-poach': 'Tastes of nothing inside | The liquid was not seasoned | Taste the liquid before the food goes in',
      'overcooked-poach':
        'Dry, falls to threads | Left in while plates were dressed | Lift out a little early: it goes on cooking | Flake it and dress it warm',
    },
    cautions: ['Core temperatures are for the local code and the responsible person to set; the thermometer proves them.'],
    after: ['Simmer and skim a stock'],
    minutes: [20, 12],
    aims: [
      'Holds 75 to 80 °C for five minutes, without food.',
      'One piece, heat held by thermometer, lifted out in time.',
      'Four portions alike, core by the rule, flakes moist.',
    ],
    looksWrong: [
      'Nothing seems to happen in the pan | A tremble is all there should be: the thermometer shows that it cooks.',
      'A little white shows at the edge | A trace is protein setting; beads all over mean it boiled.',
    ],
    descriptors: {
      Doneness:
        'measured: boiled to threads, or under the local rule | dry at the edge | milky, moist, core right | moist throughout, seasoned by its liquid',
    },
    matters: ['doneness', 'safe-cooking'],
    drawings: ['bubbles'],
    words: ['poach'],
  },
  {
    name: 'Render and sear',
    strand: 'cooking',
    purpose: 'Melts the fat under a skin and leaves it thin and crisp, with the flesh still tender.',
    tools: ['heavy pan', 'sharp knife', 'probe thermometer', 'rack'],
    steps: [
      'Dry the skin and score it finely, not into the flesh.',
      'Lay it skin down in a cold dry pan, then light the heat, medium-low.',
      'Pour the fat off as it melts; press where it curls.',
      'When the skin is even and brown, turn and colour the flesh side.',
      'Take it to the core temperature wanted less the carry-over; rest on a rack.',
    ],
    criticalPoints: ['A cold pan: the fat must melt before the skin seals.', 'It rests as long as the school in force says.'],
    cues: [
      'hear: a steady quiet sizzle',
      'see: the skin even, chestnut brown, thin',
      'feel: the flesh springs back slowly',
      'measure: core in the thickest part',
    ],
    faults: {
      'flabby-skin':
        'Pale thick skin with fat under it | The pan was hot at the start | Start cold, medium-low, pour the fat off | Back skin down on a low heat, weighted, until it has melted',
      'grey-band': 'A wide grey band under the surface | Heat too high for too long | Lower heat, turn once the skin is done',
      bled: 'Juice floods the plate | Sliced without resting | Rest on a rack; slice last',
    },
    cautions: [
      'Hot fat spits at wet skin: dry it, lay it away from you.',
      'Pour fat off with the pan held level and the handle dry.',
      'Core temperature: the local code and the responsible person decide.',
    ],
    after: ['Season and taste', 'Judge doneness'],
    minutes: [25, 18],
    aims: [
      'Starts cold and pours off fat three times.',
      'Skin thin and brown, flesh turned once it lets go.',
      'Even skin, no grey band, rested, core by the rule.',
    ],
    looksWrong: [
      'Nothing sizzles for the first minutes | The pan started cold on purpose: fat must melt before the skin sets.',
      'The pan fills with fat | That is what was under the skin: pour it off and keep it for roots.',
    ],
    descriptors: {
      'Skin and core':
        'seen: pale and thick, or core under the rule | patchy skin | thin brown skin, even inside | crisp to the slice, no grey band, no juice on the plate',
    },
    matters: ['turning', 'doneness', 'safe-cooking', 'resting'],
    calculators: ['resting'],
    drawings: ['lay-away'],
    words: ['render', 'sear', 'skin side'],
  },
  {
    name: 'Emulsify a dressing',
    strand: 'cooking',
    purpose: 'Brings oil and acid into one body that coats instead of running off.',
    tools: ['bowl', 'whisk', 'damp cloth'],
    steps: [
      'Whisk mustard, salt and vinegar until the salt is gone.',
      'Add oil drop by drop, whisking, until it thickens.',
      'Go on in a thread, never faster than it is taken up.',
      'Taste on a leaf, not from the spoon; mend salt first, then acid.',
    ],
    criticalPoints: ['The first spoon of oil goes in by drops.', 'Salt dissolves before the oil goes in: it cannot after.'],
    cues: ['see: glossy, coats the spoon', 'feel: the whisk meets drag', 'taste: sharp first, round after'],
    faults: {
      split:
        'Oil floats on top | Oil went in too fast or too cold | Start again with a spoon of mustard and whisk the split dressing in by drops | As told: a fresh spoon of mustard takes the split dressing up',
      'flat-dressing': 'Dull, oily | Too little salt or acid | Salt first, taste on a leaf, then vinegar by drops',
    },
    cautions: ['Mustard is an allergen; name it.'],
    after: ['Season and taste'],
    minutes: [10, 4],
    aims: [
      'First spoon of oil by drops, salt dissolved first.',
      'Holds for ten minutes, sharp and round.',
      'Coats leaves for a class, mended by taste and not by guess.',
    ],
    looksWrong: ['It thins when the last oil goes in | Warm oil: it thickens again in the cold; only drops on top mean it split.'],
    descriptors: {
      'Body and balance':
        'tasted: split or flat | holds, one taste alone | coats, sharp and round | coats a leaf, salt, acid and oil in balance',
    },
    words: ['emulsify', 'vinaigrette', 'whisk in the oil'],
  },
  {
    name: 'Reduce and mount a sauce',
    strand: 'cooking',
    purpose: 'Concentrates flavour and gives body and shine.',
    tools: ['wide pan', 'whisk', 'cold butter'],
    steps: [
      'Reduce at a lively simmer in a wide pan, skimming.',
      'Stop when it coats the back of a spoon.',
      'Take it off the heat and whisk in cold butter, a cube at a time.',
      'Season now, not before: salt concentrates.',
      'Keep warm, never boil again.',
    ],
    criticalPoints: ['Season after reducing.', 'Butter goes in off the heat.'],
    cues: ['see: a finger drawn through leaves a clear line', 'see: bubbles grow large and slow', 'taste: deep, not salty'],
    faults: {
      'thin-sauce':
        'Runs over the plate | Stopped too early | Reduce on until the line on the spoon stays | Reduce on, or bind with a little slaked starch',
      oversalted: 'Too salty | Seasoned before reducing | Stretch with unsalted stock; next time season last',
      'broken-sauce':
        'Butter floats in drops | Boiled after mounting | Whisk in a spoon of cold water off the heat | A spoon of cold water or cream, whisked in off the heat',
    },
    cautions: ['Alcohol in a hot pan can catch fire: pour it off the flame.'],
    after: ['Simmer and skim a stock', 'Season and taste'],
    minutes: [25, 15],
    aims: [
      'Watches a reduction and stops at the spoon.',
      'Mounts off the heat, seasons last.',
      'A sauce for four that holds its line on the plate.',
    ],
    looksWrong: [
      'The pan looks nearly empty | A third or less is meant to stay: measure, do not guess.',
      'It tastes of little while it reduces | Salt comes last; judge depth, not seasoning.',
    ],
    descriptors: {
      'Body and seasoning': 'tasted: runs, or too salty | thin or dull | holds a line, seasoned | shines, deep, seasoned at the end',
    },
    calculators: ['reduction'],
    words: ['reduce', 'mount'],
  },
  {
    name: 'Braise vegetables',
    strand: 'cooking',
    purpose: 'Cooks firm vegetables tender in a little liquid that becomes their sauce.',
    tools: ['heavy pan with lid', 'baking paper'],
    steps: [
      'Colour the cut sides well in fat.',
      'Add liquid a third of the way up; season.',
      'Cover with paper and lid; cook slowly in oven or on the stove.',
      'Test with a knife tip; reduce the liquid to a glaze.',
    ],
    criticalPoints: ['Colour first: it cannot be added later.', 'A third of the way up, no more, or it boils.'],
    cues: ['see: deep gold on the cut side', 'feel: a knife tip slides in and out', 'taste: sweet, glazed'],
    faults: {
      'pale-braise':
        'Pale and watery | Not coloured first, or too much liquid | Colour in batches; liquid a third of the way up | Lift the vegetables out, boil the liquid down, glaze under the grill',
      'hard-heart': 'Hard in the middle | Pieces too large or time too short | Cut to one size; test the thickest',
    },
    cautions: ['A pan from the oven looks like any other: cloth on the handle at once.'],
    after: ['Sauté'],
    minutes: [50, 45],
    aims: [
      'Colours one side well before liquid goes in.',
      'Judges liquid and time by knife tip.',
      'Tender to the heart, glazed, deep gold.',
    ],
    looksWrong: ['The liquid is far below the top | A third is right: the rest cooks in steam and keeps its colour.'],
    descriptors: {
      'Tenderness and glaze':
        'seen: hard, or pale and wet | soft, little colour | tender, gold, some glaze | tender to the heart, deep gold, glazed',
    },
    words: ['braise'],
  },
  {
    name: 'Knead and rest a dough',
    strand: 'cooking',
    purpose: 'Builds a dough that rolls thin without tearing.',
    tools: ['board', 'scale', 'cloth'],
    steps: [
      'Weigh flour and liquid; mix to a rough mass.',
      'Push away with the heel of the hand, fold, turn, for eight to ten minutes.',
      'Wrap and rest for half an hour at least.',
      'Roll from the middle outward, turning often.',
    ],
    criticalPoints: ['Weighed, not guessed.', 'Rested before rolling: otherwise it springs back.'],
    cues: ['feel: like an earlobe, dry and smooth', 'see: no streaks of flour', 'feel: a dent fills slowly'],
    faults: {
      'springs-back': 'Shrinks when rolled | Not rested | Wrap, rest fifteen minutes, go on | Fifteen minutes wrapped, then go on',
      tears: 'Tears when thin | Too dry, or kneaded too short | Wet the hands and knead on; weigh next time',
    },
    cautions: ['Keep hands clear of rollers and mixers while they run.'],
    minutes: [45, 40],
    aims: [
      'Kneads eight minutes by the clock, feels the change.',
      'Judges by feel, wraps, waits.',
      'Rolls to the thickness asked for, without a tear.',
    ],
    looksWrong: ['Rough and torn after two minutes | It smooths at about six: keep on, add no flour.'],
    descriptors: {
      Elasticity: 'seen: tears or shrinks | rolls, springs back | rolls thin, rested | rolls thin and even, smooth, no flour streaks',
    },
    words: ['knead', 'rest the dough', 'dough'],
  },
  {
    name: 'Toast nuts and seeds',
    strand: 'cooking',
    purpose: 'Wakes flavour and crunch.',
    tools: ['tray or dry pan'],
    steps: [
      'Spread in one layer.',
      'Toast at 160 °C or on a medium heat, moving them often.',
      'Take out when they smell of themselves, one shade before done.',
      'Tip onto a cold tray at once.',
    ],
    criticalPoints: ['They go on browning on a hot tray: tip them out.'],
    cues: ['smell: warm and round', 'see: gold inside when one is cut', 'taste: crunch, no bitterness'],
    faults: {
      burnt: 'Bitter, dark | Left on the hot tray, or not watched | Throw away and start again; one minute decides',
      'pale-nuts': 'Soft and pale | Too short, or piled up | One layer; cut one open to look',
    },
    cautions: ['Nuts and sesame are allergens: own tray, own board.'],
    minutes: [10, 8],
    aims: ['One layer, moved often, smelt.', 'Out one shade early, tipped off the tray.', 'Even gold inside, while other work goes on.'],
    looksWrong: ['They are soft when they come out | Crunch comes as they cool: cut one open and go by colour.'],
    descriptors: { 'Colour and crunch': 'tasted: burnt or raw | uneven | gold, crisp | gold to the middle, crisp, no bitterness' },
    words: ['toast'],
  },
  {
    name: 'Cook a custard',
    strand: 'cooking',
    purpose: 'Thickens milk with yolk, smooth and without grain.',
    tools: ['heavy pan', 'spatula', 'probe thermometer', 'sieve', 'cold bowl'],
    steps: [
      'Warm the milk with its flavour.',
      'Stir yolk and sugar; pour the warm milk on, stirring.',
      'Cook gently, moving all over the bottom, to 82 °C.',
      'Strain into the cold bowl at once; stir until it stops steaming.',
    ],
    criticalPoints: ['82 °C, not more: a degree or two further it curdles.', 'The cold bowl stands ready.'],
    cues: ['see: coats the spatula, a finger line stays', 'measure: 82 °C', 'feel: the spatula meets drag'],
    faults: {
      curdled: 'Grains | Too hot, or not moved over the bottom | Strain and blend at once if slight; otherwise start again',
      'thin-custard': 'Runs like milk | Stopped below temperature | Back on a low heat to 82 °C | On a low heat again to 82 °C',
    },
    cautions: [
      'Steam and hot milk scald: handle to the side.',
      'Barely cooked egg: pasteurised yolk where the local code or a guest at risk asks for it.',
      'Custard spoils fast: cool quickly, keep cold, follow the local code for time.',
    ],
    after: ['Whip and fold'],
    minutes: [20, 12],
    aims: [
      'Moves all over the bottom, thermometer in.',
      'Strains at 82 °C into the cold bowl.',
      'Smooth, right body, cooled within the rule.',
    ],
    looksWrong: ['It stays thin for many minutes | It thickens within a few degrees at the end: do not raise the heat.'],
    descriptors: {
      'Smoothness and body':
        'tasted: grains, or runs like milk | slightly thin or slightly grainy | smooth, coats | silken, coats evenly, cooled at once',
    },
    calculators: ['cooling'],
    words: ['custard'],
  },
];
