import { NOTHING, type Group, type Standing } from './labels.ts';
import type { LabelStore } from './labelStore.ts';

/** A group carried on by one decision: everything in it becomes so much longer and worth so much more. */
interface Run {
  readonly group: Group;
  readonly time: number;
  readonly value: number;
  readonly decision: number;
}

interface Draft extends Standing {
  readonly runs: Run[];
}

/** How plans of different standings are compared. */
export interface Comparison {
  /** What serving a set of targets, as bits, is worth. */
  readonly gain: (targets: number) => number;
  /** Half seconds that one standing can cost more than another later, whatever follows; at least 0. */
  readonly behind: (one: Standing, other: Standing) => number;
}

/** Room to sort plans by length, used again and again. */
export class Scratch {
  readonly values: Float64Array;
  readonly parents: Int32Array;
  readonly decisions: Int32Array;

  /** @param longest half seconds; anything longer is of no use */
  constructor(readonly longest: number) {
    this.values = new Float64Array(longest + 1).fill(-1);
    this.parents = new Int32Array(longest + 1);
    this.decisions = new Int32Array(longest + 1);
  }
}

/** Partial plans being gathered, by standing. */
export class Gathering {
  private readonly drafts = new Map<string, Draft>();

  constructor(private readonly scratch: Scratch) {}

  /** Adds a group, carried on to a standing. */
  add(standing: Standing, run: Run): void {
    const { last, first, tail, targets, parts, raise, some } = standing;
    const key = `${last}/${first}/${tail}/${targets}/${parts}/${raise}/${some ? 1 : 0}`;
    const known = this.drafts.get(key);
    if (known) known.runs.push(run);
    else this.drafts.set(key, { last, first, tail, targets, parts, raise, some, runs: [run] });
  }

  /** Plans looked at. */
  get size(): number {
    let size = 0;
    for (const { runs } of this.drafts.values()) for (const { group } of runs) size += group.times.length;
    return size;
  }

  /** What is worth keeping, put on record. */
  settle(store: LabelStore, comparison: Comparison): readonly Group[] {
    const sorted = [...this.drafts.values()].map((draft) => this.sort(draft)).filter(({ times }) => times.length > 0);
    const byFirst = new Map<number, Sorted[]>();
    for (const one of sorted) {
      const peers = byFirst.get(one.standing.first);
      if (peers) peers.push(one);
      else byFirst.set(one.standing.first, [one]);
    }
    return [...byFirst.values()].flatMap((peers) =>
      peers.map((one, at) => keep(one, at, peers, store, comparison)).filter(({ times }) => times.length > 0),
    );
  }

  /** A standing's plans by length, without those that are no better than a shorter one. */
  private sort({ runs, ...standing }: Draft): Sorted {
    const { values, parents, decisions, longest } = this.scratch;
    let [least, most] = [longest + 1, -1];
    for (const { group, time, value, decision } of runs) {
      for (let at = 0; at < group.times.length; at += 1) {
        const to = (group.times[at] ?? 0) + time;
        if (to > longest) break;
        const worth = (group.values[at] ?? 0) + value;
        if (worth <= (values[to] ?? Infinity)) continue;
        values[to] = worth;
        parents[to] = group.labels[at] ?? NOTHING;
        decisions[to] = decision;
        if (to < least) least = to;
        if (to > most) most = to;
      }
    }
    const found: Sorted = { standing, times: [], values: [], parents: [], decisions: [] };
    let so = -1;
    for (let time = least; time <= most; time += 1) {
      const value = values[time] ?? -1;
      values[time] = -1;
      if (value <= so) continue;
      so = value;
      found.times.push(time);
      found.values.push(value);
      found.parents.push(parents[time] ?? NOTHING);
      found.decisions.push(decisions[time] ?? NOTHING);
    }
    return found;
  }
}

interface Sorted {
  readonly standing: Standing;
  readonly times: number[];
  readonly values: number[];
  readonly parents: number[];
  readonly decisions: number[];
}

/** The plans of a standing that none of another standing beats, put on record. Of two that beat each other the earlier stays. */
function keep(one: Sorted, rank: number, peers: readonly Sorted[], store: LabelStore, comparison: Comparison): Group {
  const beaten = new Uint8Array(one.times.length);
  let left = one.times.length;
  peers.forEach((rival, at) => {
    if (left > 0 && at !== rank && mayBeat(rival.standing, one.standing)) {
      left -= markBeaten(one, beaten, rival, at < rank, comparison);
    }
  });
  const times = new Int32Array(left);
  const values = new Float64Array(left);
  const labels = new Int32Array(left);
  let to = 0;
  for (let at = 0; at < one.times.length; at += 1) {
    if (beaten[at] === 1) continue;
    const parent = one.parents[at] ?? NOTHING;
    const decision = one.decisions[at] ?? NOTHING;
    times[to] = one.times[at] ?? 0;
    values[to] = one.values[at] ?? 0;
    labels[to] = decision === NOTHING ? parent : store.add(parent, decision);
    to += 1;
  }
  return { ...one.standing, times, values, labels };
}

/** Whether one standing can be as good as another in all that cannot be made up for in time or worth. */
function mayBeat(one: Standing, other: Standing): boolean {
  return one.raise >= other.raise && (one.parts | other.parts) === one.parts && (one.some || !other.some);
}

/**
 * Marks what a rival beats: something as short, what it can cost more later included, that is worth as much, what the other
 * can still gain by targets taken off.
 *
 * @returns how many were marked
 */
function markBeaten(
  one: Sorted,
  beaten: Uint8Array,
  rival: Sorted,
  earlier: boolean,
  { gain, behind }: Comparison,
): number {
  const ahead = gain(rival.standing.targets & ~one.standing.targets);
  // Both grow in worth with length: beyond what the rival is worth at most there is nothing to mark.
  const most = (rival.values.at(-1) ?? -1) - ahead;
  if (most < (one.values[0] ?? Infinity)) return 0;
  const later = behind(rival.standing, one.standing);
  let marked = 0;
  let at = 0;
  let best = -1;
  for (let index = 0; index < one.times.length; index += 1) {
    if ((one.values[index] ?? Infinity) > most) break;
    const time = (one.times[index] ?? 0) - later;
    while (at < rival.times.length && (rival.times[at] ?? Infinity) <= time) {
      best = rival.values[at] ?? -1;
      at += 1;
    }
    if (beaten[index] === 1 || best < 0) continue;
    const worth = best - ahead - (one.values[index] ?? 0);
    if (worth > 0 || (worth === 0 && earlier)) {
      beaten[index] = 1;
      marked += 1;
    }
  }
  return marked;
}
