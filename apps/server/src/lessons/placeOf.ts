import type { Lesson } from './lesson.entity';

/** Where a lesson takes place, by name; empty where nobody has said. The lesson comes with its kitchen. */
export const placeOf = ({ inKitchen, kitchen }: Pick<Lesson, 'inKitchen' | 'kitchen'>): string => inKitchen?.name ?? kitchen;
