/** The ladders there are. */
export const LADDER_KEYS = ['butter', 'sugar', 'roux', 'cream', 'egg-foam', 'crust', 'reduction', 'dough'] as const;
export type LadderKey = (typeof LADDER_KEYS)[number];

/** A stage on a ladder: how it is known, its heat where it has one, and its colour where colour tells. */
export interface LadderStage {
  readonly key: string;
  readonly name: string;
  readonly cue: string;
  /** °C, from and to; null where heat does not tell. */
  readonly heat: readonly [number, number] | null;
  /** sRGB, for a swatch that is always shown with its name; null where colour does not tell. */
  readonly colour: string | null;
}

export interface StageLadder {
  readonly key: LadderKey;
  readonly name: string;
  /** What has gone wrong when it stopped short, and when it went on. */
  readonly short: string;
  readonly far: string;
  readonly stages: readonly LadderStage[];
}

const stage = (
  key: string,
  name: string,
  cue: string,
  heat: LadderStage['heat'] = null,
  colour: LadderStage['colour'] = null,
): LadderStage => ({
  key,
  name,
  cue,
  heat,
  colour,
});

/**
 * Ladders of stages, each from least to most.
 *
 * @source stages as commonly taught; heats of sugar by the concentration of its syrup at the boil, as printed in confectionery tables
 */
export const LADDERS: readonly StageLadder[] = [
  {
    key: 'butter',
    name: 'Butter',
    short: 'taken off before it had browned',
    far: 'left in the hot pan',
    stages: [
      stage('melted', 'melted', 'yellow, milky below', [35, 60], '#f3e3a0'),
      stage('foaming', 'foaming', 'crackles, white foam', [100, 110], '#f2dc8c'),
      stage('blond', 'blond', 'quiet, sand-coloured specks, smells of biscuits', [120, 130], '#dcb865'),
      stage('hazel', 'hazel', 'fine foam, hazel specks, smells of nuts', [140, 150], '#a9743a'),
      stage('dark', 'chestnut', 'dark specks, sharp smell', [155, 165], '#5e3518'),
      stage('black', 'burnt', 'black specks, bitter, smokes', [170, 190], '#241208'),
    ],
  },
  {
    key: 'sugar',
    name: 'Sugar',
    short: 'taken off too soon',
    far: 'watched too late, or left in the pan',
    stages: [
      stage('thread', 'thread', 'a short thread between two spoons', [106, 112], '#fdfaf0'),
      stage('soft-ball', 'soft ball', 'rolls to a soft ball in cold water', [113, 118], '#fdfaf0'),
      stage('hard-ball', 'hard ball', 'keeps its shape in cold water', [121, 129], '#fcf6e4'),
      stage('soft-crack', 'soft crack', 'bends before it breaks', [132, 143], '#faefd2'),
      stage('hard-crack', 'hard crack', 'breaks like glass', [146, 154], '#f6e3b4'),
      stage('pale', 'pale caramel', 'straw', [160, 166], '#e6b85e'),
      stage('amber', 'amber caramel', 'strong tea', [168, 174], '#b06a1e'),
      stage('dark', 'dark caramel', 'mahogany, bitter edge', [178, 186], '#5c2a0e'),
    ],
  },
  {
    key: 'roux',
    name: 'Roux',
    short: 'tastes of flour',
    far: 'too dark, thickens less',
    stages: [
      stage('white', 'white', 'three to four minutes, sandy, no colour', null, '#f1e6c8'),
      stage('blond', 'blond', 'six to eight minutes, straw, smells of biscuits', null, '#dfc07e'),
      stage('brown', 'brown', 'fifteen minutes and more, hazel', null, '#9a6230'),
      stage('burnt', 'burnt', 'dark specks, bitter', null, '#3a1d0c'),
    ],
  },
  {
    key: 'cream',
    name: 'Cream',
    short: 'runs, does not hold what it carries',
    far: 'grains, turning to butter',
    stages: [
      stage('liquid', 'liquid', 'no trail'),
      stage('trail', 'trail', 'the whisk leaves a trail that goes'),
      stage('soft', 'soft peak', 'the peak bows'),
      stage('firm', 'firm peak', 'the peak stands'),
      stage('grainy', 'grainy', 'yellow, grains, water'),
    ],
  },
  {
    key: 'egg-foam',
    name: 'Egg foam',
    short: 'collapses when it is folded in',
    far: 'dry, breaks into flakes',
    stages: [
      stage('foamy', 'foamy', 'large bubbles'),
      stage('soft', 'soft peak', 'the peak bows, shines'),
      stage('firm', 'firm peak', 'the peak stands, shines'),
      stage('dry', 'dry', 'dull, flakes, water below'),
    ],
  },
  {
    key: 'crust',
    name: 'Crust',
    short: 'pale: wet, crowded or too cool',
    far: 'too hot, too long',
    stages: [
      stage('pale', 'pale', 'grey or white, soft', null, '#d9c9ae'),
      stage('gold', 'gold', 'first colour at the edges', null, '#d8a353'),
      stage('brown', 'brown', 'hazel all over, crisp', null, '#94571f'),
      stage('dark', 'dark brown', 'chestnut, crisp, a first bitterness', null, '#59300f'),
      stage('black', 'black', 'bitter', null, '#1c100a'),
    ],
  },
  {
    key: 'reduction',
    name: 'Reduction',
    short: 'runs over the plate',
    far: 'sticky, salty, catches',
    stages: [
      stage('thin', 'thin', 'small quick bubbles, runs like water'),
      stage('coats', 'coats', 'a finger line on the spoon stays'),
      stage('glaze', 'glaze', 'large slow bubbles, a trail in the pan'),
      stage('sticky', 'syrup', 'threads from the spoon'),
      stage('caught', 'caught', 'brown edge, bitter'),
    ],
  },
  {
    key: 'dough',
    name: 'Dough',
    short: 'tears or springs back',
    far: 'slack, tears, sour',
    stages: [
      stage('rough', 'rough', 'torn, streaks of flour'),
      stage('smooth', 'smooth', 'one mass, still tears when it is stretched'),
      stage('elastic', 'elastic', 'a window of light, a dent fills'),
      stage('proved', 'proved', 'a dent comes back slowly'),
      stage('over', 'over', 'a dent stays, smells of alcohol'),
    ],
  },
];

export const ladderOf = (key: string): StageLadder | undefined => LADDERS.find((each) => each.key === key);

/** Share of its points that a stage earns: all where it is the one that is wanted, half beside it, a quarter elsewhere. Our own. */
export const shareOff = (reached: number, wanted: number): number => {
  const off = Math.abs(reached - wanted);
  return off === 0 ? 1 : off === 1 ? 0.5 : 0.25;
};

/** Share of its points that each stage earns when one is wanted: that one all, its neighbours half, the others a quarter. */
export function sharesFor(ladder: StageLadder, wanted: string): readonly { readonly name: string; readonly share: number }[] {
  const at = ladder.stages.findIndex(({ key }) => key === wanted);
  return ladder.stages.map(({ name, cue }, index) => ({ name: `${name}: ${cue}`, share: shareOff(index, at) }));
}
