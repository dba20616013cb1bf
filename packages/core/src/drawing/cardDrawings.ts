import type { CutSet } from '../cuts';
import { SHIPPED_CUT_SETS } from '../cuts/shipped';
import type { PracticeChoices } from '../practice';
import { cutDrawing } from './cutDrawing';
import { GRAIN, SEAM, STROKES, TIE } from './cuttingDrawings';
import { box, ellipse, label, measure, path, polygon, segment, turnedOver, type Drawing, type Shape } from './shapes';
import type { DrawingKind, DrawingSpec } from './spec';

/** What drawings follow: the practices in force and the set of cuts in force. */
export interface DrawingContext {
  readonly practices: PracticeChoices;
  readonly cutSet: CutSet | null;
  /** For whom it is drawn; the right hand where nobody has said. */
  readonly hand?: 'left' | 'right';
}

/** Drawings in which hands hold something, or a cut goes one way: a left-handed student sees them turned over. */
const HANDED: ReadonlySet<DrawingKind> = new Set(['grip', 'guide-hand', 'bulb', 'segments', 'lay-away', 'strokes', 'seam']);

/** The drawing of a card, by what is in force; null when it is of a cut that no set knows. */
export function drawCard(spec: DrawingSpec, context: DrawingContext): Drawing | null {
  const drawing = drawn(spec, context);
  return drawing && context.hand === 'left' && HANDED.has(spec.kind) ? turnedOver(drawing) : drawing;
}

function drawn(spec: DrawingSpec, { practices, cutSet }: DrawingContext): Drawing | null {
  switch (spec.kind) {
    case 'grip':
      return GRIP;
    case 'guide-hand':
      return GUIDE_HAND;
    case 'bulb':
      return bulbDrawing(practices['bulb-cuts'] !== 'layers');
    case 'segments':
      return SEGMENTS;
    case 'lay-away':
      return LAY_AWAY;
    case 'bubbles':
      return BUBBLES;
    case 'angle':
      return angleDrawing(Number(practices['edge-angle'] ?? 20));
    case 'plate':
      return plateDrawing(practices['plate-place'] === 'centred');
    case 'strokes':
      return STROKES;
    case 'seam':
      return SEAM;
    case 'tie':
      return TIE;
    case 'grain':
      return GRAIN;
    case 'cut':
      return namedCut(spec.of ?? '', cutSet);
  }
}

function namedCut(key: string, cutSet: CutSet | null): Drawing | null {
  for (const set of [...(cutSet ? [cutSet] : []), ...SHIPPED_CUT_SETS]) {
    const cut = set.cuts.find((each) => each.key === key);
    if (cut) return cutDrawing(cut, set.name);
  }
  return null;
}

const BLADE = 'M70 62L208 62Q236 66 248 84Q200 92 70 90Z';

const GRIP: Drawing = {
  width: 260,
  height: 130,
  title: 'Thumb and first finger pinch the blade in front of the handle; three fingers close round the handle',
  shapes: [
    path('M8 64Q6 60 12 58L68 60L70 78L14 80Q6 78 8 70Z', { fill: 'soft' }),
    path(BLADE, { fill: 'tile' }),
    segment([70, 90], [248, 84], { stroke: 'ink', width: 2.2 }),
    // The three fingers round the handle, seen from their backs.
    ...[24, 40, 56].map((x) => path(`M${x - 7} 66q0 -12 7 -12q7 0 7 12v14q0 8 -7 8q-7 0 -7 -8Z`, { fill: 'wash' })),
    // First finger curled on the blade's flank, thumb opposite.
    path('M68 50Q78 44 88 52Q98 62 92 74Q86 80 80 74Q82 64 74 62Q64 58 68 50Z', { fill: 'wash', stroke: 'beet', width: 1.8 }),
    path('M62 46Q74 34 92 40Q100 44 94 50Q84 50 74 56Q64 56 62 46Z', { fill: 'wash', stroke: 'beet', width: 1.8 }),
    segment([96, 42], [126, 24], { stroke: 'soft', width: 0.8 }),
    label(130, 16, 'thumb and first', 10, 'start'),
    label(130, 28, 'finger pinch the blade', 10, 'start'),
    segment([40, 90], [52, 110], { stroke: 'soft', width: 0.8 }),
    label(56, 116, 'three fingers round the handle', 10, 'start'),
    label(186, 80, 'edge down', 9),
  ],
};

const GUIDE_HAND: Drawing = {
  width: 220,
  height: 150,
  title: 'Seen from the tip: knuckles touch the flat of the blade, fingertips are curled back behind them',
  shapes: [
    box(8, 124, 204, 8, { fill: 'line' }),
    path('M24 124V92Q26 84 40 84H124V124Z', { fill: 'wash' }),
    // The blade seen end on.
    polygon(
      [
        [134, 18],
        [140, 18],
        [138, 120],
        [136, 120],
      ],
      { fill: 'tile' },
    ),
    // Finger: back of the hand, knuckle at the blade, tip curled away.
    path('M30 40Q70 20 108 34Q132 42 132 56Q132 66 122 70Q104 74 104 84Q98 90 90 84Q86 72 96 62Q76 58 34 70Z', {
      fill: 'tile',
      stroke: 'beet',
      width: 1.8,
    }),
    path('M92 78Q92 84 98 86', { stroke: 'beet', width: 1.2 }),
    path('M38 76Q60 70 78 76Q84 82 74 86Q54 84 40 90', { fill: 'tile', stroke: 'ink' }),
    segment([132, 54], [156, 44], { stroke: 'soft', width: 0.8 }),
    label(158, 46, 'knuckle', 10, 'start'),
    label(158, 58, 'guides', 10, 'start'),
    segment([98, 88], [156, 96], { stroke: 'soft', width: 0.8 }),
    label(158, 94, 'tip curled', 10, 'start'),
    label(158, 106, 'behind it', 10, 'start'),
    label(58, 104, 'thumb behind', 9),
  ],
};

const bulbDrawing = (level: boolean): Drawing => ({
  width: 282,
  height: 140,
  title: level
    ? 'Half a bulb, root on the left: lengthwise cuts stop short of the root, one or two level cuts, then across'
    : 'Half a bulb, root on the left: cuts along the layers stop short of the root, none is level, then across',
  shapes: [
    path('M30 110Q20 96 34 76Q60 34 118 36Q172 40 196 110Z', { fill: 'wash', width: 1.8 }),
    ...[0.72, 0.46].map((k) =>
      path(
        `M${40 + (1 - k) * 26} 110Q${40 + (1 - k) * 30} ${110 - 62 * k} ${116} ${110 - 72 * k}Q${160 + 10 * k} ${112 - 60 * k} ${134 + 62 * k} 110`,
        { stroke: 'soft', width: 0.7 },
      ),
    ),
    path('M30 110Q14 108 8 100M30 106Q16 100 12 92M32 100Q20 92 20 84', { stroke: 'soft', width: 1 }),
    ...(level
      ? [
          segment([52, 92], [192, 92], { stroke: 'beet', width: 1.8, dash: [5, 3] }),
          segment([58, 74], [184, 74], { stroke: 'beet', width: 1.8, dash: [5, 3] }),
        ]
      : [
          path('M48 104Q70 60 118 50Q160 54 190 104', { stroke: 'beet', width: 1.8, dash: [5, 3] }),
          path('M58 106Q80 78 118 70Q152 74 176 106', { stroke: 'beet', width: 1.8, dash: [5, 3] }),
        ]),
    ...[180, 166, 152, 138, 124, 110].map((x) => segment([x, 116], [x, x > 170 ? 76 : x > 140 ? 52 : 42], { stroke: 'ink', width: 1 })),
    label(206, 74, level ? '1 level cuts,' : '1 along the layers,', 10, 'start'),
    label(206, 86, 'not the root', 10, 'start'),
    label(140, 130, '2 then across', 10),
    label(26, 128, 'root on', 10),
  ],
});

const SEGMENTS: Drawing = {
  width: 220,
  height: 150,
  title: 'A peeled citrus fruit in section: two cuts along the skins free one segment',
  shapes: [
    ellipse(84, 76, 66, 66, { fill: 'line' }),
    ellipse(84, 76, 56, 56, { fill: 'wash' }),
    ...Array.from({ length: 9 }, (_, index) => {
      const angle = (index * 2 * Math.PI) / 9 - 0.3;
      return segment([84 + 5 * Math.cos(angle), 76 + 5 * Math.sin(angle)], [84 + 56 * Math.cos(angle), 76 + 56 * Math.sin(angle)], {
        stroke: 'soft',
        width: 1.6,
      });
    }),
    ...[-0.24, 0.34].map((angle) =>
      segment([84 + 6 * Math.cos(angle), 76 + 6 * Math.sin(angle)], [84 + 74 * Math.cos(angle), 76 + 74 * Math.sin(angle)], {
        stroke: 'beet',
        width: 2.2,
        dash: [5, 3],
      }),
    ),
    label(160, 62, 'cut inside', 10, 'start'),
    label(160, 74, 'each skin,', 10, 'start'),
    label(160, 86, 'to the core', 10, 'start'),
    label(150, 138, 'pith off first', 10, 'start'),
    segment([146, 134], [124, 124], { stroke: 'soft', width: 0.8 }),
  ],
};

const LAY_AWAY: Drawing = {
  width: 250,
  height: 140,
  title: 'Food touches the pan on your side first and is laid down away from you, so that fat runs away from you too',
  shapes: [
    path('M70 74H226L216 106H80Z', { fill: 'line', width: 1.8 }),
    path('M70 78L8 66', { width: 5 }),
    path('M80 92H220', { stroke: 'ink', width: 1 }),
    path('M100 90L168 50Q176 48 176 56L110 92Z', { fill: 'wash' }),
    path('M176 44Q206 50 206 80', { stroke: 'beet', width: 2.2 }),
    path('M200 74L206 84L212 73', { stroke: 'beet', width: 2.2 }),
    label(30, 96, 'you', 11, 'middle', true),
    label(30, 109, 'stand here', 9),
    label(112, 44, 'near edge', 10),
    label(112, 56, 'down first', 10),
    label(196, 36, 'away from you', 10),
    path('M96 116q4 8 0 14M146 116q4 8 0 14M196 116q4 8 0 14', { stroke: 'soft' }),
  ],
};

function pot(x: number, bubbles: readonly (readonly [number, number, number])[], name: string, says: string): readonly Shape[] {
  return [
    path(`M${x} 22v62q0 8 8 8h54q8 0 8 -8v-62`, { fill: 'tile', width: 1.8 }),
    path(`M${x} 34h70`, { stroke: 'soft', width: 0.9 }),
    ...bubbles.map(([dx, y, r]) => ellipse(x + dx, y, r, r, { fill: 'wash', width: 0.8 })),
    label(x + 35, 110, name, 11, 'middle', true),
    label(x + 35, 123, says, 9),
  ];
}

const BUBBLES: Drawing = {
  width: 260,
  height: 130,
  title: 'Shiver: a bubble now and then at the edge. Simmer: small bubbles break steadily. Boil: the whole surface rolls.',
  shapes: [
    ...pot(
      8,
      [
        [10, 80, 2],
        [8, 62, 2],
        [60, 74, 2],
      ],
      'Shiver',
      '70–85 °C',
    ),
    ...pot(
      96,
      [
        [14, 80, 2.5],
        [18, 62, 3],
        [16, 44, 3],
        [38, 70, 2.5],
        [52, 80, 2.5],
        [54, 58, 3],
        [50, 40, 3.5],
        [34, 38, 3],
      ],
      'Simmer',
      '85–95 °C',
    ),
    ...pot(
      184,
      [
        [12, 78, 5],
        [28, 80, 4],
        [46, 78, 5],
        [58, 66, 4],
        [20, 60, 6],
        [40, 58, 6],
        [12, 42, 5],
        [28, 38, 6],
        [46, 40, 7],
        [60, 44, 5],
      ],
      'Boil',
      '100 °C',
    ),
  ],
};

/** A blade on a stone at an angle, with the spine's height. */
export function angleDrawing(degrees: number): Drawing {
  const radians = (degrees * Math.PI) / 180;
  const [x, y, length] = [36, 96, 150];
  const [dx, dy] = [Math.cos(radians) * length, -Math.sin(radians) * length];
  const thick = 5;
  const [nx, ny] = [Math.sin(radians) * thick, Math.cos(radians) * thick];
  const foot: readonly [number, number] = [x + dx, y];
  return {
    width: 250,
    height: 132,
    title: `A blade on a stone at ${degrees} degrees; the height of the spine over the stone gives the angle`,
    shapes: [
      box(10, 96, 216, 18, { fill: 'line' }),
      polygon(
        [
          [x, y],
          [x + dx + nx, y + dy + ny],
          [x + dx - nx, y + dy - ny],
        ],
        { fill: 'tile', width: 1.6 },
      ),
      segment([x, y], foot, { stroke: 'soft', width: 0.8, dash: [3, 3] }),
      path(`M${x + 46} ${y}A46 46 0 0 0 ${x + 46 * Math.cos(radians)} ${y - 46 * Math.sin(radians)}`, { stroke: 'beet', width: 1.8 }),
      label(x + 66, y - 7, `${degrees}°`, 12, 'middle', true),
      ...measure([foot[0] + 12, y], [foot[0] + 12, y + dy], 'height', 10),
      label(118, 126, 'edge on the stone, the same height all along', 10),
    ],
  };
}

function plateDrawing(ordered: boolean): Drawing {
  const items: readonly (readonly [number, number, number, number])[] = ordered
    ? [
        [80, 72, 15, 15],
        [46, 72, 8, 8],
        [114, 72, 8, 8],
      ]
    : [
        [64, 58, 17, 13],
        [92, 86, 9, 9],
        [104, 68, 6, 6],
      ];
  return {
    width: 240,
    height: 150,
    title: ordered
      ? 'A centred plate: one axis, even spacing, the focal point in the middle, a clean rim'
      : 'An off-centre plate: focal point a third in, three items of falling size, room left empty, a clean rim',
    shapes: [
      ellipse(80, 74, 70, 70, { fill: 'tile', width: 1.8 }),
      ellipse(80, 74, 50, 50, { stroke: 'soft' }),
      ...(ordered
        ? [segment([30, 72], [130, 72], { stroke: 'line', dash: [4, 3] })]
        : [
            segment([63, 27], [63, 121], { stroke: 'line', dash: [4, 3] }),
            segment([97, 27], [97, 121], { stroke: 'line', dash: [4, 3] }),
            segment([33, 57], [127, 57], { stroke: 'line', dash: [4, 3] }),
            segment([33, 91], [127, 91], { stroke: 'line', dash: [4, 3] }),
          ]),
      ...items.map(([x, y, rx, ry], index) =>
        ellipse(x, y, rx, ry, { fill: index === 0 ? 'ink' : 'wash', stroke: index === 0 ? 'ink' : 'soft', width: 1.4 }),
      ),
      segment([items[0]![0] + 8, items[0]![1]], [160, 34], { stroke: 'soft', width: 0.8 }),
      label(162, 36, 'focal point,', 10, 'start'),
      label(162, 48, 'the highest', 10, 'start'),
      label(162, 82, ordered ? 'even spacing' : 'room left empty', 10, 'start'),
      segment([146, 104], [160, 112], { stroke: 'soft', width: 0.8 }),
      label(162, 116, 'clean rim', 10, 'start'),
      label(80, 18, '12', 9),
      label(80, 137, '6, the guest', 8.5),
    ],
  };
}
