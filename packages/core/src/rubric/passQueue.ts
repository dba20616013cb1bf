/** A plate as the pass knows it. */
export interface PassPlate {
  readonly studentId: string;
  readonly dishEditionId: string;
  /** When the plan of time has it at the pass; null where there is no plan. */
  readonly dueAt: number | null;
  /** When it came; null while it has not. Both in milliseconds since 1970. */
  readonly arrivedAt: number | null;
  /** Criteria that are marked, of all. */
  readonly given: number;
  readonly of: number;
}

/** Where a plate stands: it is waited for, it waits, it is being marked, it is done. */
export type PassState = 'due' | 'waiting' | 'begun' | 'marked';

export interface QueuedPlate extends PassPlate {
  readonly state: PassState;
  /** Minutes since it came, while it waits or is marked; null otherwise. */
  readonly waits: number | null;
  /** It has stood longer than a plate may. */
  readonly dying: boolean;
  /** Minutes by which it is late, while it is waited for; 0 where it is not. */
  readonly late: number;
}

const RANK: Readonly<Record<PassState, number>> = { begun: 0, waiting: 0, due: 1, marked: 2 };

/**
 * The queue at the pass: what stands there first, in the order in which it came, then what is due in the order of the plan, then what is
 * marked. Plates without a plan and not there yet keep the order in which they are given.
 *
 * @param now - milliseconds since 1970
 * @param plateWaits - minutes that a plate may stand; null where no plan says so
 */
export function passQueue(plates: readonly PassPlate[], now: number, plateWaits: number | null): readonly QueuedPlate[] {
  const minutes = (from: number, to: number) => Math.max(0, Math.floor((to - from) / 60_000));
  const queued = plates.map((plate): QueuedPlate => {
    const { given, of, arrivedAt, dueAt } = plate;
    const state: PassState = of > 0 && given >= of ? 'marked' : given > 0 ? 'begun' : arrivedAt !== null ? 'waiting' : 'due';
    const waits = arrivedAt !== null && (state === 'waiting' || state === 'begun') ? minutes(arrivedAt, now) : null;
    return {
      ...plate,
      state,
      waits,
      dying: state === 'waiting' && plateWaits !== null && waits !== null && waits >= plateWaits,
      late: state === 'due' && dueAt !== null ? minutes(dueAt, now) : 0,
    };
  });
  const order = new Map(queued.map((plate, at) => [plate, at]));
  const time = ({ state, arrivedAt, dueAt }: QueuedPlate) => (state === 'due' ? dueAt : (arrivedAt ?? 0)) ?? Infinity;
  return queued.sort((a, b) => {
    const [first, second] = [time(a), time(b)];
    return RANK[a.state] - RANK[b.state] || (first === second ? 0 : first - second) || order.get(a)! - order.get(b)!;
  });
}
