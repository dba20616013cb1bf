/** Small drawings a card can carry. Those of a cut, an angle and a plate follow the practice in force. */
export const DRAWING_KINDS = [
  'grip',
  'guide-hand',
  'bulb',
  'segments',
  'lay-away',
  'bubbles',
  'angle',
  'plate',
  'cut',
  'strokes',
  'seam',
  'tie',
  'grain',
] as const;
export type DrawingKind = (typeof DRAWING_KINDS)[number];

export const DRAWING_NAMES: Readonly<Record<DrawingKind, string>> = {
  grip: 'Grip on the knife',
  'guide-hand': 'Guide hand at the blade',
  bulb: 'Cuts in a bulb',
  segments: 'Cuts in a citrus fruit',
  'lay-away': 'Laying food away from you',
  bubbles: 'Shiver, simmer, boil',
  angle: 'Angle on the stone',
  plate: 'Zones of the plate',
  cut: 'A named cut',
  strokes: 'Rock, push, draw',
  seam: 'Along the seam, edge to the bone',
  tie: 'Even ties along a roll',
  grain: 'Across the grain',
};

/** A drawing and what it is drawn of: for a cut its name, as the set in force knows it. */
export interface DrawingSpec {
  readonly kind: DrawingKind;
  readonly of?: string;
}
