import type { Engine } from './engine';
import { trueAt } from './trail';

/** `head >= tail + add`, always or while a literal is true; -1 as a node is the beginning of the session. */
export interface Arc {
  readonly tail: number;
  readonly head: number;
  readonly add: number;
  readonly when: number;
}

/** Put in place of an arc that is not in force: it never pays to use it. */
const NEVER = -(1 << 20);

/**
 * The best cost that windows and links leave, resources aside: the least of `sum(cost[x] * x)` over starts that keep every bound and
 * every difference in force. Its dual is a flow of least cost without capacities, which is solved by the network simplex method on a tree that
 * is kept from call to call (only costs change between calls, so the last tree is always a place to start from). The flow tells which
 * facts the cost rests on, and the potentials are starts that reach it.
 *
 * @source R. Ahuja, T. Magnanti, J. Orlin, "Network Flows" (1993), chapter 11: strongly feasible trees keep it from going round in circles
 */
export class FlowBound {
  private readonly nodes: number;
  private readonly root: number;
  private tail: number[] = [];
  private head: number[] = [];
  private add: number[] = [];
  private when: number[] = [];
  private gain = new Float64Array(64);
  private flow = new Float64Array(64);
  private readonly parent: Int32Array;
  private readonly parentArc: Int32Array;
  private readonly firstChild: Int32Array;
  private readonly next: Int32Array;
  private readonly before: Int32Array;
  private readonly depth: Int32Array;
  private readonly stack: Int32Array;
  /** Starts that reach the bound, by variable, after `solve`. */
  readonly starts: Float64Array;
  private readonly rootLeast: Int32Array;
  private scan = 0;
  /** Arcs that wait for each literal. */
  private readonly waiting: (number[] | undefined)[] = [];
  /** Arcs always in force, then those whose literal is true now, in the order in which it became so. */
  private readonly active: number[] = [];
  /** Where on the trail each of the latter became true, from `always` on. */
  private readonly activeAt: number[] = [];
  private always = 0;
  private seen = 0;
  /** Pivots so far: part of the measure of work. */
  work = 0;

  /** @param cost - by variable; variables are 0 to cost.length - 1 in the engine */
  constructor(
    private readonly engine: Engine,
    private readonly cost: Float64Array,
    private readonly constant: number,
    arcs: readonly Arc[],
  ) {
    const count = cost.length;
    this.nodes = count + 1;
    this.root = count;
    this.parent = new Int32Array(this.nodes).fill(-1);
    this.parentArc = new Int32Array(this.nodes).fill(-1);
    this.firstChild = new Int32Array(this.nodes).fill(-1);
    this.next = new Int32Array(this.nodes).fill(-1);
    this.before = new Int32Array(this.nodes).fill(-1);
    this.depth = new Int32Array(this.nodes);
    this.stack = new Int32Array(this.nodes);
    this.starts = new Float64Array(this.nodes);
    this.rootLeast = engine.lb.slice(0, 2 * count);
    // Arc 2x holds the least start of x, arc 2x + 1 its greatest.
    for (let x = 0; x < count; x += 1) {
      this.arc(this.root, x, 0, -1);
      this.arc(x, this.root, 0, -1);
    }
    for (const { tail, head, add, when } of arcs) this.arc(tail, head, add, when);
    for (let arc = 0; arc < this.tail.length; arc += 1) {
      if (this.when[arc]! >= 0) continue;
      this.active.push(arc);
      this.activeAt.push(-1);
      this.gain[arc] = this.add[arc]!;
    }
    this.always = this.active.length;
    for (let x = 0; x < count; x += 1) {
      const used = cost[x]! > 0 ? 2 * x : 2 * x + 1;
      this.flow[used] = Math.abs(cost[x]!);
      this.parentArc[x] = used;
      this.hang(x, this.root);
    }
  }

  private arc(tail: number, head: number, add: number, when: number): void {
    const index = this.tail.length;
    this.tail.push(tail);
    this.head.push(head);
    this.add.push(add);
    this.when.push(when);
    if (index === this.gain.length) {
      const gain = new Float64Array(index * 2);
      const flow = new Float64Array(index * 2);
      gain.set(this.gain);
      flow.set(this.flow);
      this.gain = gain;
      this.flow = flow;
    }
  }

  /** One more difference, in force while its literal is true. */
  addArc({ tail, head, add, when }: Arc): void {
    const index = this.tail.length;
    this.arc(tail, head, add, when);
    this.gain[index] = NEVER;
    (this.waiting[when] ??= []).push(index);
    if (this.engine.isTrue(when)) this.late.push(index);
  }
  private readonly late: number[] = [];

  /** Brings `active` up to what is true now, from what changed on the trail since it was last looked at. */
  private follow(): void {
    const { engine, active, activeAt, gain, waiting } = this;
    const from = Math.min(engine.shortest, this.seen);
    while (active.length > this.always && activeAt[active.length - 1]! >= from) {
      gain[active.pop()!] = NEVER;
      activeAt.pop();
    }
    const join = (arc: number, at: number) => {
      gain[arc] = this.add[arc]!;
      active.push(arc);
      activeAt.push(at);
    };
    for (let at = from; at < engine.trailLength; at += 1) {
      const arcs = waiting[engine.trailBound[at]!];
      if (arcs) for (const arc of arcs) if (gain[arc] === NEVER) join(arc, at);
    }
    // What was added under a literal that was true already counts from here; it leaves with the next step back and joins again below.
    for (const arc of this.late) if (gain[arc] === NEVER && engine.isTrue(this.when[arc]!)) join(arc, engine.trailLength - 1);
    engine.shortest = engine.trailLength;
    this.seen = engine.trailLength;
  }

  private hang(node: number, under: number): void {
    this.parent[node] = under;
    this.before[node] = -1;
    this.next[node] = this.firstChild[under]!;
    if (this.next[node]! >= 0) this.before[this.next[node]!] = node;
    this.firstChild[under] = node;
  }

  private unhang(node: number): void {
    const [before, next] = [this.before[node]!, this.next[node]!];
    if (before >= 0) this.next[before] = next;
    else this.firstChild[this.parent[node]!] = next;
    if (next >= 0) this.before[next] = before;
  }

  /** Potentials and depths below `from`, which has its own already. */
  private settle(from: number): void {
    const { stack, starts } = this;
    let height = 0;
    stack[height++] = from;
    while (height > 0) {
      const node = stack[--height]!;
      for (let child = this.firstChild[node]!; child >= 0; child = this.next[child]!) {
        const arc = this.parentArc[child]!;
        starts[child] = this.head[arc] === child ? starts[node]! + this.gain[arc]! : starts[node]! - this.gain[arc]!;
        this.depth[child] = this.depth[node]! + 1;
        stack[height++] = child;
      }
    }
  }

  /**
   * The bound as things stand in the engine; afterwards `starts` reach it. Infinity when the differences in force go round in a ring that
   * cannot hold; then `facts` says why.
   */
  solve(): number {
    const { engine, gain, tail, head, starts } = this;
    const { lb } = engine;
    const bounds = 2 * this.cost.length;
    for (let arc = 0; arc < bounds; arc += 1) gain[arc] = lb[arc]!;
    this.follow();
    const { active } = this;
    const count = active.length;
    starts[this.root] = 0;
    this.settle(this.root);
    const block = Math.max(40, Math.ceil(Math.sqrt(count) * 2));
    let looked = 0;
    let best = -1;
    let most = 0;
    let inBlock = 0;
    while (looked < count) {
      if (this.scan >= count) this.scan = 0;
      const arc = active[this.scan++]!;
      const lacks = gain[arc]! - starts[head[arc]!]! + starts[tail[arc]!]!;
      if (lacks > most) {
        most = lacks;
        best = arc;
      }
      looked += 1;
      inBlock += 1;
      if (inBlock < block && looked < count) continue;
      inBlock = 0;
      if (best < 0) continue;
      if (!this.pivot(best)) return Infinity;
      best = -1;
      most = 0;
      looked = 0;
    }
    let sum = this.constant;
    for (let x = 0; x < this.cost.length; x += 1) sum += this.cost[x]! * starts[x]!;
    return sum;
  }

  private ring: number[] = [];

  /** Brings an arc into the tree; false when nothing can leave it. */
  private pivot(entering: number): boolean {
    this.work += 1;
    const { parent, parentArc, flow, head, depth } = this;
    const from = this.tail[entering]!;
    const to = this.head[entering]!;
    let [u, v] = [from, to];
    let least = Infinity;
    let leaving = -1;
    let leavingBelowFrom = false;
    // From the tail upwards: what points up loses. Towards the root from the head: what points down loses; the last of equals leaves.
    let apexU = u;
    let apexV = v;
    while (apexU !== apexV) {
      if (depth[apexU]! >= depth[apexV]!) apexU = parent[apexU]!;
      else apexV = parent[apexV]!;
    }
    for (; u !== apexU; u = parent[u]!) {
      const arc = parentArc[u]!;
      if (head[arc] === u) continue;
      if (flow[arc]! < least) {
        least = flow[arc]!;
        leaving = u;
        leavingBelowFrom = true;
      }
    }
    for (; v !== apexU; v = parent[v]!) {
      const arc = parentArc[v]!;
      if (head[arc] !== v) continue;
      if (flow[arc]! <= least) {
        least = flow[arc]!;
        leaving = v;
        leavingBelowFrom = false;
      }
    }
    if (leaving < 0) {
      this.ring = [entering];
      for (u = from; u !== apexU; u = parent[u]!) this.ring.push(parentArc[u]!);
      for (v = to; v !== apexU; v = parent[v]!) this.ring.push(parentArc[v]!);
      return false;
    }
    if (least > 0) {
      for (u = from; u !== apexU; u = parent[u]!) {
        const arc = parentArc[u]!;
        flow[arc]! += head[arc] === u ? least : -least;
      }
      for (v = to; v !== apexU; v = parent[v]!) {
        const arc = parentArc[v]!;
        flow[arc]! += head[arc] === v ? -least : least;
      }
      flow[entering]! += least;
    }
    flow[parentArc[leaving]!] = 0;
    // Turn the path from the end of the entering arc that comes loose up to the leaving arc, and hang it under the other end.
    let node = leavingBelowFrom ? from : to;
    let under = leavingBelowFrom ? to : from;
    let arc = entering;
    const top = node;
    for (;;) {
      const above = parent[node]!;
      const aboveArc = parentArc[node]!;
      this.unhang(node);
      this.hang(node, under);
      parentArc[node] = arc;
      if (node === leaving) break;
      under = node;
      arc = aboveArc;
      node = above;
    }
    const over = parent[top]!;
    const its = parentArc[top]!;
    this.starts[top] = head[its] === top ? this.starts[over]! + this.gain[its]! : this.starts[over]! - this.gain[its]!;
    this.depth[top] = depth[over]! + 1;
    this.settle(top);
    return true;
  }

  /**
   * Raises bounds that the cost leaves no room beyond: moving a start off the bound that carries flow costs that flow each minute.
   *
   * @param spare - by how much the cost may still rise
   * @source reduced-cost tightening, as in linear programming
   */
  tighten(spare: number): boolean {
    const { engine } = this;
    const { lb } = engine;
    let facts: number[] | null = null;
    for (let arc = 0; arc < 2 * this.cost.length; arc += 1) {
      const flow = this.flow[arc]!;
      if (flow <= 0) continue;
      const other = arc ^ 1;
      const value = -(lb[arc]! + Math.floor(spare / flow));
      if (value <= lb[other]!) continue;
      facts ??= this.facts(0, 0);
      if (!engine.raiseBecause(other, value, facts)) return false;
    }
    return true;
  }

  /** The facts that the bound rests on, loosened by as much as it is above `wanted`. */
  facts(bound: number, wanted: number): number[] {
    const { lb } = this.engine;
    const facts: number[] = [];
    const bounds = 2 * this.cost.length;
    if (bound === Infinity) {
      for (const arc of this.ring)
        if (arc < bounds) facts.push(arc, lb[arc]!);
        else if (this.when[arc]! >= 0) facts.push(this.when[arc]!, trueAt(this.when[arc]!));
      return facts;
    }
    let slack = bound - wanted;
    for (let arc = 0; arc < this.tail.length; arc += 1) {
      const flow = this.flow[arc]!;
      if (flow <= 0) continue;
      if (arc >= bounds) {
        const when = this.when[arc]!;
        if (when >= 0) facts.push(when, trueAt(when));
        continue;
      }
      const above = lb[arc]! - this.rootLeast[arc]!;
      if (above <= 0) continue;
      const less = Math.min(above, Math.floor(slack / flow));
      slack -= less * flow;
      if (less < above) facts.push(arc, lb[arc]! - less);
    }
    return facts;
  }
}
