import { box, ellipse, label, path, segment, type Drawing, type Shape } from './shapes';

/** A knife from the side, its tip at the left end of the edge; lifted and turned about its tip by some degrees. */
function knife(x: number, y: number, turned: number, style: 'now' | 'before'): Shape {
  const [cos, sin] = [Math.cos((-turned * Math.PI) / 180), Math.sin((-turned * Math.PI) / 180)];
  const at = (dx: number, dy: number) => `${(x + dx * cos - dy * sin).toFixed(1)} ${(y + dx * sin + dy * cos).toFixed(1)}`;
  const outline = `M${at(0, 0)}Q${at(14, -12)} ${at(34, -13)}L${at(58, -13)}L${at(78, -12)}L${at(78, -6)}L${at(58, -5)}L${at(56, 0)}Z`;
  return style === 'now' ? path(outline, { fill: 'tile', width: 1.5 }) : path(outline, { stroke: 'soft', width: 0.9, dash: [3, 3] });
}

const arrow = (d: string, head: string): readonly Shape[] => [
  path(d, { stroke: 'beet', width: 2 }),
  path(head, { stroke: 'beet', width: 2 }),
];

/** The board and the food of one stroke, with its name below. */
const stroke = (x: number, name: string, says: string): readonly Shape[] => [
  box(x - 2, 84, 84, 6, { fill: 'line' }),
  label(x + 40, 106, name, 11, 'middle', true),
  label(x + 40, 119, says, 9),
];

export const STROKES: Drawing = {
  width: 282,
  height: 128,
  title: 'Three strokes: rocking with the tip on the board, pushing forward and down with the whole edge, drawing back from the tip',
  shapes: [
    ...stroke(8, 'Rock', 'tip stays down'),
    knife(8, 84, 26, 'before'),
    knife(10, 84, 4, 'now'),
    ...arrow('M88 40Q94 56 86 68', 'M82 62L86 70L93 64'),
    ...stroke(104, 'Push', 'forward and down'),
    knife(116, 58, 0, 'before'),
    knife(104, 82, 0, 'now'),
    ...arrow('M150 34L132 58', 'M141 54L131 60L132 48'),
    ...stroke(200, 'Draw', 'one pull back'),
    knife(200, 84, 20, 'now'),
    ...arrow('M226 34H262', 'M255 28L263 34L255 40'),
  ],
};

export const SEAM: Drawing = {
  width: 250,
  height: 140,
  title:
    'Two muscles meet at a seam of film beside a bone: a finger opens the seam, the knife cuts only the film with its edge to the bone',
  shapes: [
    path('M20 96Q14 52 60 34Q104 22 122 58Q126 84 118 104Q66 120 20 96Z', { fill: 'wash', width: 1.6 }),
    path('M122 58Q150 22 196 40Q226 58 216 92Q180 118 118 104', { fill: 'tile', width: 1.6 }),
    path('M122 58Q126 84 118 104', { stroke: 'beet', width: 2.4, dash: [5, 3] }),
    ellipse(118, 112, 18, 9, { fill: 'line', width: 1.4 }),
    path('M120 20Q116 34 121 50Q127 54 130 48Q132 34 134 20', { fill: 'tile', stroke: 'ink', width: 1.4 }),
    label(140, 16, 'a finger opens it', 10, 'start'),
    path('M126 100L178 128L186 122L134 92Z', { fill: 'tile', width: 1.4 }),
    label(196, 112, 'edge to the film', 10),
    label(64, 76, 'whole', 10),
    label(176, 74, 'whole', 10),
    label(118, 136, 'bone', 9),
  ],
};

export const TIE: Drawing = {
  width: 270,
  height: 120,
  title: 'A roll tied in the middle first, then at both ends, then between, two fingers apart; the grain runs along the roll',
  shapes: [
    path('M30 40Q18 58 30 78H228Q240 58 228 40Z', { fill: 'wash', width: 1.6 }),
    ...[52, 62, 70].map((y) => segment([36, y], [224, y], { stroke: 'line', width: 1 })),
    ...[130, 44, 216, 87, 173].map((x) => path(`M${x} 39Q${x + 6} 59 ${x} 79`, { stroke: 'beet', width: 2 })),
    ...[130, 44, 216, 87, 173].map((x, index) => label(x, 32, `${index + 1}`, 11, 'middle', true)),
    segment([87, 90], [130, 90], { stroke: 'soft', width: 0.8 }),
    label(108, 104, 'two fingers', 10),
    label(200, 104, 'grain along the roll', 10),
  ],
};

export const GRAIN: Drawing = {
  width: 260,
  height: 120,
  title: 'Fibres run along the piece; slices are cut across them, and where two muscles meet each is turned and cut across its own',
  shapes: [
    path('M14 78Q10 40 50 34H140V82H50Q20 88 14 78Z', { fill: 'wash', width: 1.6 }),
    ...[44, 54, 64, 74].map((y) => segment([22, y], [138, y], { stroke: 'soft', width: 0.9 })),
    ...[118, 98, 78].map((x) => segment([x, 26], [x, 90], { stroke: 'beet', width: 2, dash: [5, 3] })),
    label(78, 106, 'across: short fibres', 10),
    path('M176 34H240V82H176Z', { fill: 'tile', width: 1.6 }),
    ...[186, 196, 206, 216, 226].map((x) => segment([x, 38], [x, 78], { stroke: 'soft', width: 0.9 })),
    ...[50, 66].map((y) => segment([168, y], [248, y], { stroke: 'beet', width: 2, dash: [5, 3] })),
    label(208, 106, 'next muscle: turn it', 10),
  ],
};
