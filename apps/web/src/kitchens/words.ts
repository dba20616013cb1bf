import type { EquipmentKind, Kitchen } from '@pelvo/core';

export const EQUIPMENT_NAMES: Readonly<Record<EquipmentKind, string>> = {
  blender: 'Blenders',
  mixer: 'Mixers',
  fryer: 'Fryers',
  'water bath': 'Water baths',
  sink: 'Sinks',
  chiller: 'Trays chilled',
  freezer: 'Trays frozen',
};

/** "2 ovens with 6 shelves" */
export const ovensOf = ({ ovens }: Kitchen): string => {
  const shelves = ovens.reduce((sum, oven) => sum + oven.shelves, 0);
  if (ovens.length === 0) return 'no oven';
  return `${ovens.length} ${ovens.length === 1 ? 'oven' : 'ovens'} with ${shelves} ${shelves === 1 ? 'shelf' : 'shelves'}`;
};
