import type { SeenValue } from './types';

/** What an assessor adds to a fault: where on the plate it sits, and their own words in place of the card's. */
export interface FaultNote {
  /** Component of the dish, as it is called there; left out for the whole plate. */
  readonly place?: string;
  /** What to do next time, in place of the card's correction. */
  readonly nextTime?: string;
}

/** The faults of a judgement, and what was added to them, by key of the fault. */
export interface Noted {
  readonly faults: readonly string[];
  readonly notes?: Readonly<Record<string, FaultNote>>;
}

/** A component of a dish, with the names of the techniques that its steps exercise; without a name, all that is of no named one. */
export interface PlacedComponent {
  readonly name: string;
  readonly techniques: readonly string[];
}

export const NOTED_LIMITS = { faults: 12, place: 120, nextTime: 300 } as const;

/** What was noted, apart from what was judged: a judgement that changes keeps it. */
export const notedOf = (value: SeenValue | null | undefined): Noted =>
  value ? { faults: value.faults, ...(value.notes ? { notes: value.notes } : {}) } : { faults: [] };

/** The same judgement with something else noted of it. */
export function withNoted<V extends SeenValue>({ faults: _faults, notes: _notes, ...judged }: V, noted: Noted): V {
  return { ...judged, ...noted } as V;
}

/** Notes without those that say nothing, or are of faults that are not noted any more. */
function kept({ faults, notes = {} }: Noted): Noted {
  const said = Object.entries(notes).filter(([key, note]) => faults.includes(key) && (note.place || note.nextTime));
  return { faults, ...(said.length > 0 ? { notes: Object.fromEntries(said) } : {}) };
}

/** With something added to a fault, or taken from it where it is empty. */
export const withNote = (noted: Noted, key: string, note: FaultNote): Noted => {
  const { place, nextTime } = { ...noted.notes?.[key], ...note };
  return kept({ ...noted, notes: { ...noted.notes, [key]: { ...(place ? { place } : {}), ...(nextTime ? { nextTime } : {}) } } });
};

/**
 * A fault noted, or taken back. Where one component alone exercises the fault's technique, there it sits; nobody has to say so.
 *
 * @param components - of the dish; a dish of one component has no places to tell apart
 */
export function touchFault(
  noted: Noted,
  { key, technique }: { readonly key: string; readonly technique: string },
  components: readonly PlacedComponent[],
): Noted {
  if (noted.faults.includes(key)) return kept({ ...noted, faults: noted.faults.filter((each) => each !== key) });
  const faults = [...noted.faults, key];
  const places = components.length > 1 ? components.filter(({ techniques }) => techniques.includes(technique)) : [];
  return places.length === 1 && places[0]!.name ? withNote({ ...noted, faults }, key, { place: places[0]!.name }) : { ...noted, faults };
}

/** What several noted, together: of one fault the first that says where, and how to do it. */
export function notedTogether(all: readonly Noted[]): Noted {
  const faults = [...new Set(all.flatMap((each) => each.faults))].slice(0, NOTED_LIMITS.faults);
  const notes = Object.fromEntries(
    faults.map((key) => [key, Object.assign({}, ...all.map(({ notes: own }) => own?.[key] ?? {}).reverse()) as FaultNote]),
  );
  return kept({ faults, notes });
}
