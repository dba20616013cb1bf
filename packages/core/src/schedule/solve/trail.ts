import { Ints } from './ints';

/** The literal's value that makes the Boolean bound `literal` true. */
export const trueAt = (literal: number): number => ((literal & 1) === 0 ? 1 : 0);

/** What is known of all variables, and the way there: bounds that rise, level by level, and fall again on the way back. */
export class Trail {
  /** Least value of each bound as things stand. */
  lb = new Int32Array(256);
  protected last = new Int32Array(256).fill(-1);
  variables = 0;

  trailBound = new Int32Array(1024);
  protected trailOld = new Int32Array(1024);
  protected trailPrevious = new Int32Array(1024);
  protected trailKind = new Uint8Array(1024);
  protected trailRef = new Int32Array(1024);
  protected trailLevel = new Int32Array(1024);
  trailLength = 0;
  /** The shortest that the trail was since whoever follows it last looked. */
  shortest = 0;
  protected head = 0;
  protected levelStarts: number[] = [];
  protected arenaStarts: number[] = [];

  protected arena = new Ints();
  /** True once nothing is left to try. */
  dead = false;
  activity = new Float64Array(128);
  protected needed = new Int32Array(256);
  protected neededAt = new Int32Array(256).fill(-1);

  get level(): number {
    return this.levelStarts.length;
  }

  /** A new variable between `low` and `high`; its bounds are `2x` and `2x + 1`. */
  variable(low: number, high: number): number {
    const x = this.variables++;
    if (2 * x + 2 > this.lb.length) {
      const size = this.lb.length * 2;
      const wider = (old: Int32Array, fill = 0) => {
        const next = new Int32Array(size).fill(fill);
        next.set(old);
        return next;
      };
      this.lb = wider(this.lb);
      this.last = wider(this.last, -1);
      this.needed = wider(this.needed);
      this.neededAt = wider(this.neededAt, -1);
      const activity = new Float64Array(size / 2);
      activity.set(this.activity);
      this.activity = activity;
    }
    this.lb[2 * x] = low;
    this.lb[2 * x + 1] = -high;
    if (low > high) this.dead = true;
    return x;
  }

  /** A Boolean; the literal that is true when it is. */
  boolean(): number {
    return 2 * this.variable(0, 1);
  }

  isTrue(literal: number): boolean {
    return this.lb[literal]! >= trueAt(literal);
  }
  isFalse(literal: number): boolean {
    return this.isTrue(literal ^ 1);
  }
  isOpen(literal: number): boolean {
    return !this.isTrue(literal) && !this.isTrue(literal ^ 1);
  }

  protected widenTrail(): void {
    const size = this.trailBound.length * 2;
    const wider = <T extends Int32Array | Uint8Array>(old: T, next: T): T => {
      next.set(old);
      return next;
    };
    this.trailBound = wider(this.trailBound, new Int32Array(size));
    this.trailOld = wider(this.trailOld, new Int32Array(size));
    this.trailPrevious = wider(this.trailPrevious, new Int32Array(size));
    this.trailKind = wider(this.trailKind, new Uint8Array(size));
    this.trailRef = wider(this.trailRef, new Int32Array(size));
    this.trailLevel = wider(this.trailLevel, new Int32Array(size));
  }

  /** Goes back to a level. */
  backTo(level: number): void {
    if (this.levelStarts.length <= level) return;
    const start = this.levelStarts[level]!;
    for (let at = this.trailLength - 1; at >= start; at -= 1) {
      const bound = this.trailBound[at]!;
      this.lb[bound] = this.trailOld[at]!;
      this.last[bound] = this.trailPrevious[at]!;
    }
    this.trailLength = start;
    this.head = start;
    if (start < this.shortest) this.shortest = start;
    this.arena.length = this.arenaStarts[level]!;
    this.levelStarts.length = level;
    this.arenaStarts.length = level;
  }

  /** Where on the trail (bound, value) became true; -1 if it was so from the beginning. */
  protected whereRose(bound: number, value: number): number {
    let at = this.last[bound]!;
    while (at >= 0 && this.trailOld[at]! >= value) at = this.trailPrevious[at]!;
    return at;
  }
}
