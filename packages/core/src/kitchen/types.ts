/** Things of which a kitchen has few, and which steps wait for. */
export const EQUIPMENT_KINDS = ['blender', 'mixer', 'fryer', 'water bath', 'sink', 'chiller', 'freezer'] as const;
export type EquipmentKind = (typeof EQUIPMENT_KINDS)[number];

export interface KitchenOven {
  readonly name: string;
  readonly shelves: number;
  /** The heats it can be set to, in degrees Celsius. */
  readonly from: number;
  readonly to: number;
  /** Minutes until it has gone from one heat to another. */
  readonly changeMinutes: number;
}

/** So many of a tool, in all, whoever works where. */
export interface KitchenTool {
  readonly name: string;
  readonly count: number;
}

/** A room to teach in: its stations, and what they share. */
export interface Kitchen {
  readonly name: string;
  /** Places at which a team works. */
  readonly stations: number;
  readonly burnersAStation: number;
  /** Stations beside each other that share their burners; 1 where each has its own. */
  readonly stationsABlock: number;
  readonly ovens: readonly KitchenOven[];
  /** How many there are of each; of chillers and freezers, how many trays they take at once. */
  readonly equipment: Readonly<Record<EquipmentKind, number>>;
  /** What it keeps a count of: knives, boards, pans, plates, probes. */
  readonly tools: readonly KitchenTool[];
  /** People who taste and mark at the same time. */
  readonly assessors: number;
}

export const KITCHEN_LIMITS = {
  kitchens: 40,
  name: 80,
  stations: 60,
  burners: 12,
  block: 6,
  ovens: 30,
  shelves: 20,
  equipment: 200,
  tools: 200,
  ofATool: 2000,
  assessors: 20,
} as const;

export const EMPTY_KITCHEN: Kitchen = {
  name: '',
  stations: 8,
  burnersAStation: 2,
  stationsABlock: 1,
  ovens: [{ name: 'Oven 1', shelves: 2, from: 60, to: 250, changeMinutes: 12 }],
  equipment: { blender: 2, mixer: 1, fryer: 0, 'water bath': 0, sink: 4, chiller: 12, freezer: 4 },
  tools: [],
  assessors: 1,
};
