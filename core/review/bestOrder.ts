import { slotsOf, type Block, type Slot } from '../circuit/circuit.ts';
import type { Drill } from '../drills/drill.ts';
import { readySeconds, talkBefore } from '../timeline/change.ts';
import { withItsPeople } from '../occasion/occasion.ts';
import { stanceAfter } from '../occasion/stance.ts';
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
  readonly drills: readonly Drill[];
  readonly laterRounds: number;
  /**
   * Seconds to get ready for a drill in the first round, by the drill before it and itself: row after row, the last row
   * from what comes before the block. What it takes in later rounds likewise, without that row.
   */
  readonly first: Float64Array;
  readonly later: Float64Array;
  /** Seconds to get ready for what follows the block, by the last drill in it. */
  readonly follows: Float64Array;
}

/**
 * The order of a block's slots with the least seconds of getting ready, over all its rounds and into what follows, within
 * what must come before what. Undefined where a line could not be read or there is nothing to order.
 *
 * @param worth an order that saves less is not looked for
 */
export function bestOrder(block: Block, reviewed: Reviewed, worth: Seconds = 0): BetterOrder | undefined {
  const slots = slotsOf(block);
  const nonstop = block.noGaps || reviewed.circuit.noGaps || slots.some(({ runsOn }) => runsOn);
  if (nonstop || slots.length < 3 || slots.length !== block.lines.length) return undefined;
  const drills = slots.flatMap((slot) => drillIn(slot, reviewed.library) ?? []);
  if (drills.length !== slots.length) return undefined;
  const task = taskOf(block, slots, drills, reviewed);
  const present = drills.map((_, index) => index);
  const cost = costOf(present, task);
  if (cost - leastCost(task) < worth) return undefined;
  const order = drills.length <= EXACT_UP_TO ? exact(task) : nearest(task);
  const saves = cost - costOf(order, task);
  if (saves <= 0 || saves < worth) return undefined;
  return { lineIds: order.flatMap((index) => slots[index]?.id ?? []), saves };
}

function taskOf(block: Block, slots: readonly Slot[], drills: readonly Drill[], reviewed: Reviewed): Task {
  const { circuit } = reviewed;
  const occasion = withItsPeople(circuit, reviewed);
  const at = circuit.blocks.findIndex(({ id }) => id === block.id);
  const drillOf = (slot: Slot | undefined) => slot && drillIn(slot, occasion.library);
  const hasSlots = (one: Block): boolean => one.lines.some(({ kind }) => kind === 'slot');
  const blockBefore = circuit.blocks.slice(0, at).findLast(hasSlots);
  const blockAfter = circuit.blocks.slice(at + 1).find(hasSlots);
  const last = drillOf(blockBefore && slotsOf(blockBefore).at(-1));
  const next = blockAfter && slotsOf(blockAfter)[0];
  const after = drillOf(next);
  const count = drills.length;
  const talks = slots.map((slot) => talkBefore(slot, false));
  const laterRounds = countAt(block.rounds, 'plan') - 1;
  const first = new Float64Array((count + 1) * count);
  const later = new Float64Array(laterRounds > 0 ? count * count : 0);
  const follows = new Float64Array(count);
  const stances = [...drills.map(stanceAfter), last ? stanceAfter(last) : occasion.stance];
  stances.forEach((stance, from) => {
    drills.forEach((drill, to) => {
      first[from * count + to] = readySeconds(stance, drill, talks[to] ?? 'first time', occasion);
      if (laterRounds > 0 && from < count)
        later[from * count + to] = readySeconds(stance, drill, 'later round', occasion);
    });
    if (next && after && from < count) follows[from] = readySeconds(stance, after, talkBefore(next, false), occasion);
  });
  return { drills, laterRounds, first, later, follows };
}

/** Seconds between two drills in the first round and in a later one; from -1 is from what comes before the block. */
const firstAt = ({ drills: { length }, first }: Task, from: number, to: number): Seconds =>
  first[(from < 0 ? length : from) * length + to] ?? 0;
const laterAt = ({ drills: { length }, later }: Task, from: number, to: number): Seconds =>
  later[from * length + to] ?? 0;

/** Seconds of getting ready in an order. */
function costOf(order: readonly number[], task: Task): Seconds {
  const last = order.at(-1) ?? 0;
  let cost = task.follows[last] ?? 0;
  order.forEach((to, place) => {
    const from = order[place - 1] ?? -1;
    cost += firstAt(task, from, to);
    // A later round begins where the one before it ended.
    if (task.laterRounds > 0) cost += task.laterRounds * laterAt(task, from < 0 ? last : from, to);
  });
  return cost;
}

/** No order takes less than this: every drill after whichever it is soonest ready after. */
function leastCost(task: Task): Seconds {
  const { drills, laterRounds } = task;
  let least = Math.min(...task.follows);
  for (let to = 0; to < drills.length; to += 1) {
    let first = firstAt(task, -1, to);
    let later = laterRounds > 0 ? Infinity : 0;
    for (let from = 0; from < drills.length; from += 1) {
      if (from === to) continue;
      first = Math.min(first, firstAt(task, from, to));
      if (laterRounds > 0) later = Math.min(later, laterAt(task, from, to));
    }
    least += first + laterRounds * later;
  }
  return least;
}

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
  const between = new Float64Array(count * count);
  for (let from = 0; from < count; from += 1) {
    for (let to = 0; to < count; to += 1) {
      const later = task.laterRounds === 0 ? 0 : task.laterRounds * laterAt(task, from, to);
      between[from * count + to] = firstAt(task, from, to) + later;
    }
  }
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
  between: Float64Array,
  task: Task,
): { cost: Seconds; order: readonly number[] } | undefined {
  const size = (all + 1) * count;
  const cost = new Float64Array(size).fill(Infinity);
  const from = new Int8Array(size).fill(-1);
  const at = (done: number, last: number) => done * count + last;
  for (const first of firsts) cost[at(1 << first, first)] = firstAt(task, -1, first);
  const [again] = firsts;
  const next = new Int8Array(count);
  for (let done = 1; done < all; done += 1) {
    // Which may come next is the same whichever was the last.
    let choices = 0;
    for (let index = 0; index < count; index += 1) {
      const need = needs[index] ?? 0;
      if ((done & (1 << index)) === 0 && (need & done) === need) next[choices++] = index;
    }
    for (let last = 0; last < count; last += 1) {
      const here = cost[done * count + last] as number;
      if (here === Infinity) continue;
      for (let choice = 0; choice < choices; choice += 1) {
        const index = next[choice] as number;
        const there = (done | (1 << index)) * count + index;
        const sum = here + (between[last * count + index] as number);
        if (sum < (cost[there] as number)) {
          cost[there] = sum;
          from[there] = last;
        }
      }
    }
  }
  let best: { cost: Seconds; last: number } = { cost: Infinity, last: -1 };
  for (let last = 0; last < count; last += 1) {
    const backToFirst =
      again === undefined || task.laterRounds === 0 ? 0 : task.laterRounds * laterAt(task, last, again);
    const whole = (cost[at(all, last)] ?? Infinity) + backToFirst + (task.follows[last] ?? 0);
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
  let last = -1;
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
      firstAt(task, last, index) < firstAt(task, last, best) ? index : best,
    );
    order.push(next);
    left.delete(next);
    last = next;
  }
  return order;
}
