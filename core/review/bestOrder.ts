import { slotsOf, type Block, type Slot } from '../circuit/circuit.ts';
import type { Drill } from '../drills/drill.ts';
import { readySeconds } from '../timeline/change.ts';
import { withItsPeople } from '../occasion/occasion.ts';
import { AT_THE_START, stanceAfter, type Stance } from '../occasion/stance.ts';
import { countAt, type Seconds } from '../units.ts';
import type { Reviewed } from './finding.ts';
import { comesBefore } from '../drills/precedence.ts';
import { drillIn } from '../drills/onRung.ts';

/** Blocks up to this long are ordered exactly; longer ones by the nearest next drill. */
export const EXACT_UP_TO = 12;

/** A better order of a block's lines, and the seconds of getting ready it saves. */
export interface BetterOrder {
  readonly lineIds: readonly string[];
  readonly saves: Seconds;
}

interface Task {
  /** Seconds to get ready for a drill: in the first round, and in later ones. */
  readonly first: (from: Stance, to: number) => Seconds;
  readonly later: (from: Stance, to: number) => Seconds;
  readonly drills: readonly Drill[];
  readonly laterRounds: number;
  readonly before: Stance;
  /** What follows the block; undefined at the end. */
  readonly after: Drill | undefined;
  readonly follows: (drill: Drill) => Seconds;
}

/**
 * The order of a block's slots with the least seconds of getting ready, over all its rounds and into what follows, within
 * what must come before what. Undefined where a line could not be read or there is nothing to order.
 */
export function bestOrder(block: Block, reviewed: Reviewed): BetterOrder | undefined {
  const slots = slotsOf(block);
  const nonstop = block.noGaps || reviewed.circuit.noGaps || slots.some(({ runsOn }) => runsOn);
  if (nonstop || slots.length < 3 || slots.length !== block.lines.length) return undefined;
  const drills = slots.flatMap((slot) => drillIn(slot, reviewed.library) ?? []);
  if (drills.length !== slots.length) return undefined;
  const task = taskOf(block, drills, reviewed);
  const present = drills.map((_, index) => index);
  const order = drills.length <= EXACT_UP_TO ? exact(task) : nearest(task);
  const saves = costOf(present, task) - costOf(order, task);
  if (saves <= 0) return undefined;
  return { lineIds: order.flatMap((index) => slots[index]?.id ?? []), saves };
}

function taskOf(block: Block, drills: readonly Drill[], reviewed: Reviewed): Task {
  const { circuit } = reviewed;
  const occasion = withItsPeople(circuit, reviewed);
  const at = circuit.blocks.findIndex(({ id }) => id === block.id);
  const drillOf = (slot: Slot | undefined) => slot && drillIn(slot, occasion.library);
  const last = drillOf(circuit.blocks.slice(0, at).flatMap(slotsOf).at(-1));
  const after = drillOf(circuit.blocks.slice(at + 1).flatMap(slotsOf)[0]);
  const ready = (from: Stance, drill: Drill | undefined, later: boolean) =>
    drill ? readySeconds(from, drill, later, occasion) : 0;
  return {
    drills,
    laterRounds: countAt(block.rounds, 'plan') - 1,
    before: last ? stanceAfter(last) : occasion.stance,
    after,
    first: (from, to) => ready(from, drills[to], false),
    later: (from, to) => ready(from, drills[to], true),
    follows: (drill) => ready(stanceAfter(drill), after, false),
  };
}

/** Seconds of getting ready in an order. */
export function costOf(order: readonly number[], task: Task): Seconds {
  let stance = task.before;
  let cost = 0;
  for (const index of order) {
    cost += task.first(stance, index);
    stance = stanceOf(task, index);
  }
  for (let round = 0; round < task.laterRounds; round += 1) {
    for (const index of order) {
      cost += task.later(stance, index);
      stance = stanceOf(task, index);
    }
  }
  const last = task.drills[order.at(-1) ?? 0];
  return cost + (last ? task.follows(last) : 0);
}

const stanceOf = ({ drills }: Task, index: number): Stance => {
  const drill = drills[index];
  return drill ? stanceAfter(drill) : AT_THE_START;
};

/** For each drill, the ones that must come before it, as bits. */
function mustFollow({ drills }: Task): readonly number[] {
  return drills.map((drill) =>
    drills.reduce((bits, other, index) => (comesBefore(other, drill) === undefined ? bits : bits | (1 << index)), 0),
  );
}

/**
 * The exact best: for every set of drills done, first drill and last drill, the cheapest way there (Held & Karp 1962). The
 * first drill is part of the state because later rounds begin with it again.
 */
function exact(task: Task): readonly number[] {
  const count = task.drills.length;
  const needs = mustFollow(task);
  const all = (1 << count) - 1;
  const between = task.drills.map((_, from) =>
    task.drills.map((__, to) => {
      const stance = stanceOf(task, from);
      return task.first(stance, to) + task.laterRounds * task.later(stance, to);
    }),
  );
  let best: { cost: Seconds; order: readonly number[] } = { cost: Infinity, order: [] };
  const free = task.drills.map((_, index) => index).filter((index) => (needs[index] ?? 0) === 0);
  // In one round it does not matter later which drill was the first: all can be tried at once.
  const starts = task.laterRounds === 0 ? [free] : free.map((index) => [index]);
  for (const firsts of starts) {
    const found = cheapestFrom(firsts, count, needs, all, between, task);
    if (found && found.cost < best.cost) best = found;
  }
  return best.order.length === count ? best.order : task.drills.map((_, index) => index);
}

function cheapestFrom(
  firsts: readonly number[],
  count: number,
  needs: readonly number[],
  all: number,
  between: readonly (readonly Seconds[])[],
  task: Task,
): { cost: Seconds; order: readonly number[] } | undefined {
  const size = (all + 1) * count;
  const cost = new Float64Array(size).fill(Infinity);
  const from = new Int8Array(size).fill(-1);
  const at = (done: number, last: number) => done * count + last;
  for (const first of firsts) cost[at(1 << first, first)] = task.first(task.before, first);
  const [again] = firsts;
  for (let done = 1; done <= all; done += 1) {
    for (let last = 0; last < count; last += 1) {
      const here = cost[at(done, last)] ?? Infinity;
      if (here === Infinity) continue;
      for (let next = 0; next < count; next += 1) {
        const need = needs[next] ?? 0;
        if ((done & (1 << next)) !== 0 || (need & done) !== need) continue;
        const there = at(done | (1 << next), next);
        const sum = here + (between[last]?.[next] ?? 0);
        if (sum < (cost[there] ?? Infinity)) {
          cost[there] = sum;
          from[there] = last;
        }
      }
    }
  }
  let best: { cost: Seconds; last: number } = { cost: Infinity, last: -1 };
  for (let last = 0; last < count; last += 1) {
    const drill = task.drills[last];
    const backToFirst = again === undefined ? 0 : task.laterRounds * task.later(stanceOf(task, last), again);
    const whole = (cost[at(all, last)] ?? Infinity) + backToFirst + (drill ? task.follows(drill) : 0);
    if (whole < best.cost) best = { cost: whole, last };
  }
  if (best.last < 0) return undefined;
  const order: number[] = [];
  for (let done = all, last = best.last; last >= 0;) {
    order.unshift(last);
    const before = from[at(done, last)] ?? -1;
    done &= ~(1 << last);
    last = before;
  }
  return { cost: best.cost, order };
}

/** A good order for long blocks: always the nearest drill that may come next, the earlier one where two are as near. */
function nearest(task: Task): readonly number[] {
  const left = new Set(task.drills.map((_, index) => index));
  const order: number[] = [];
  let stance = task.before;
  while (left.size > 0) {
    const free = [...left].filter((index) => {
      const drill = task.drills[index];
      return (
        drill &&
        [...left].every((other) => {
          const earlier = task.drills[other];
          return other === index || !earlier || comesBefore(earlier, drill) === undefined;
        })
      );
    });
    const candidates = free.length > 0 ? free : [...left];
    const next = candidates.reduce((best, index) =>
      task.first(stance, index) < task.first(stance, best) ? index : best,
    );
    order.push(next);
    left.delete(next);
    stance = stanceOf(task, next);
  }
  return order;
}
