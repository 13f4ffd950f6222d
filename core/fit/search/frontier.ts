import { Gathering, Scratch } from './gathering.ts';
import { NOTHING, type Group, type Standing } from './labels.ts';
import { LabelStore } from './labelStore.ts';
import type { Task, TaskBlock, TaskChoice, TaskWay } from './task.ts';

/** One step of a frontier: nothing as short is worth as much. */
export interface FrontierStep {
  /** Half seconds. */
  readonly time: number;
  readonly value: number;
  readonly label: number;
}

export interface Frontier {
  readonly steps: readonly FrontierStep[];
  readonly store: LabelStore;
  /** Partial plans looked at, and kept. */
  readonly expanded: number;
  readonly kept: number;
}

export interface SearchLimits {
  /** Half seconds; longer plans are not looked for. */
  readonly longest: number;
  readonly onProgress?: ((share: number) => void) | undefined;
}

/**
 * Every plan that is worth more than all plans as short, found by label occasion: place by place, partial plans are carried
 * on, and of those alike in all that matters later only the ones are kept that no other beats (a shortest-path method for
 * several goals at once; Martins 1984). Exact, because what is let go can nowhere become part of a better plan.
 */
export function frontierOf(task: Task, limits: SearchLimits): Frontier {
  return new Search(task, limits).run();
}

class Search {
  private readonly store = new LabelStore();
  private readonly scratch: Scratch;
  private expanded = 0;
  private readonly gains = new Map<number, number>();
  /** What one stance can cost more than another before the next drill: the first time, and in later rounds. */
  private readonly dearer: readonly (readonly number[])[];
  private readonly dearerAgain: readonly (readonly number[])[];

  constructor(
    private readonly task: Task,
    private readonly limits: SearchLimits,
  ) {
    this.scratch = new Scratch(limits.longest);
    const orStraight = (rows: Task['ready']) => rows.map((row, stance) => [...row, ...(task.straight[stance] ?? [])]);
    this.dearer = differences(orStraight(task.ready));
    this.dearerAgain = differences(orStraight(task.again));
  }

  run(): Frontier {
    const { task, limits } = this;
    const { start: last, raised: raise, certain } = task;
    const start: Group = {
      ...{ last, first: -1, tail: 0, targets: 0, parts: 0, raise, some: false },
      times: Int32Array.of(0),
      values: Float64Array.of(certain),
      labels: Int32Array.of(NOTHING),
    };
    let groups: readonly Group[] = [start];
    task.blocks.forEach((block, at) => {
      groups = this.through(block, groups);
      limits.onProgress?.((at + 1) / task.blocks.length);
    });
    return { steps: this.steps(groups), store: this.store, expanded: this.expanded, kept: this.store.count };
  }

  private gathering(): Gathering {
    return new Gathering(this.scratch);
  }

  private settle(gathering: Gathering, rounds = 1): readonly Group[] {
    this.expanded += gathering.size;
    return gathering.settle(this.store, {
      gain: (bits) => this.gain(bits),
      behind: (one, other) => this.behind(one, other, rounds),
    });
  }

  private gain(bits: number): number {
    const known = this.gains.get(bits);
    if (known !== undefined) return known;
    const worth = this.task.targetValues.reduce((sum, value, at) => ((bits >> at) & 1 ? sum + value : sum), 0);
    this.gains.set(bits, worth);
    return worth;
  }

  /** Half seconds that one standing can cost more than another later: rest that counts, and getting ready for what follows. */
  private behind(one: Standing, other: Standing, ofBlock: number): number {
    // Before anything is kept in a block, its rounds do not multiply what comes next.
    const rounds = one.first < 0 ? 1 : ofBlock;
    const rest = one.tail - other.tail;
    const first = this.dearer[one.last]?.[other.last] ?? 0;
    const again = this.dearerAgain[one.last]?.[other.last] ?? 0;
    return Math.max(0, (rounds - 1) * (rest + again), rounds * rest + first + (rounds - 1) * again);
  }

  /** Carries plans through a block, in every way of going through it. */
  private through(block: TaskBlock, groups: readonly Group[]): readonly Group[] {
    const after = this.gathering();
    const [planned] = block.ways;
    if (planned && planned.places.length > 0) {
      for (const way of block.ways) this.way(block, block.stations ? together(way) : way, groups, after);
      if (planned.places.every(({ mayGo }) => mayGo)) this.without(block, groups, after);
    } else this.without(block, groups, after);
    return this.settle(after);
  }

  /** The block left out: plans stay as they are. */
  private without(block: TaskBlock, groups: readonly Group[], after: Gathering): void {
    for (const group of groups) {
      if (block.part & ~group.parts & ~block.partsAfter) continue;
      after.add(outside(block, group), { group, time: 0, value: 0, decision: NOTHING });
    }
  }

  /** One way of going through a block, place by place. At the end at least one slot has been kept. */
  private way(block: TaskBlock, way: TaskWay, groups: readonly Group[], after: Gathering): void {
    const { rounds, places, decision } = way;
    const at = Array.from({ length: places.length + 2 }, () => this.gathering());
    for (const group of groups) {
      const raise = Math.min(group.raise, block.raiseFrom);
      at[0]?.add({ ...group, first: -1, raise }, { group, time: 0, value: 0, decision });
    }
    places.forEach(({ choices, mayGo }, place) => {
      const here = at[place];
      if (!here) return;
      for (const group of this.settle(here, rounds)) {
        const open = block.targetsFrom[place + 1] ?? 0;
        if (mayGo) {
          const standing = { ...group, targets: group.targets & open };
          at[place + 1]?.add(standing, { group, time: 0, value: 0, decision: NOTHING });
        }
        for (const choice of choices) {
          const then = at[place + choice.spans];
          if (then) this.take(block, rounds, group, choice, block.targetsFrom[place + choice.spans] ?? 0, then);
        }
      }
    });
    const end = at[places.length];
    if (end) for (const group of this.settle(end, rounds)) this.leave(block, way, group, after);
  }

  /** Takes a choice: in the block's first round people come from the last kept slot, in later ones again. */
  private take(
    block: TaskBlock,
    rounds: number,
    group: Group,
    choice: TaskChoice,
    open: number,
    then: Gathering,
  ): void {
    const { task } = this;
    if (group.raise < choice.raiseBefore) return;
    const opens = group.first < 0;
    const straight = !opens && choice.runsOn ? (task.straight[group.last]?.[choice.drill] ?? 0) : undefined;
    const nonstop = opens ? task.noGaps && group.some : block.noGaps;
    const ready = nonstop ? 0 : (straight ?? task.ready[group.last]?.[choice.drill] ?? 0);
    const later = straight ?? task.again[group.last]?.[choice.stance] ?? 0;
    const again = opens || nonstop ? 0 : (rounds - 1) * later;
    const standing: Standing = {
      last: choice.stance,
      // Only rounds lead back to where a block began.
      first: rounds === 1 ? 0 : opens ? choice.stance : group.first,
      tail: choice.rest,
      targets: (group.targets | choice.targets) & open,
      parts: group.parts | block.part,
      raise: Math.min(group.raise + choice.raise, block.raiseFrom),
      some: true,
    };
    then.add(standing, {
      group,
      time: (opens ? 1 : rounds) * group.tail + ready + again + rounds * choice.busy,
      value: choice.value + this.gain(choice.targets & ~group.targets),
      decision: choice.decision,
    });
  }

  /** Leaves a block in which something was kept: rounds lead from its last slot back to its first. */
  private leave(block: TaskBlock, { rounds, roundRest }: TaskWay, group: Group, after: Gathering): void {
    if (group.first < 0) return;
    const back = block.noGaps ? 0 : (this.task.again[group.last]?.[group.first] ?? 0);
    const time = (rounds - 1) * (group.tail + roundRest + back);
    after.add(outside(block, group), { group, time, value: 0, decision: NOTHING });
  }

  /** The plans that are whole, from the shortest to the one worth most. */
  private steps(groups: readonly Group[]): readonly FrontierStep[] {
    const whole = groups
      .filter(({ some }) => some || this.task.mayBeEmpty)
      .flatMap(({ times, values, labels }) =>
        Array.from(times, (time, at) => ({ time, value: values[at] ?? 0, label: labels[at] ?? NOTHING })),
      )
      .toSorted((one, other) => one.time - other.time || other.value - one.value);
    const steps: FrontierStep[] = [];
    for (const step of whole) if (step.value > (steps.at(-1)?.value ?? -1)) steps.push(step);
    return steps;
  }
}

/** A block's stations: none of them may go by itself. */
function together(way: TaskWay): TaskWay {
  return { ...way, places: way.places.map((place) => ({ ...place, mayGo: false })) };
}

/** How plans stand once a block is behind them. */
function outside(block: TaskBlock, { last, tail, targets, parts, raise, some }: Group): Standing {
  const open = block.targetsFrom.at(-1) ?? 0;
  return { last, first: -1, tail, targets: targets & open, parts: parts & block.partsAfter, raise, some };
}

/** For every two rows, the most by which the one exceeds the other anywhere. */
function differences(rows: readonly (readonly number[])[]): readonly (readonly number[])[] {
  return rows.map((one) =>
    rows.map((other) => one.reduce((most, value, at) => Math.max(most, value - (other[at] ?? 0)), -Infinity)),
  );
}
