import { slotsOf, type Block, type Slot } from '../circuit/circuit.ts';
import type { Drill } from '../drills/drill.ts';
import { moveSeconds, readyFor, readySeconds, talkBefore, talkSeconds, type Talk } from '../timeline/change.ts';
import { withItsPeople } from '../occasion/occasion.ts';
import { isSameStance, stanceAfter } from '../occasion/stance.ts';
import { countAt, just, type Seconds } from '../units.ts';
import type { BlockOrder, Laid } from './finding.ts';
import { inOrder } from './placed.ts';
import { comesBefore } from '../drills/precedence.ts';
import { drillIn } from '../drills/onRung.ts';

/** Blocks up to this long are ordered exactly; longer ones by the nearest next drill. */
export const EXACT_UP_TO = 12;

/** Blocks one after another up to this many slots are ordered together. */
export const TOGETHER_UP_TO = 10;

/** A better order of the lines of blocks, and the seconds of getting ready it saves. */
export interface BetterOrder {
  readonly orders: readonly BlockOrder[];
  readonly saves: Seconds;
}

interface Task {
  readonly drills: readonly Drill[];
  /** The place of each drill's block among those that are ordered together. */
  readonly blockOf: readonly number[];
  /** For each drill, the first after which people stand as they do after it. */
  readonly likes: readonly number[];
  readonly laterRounds: number;
  /**
   * Seconds to get ready for a drill in the first round, by the drill before it and itself: row after row, the last row
   * from what comes before the block. What it takes in later rounds likewise, without that row.
   */
  readonly first: readonly Seconds[];
  readonly later: readonly Seconds[];
  /** Seconds to get ready for what follows the block, by the last drill in it. */
  readonly follows: readonly Seconds[];
}

/**
 * The order of a block's slots with the least seconds of getting ready, over all its rounds and into what follows, within
 * what must come before what. Undefined where a line could not be read or there is nothing to order.
 *
 * @param worth an order that saves less is not looked for
 */
export function bestOrder(block: Block, reviewed: Laid, worth: Seconds = 0): BetterOrder | undefined {
  if (!mayBeOrdered(block, reviewed)) return undefined;
  return betterOrder([block], reviewed, worth);
}

/**
 * The order of the slots of two blocks, one after the other, with the least seconds of getting ready: each slot stays in
 * its block. Undefined where they are done in several rounds, are long, or may not be ordered.
 *
 * @param worth an order that saves less is not looked for
 */
export function bestOrderOfTwo(
  blocks: readonly [Block, Block],
  reviewed: Laid,
  worth: Seconds = 0,
): BetterOrder | undefined {
  const slots = blocks.reduce((sum, { lines }) => sum + lines.length, 0);
  const isOnce = blocks.every(({ rounds }) => countAt(rounds, 'plan') === 1);
  if (!isOnce || slots > TOGETHER_UP_TO || !blocks.every((block) => mayBeOrdered(block, reviewed))) return undefined;
  return betterOrder(blocks, reviewed, worth);
}

/** Whether every line of a block is a slot that may stand at another place in it. */
function mayBeOrdered(block: Block, { circuit }: Laid): boolean {
  const slots = slotsOf(block);
  const isNonstop = block.noGaps || circuit.noGaps || slots.some(({ runsOn }) => runsOn);
  return !isNonstop && slots.length > 0 && slots.length === block.lines.length;
}

function betterOrder(blocks: readonly Block[], reviewed: Laid, worth: Seconds): BetterOrder | undefined {
  const at = reviewed.circuit.blocks.findIndex(({ id }) => id === blocks[0]?.id);
  const placed = reviewed.placedByBlock.slice(at, at + blocks.length);
  // Where a drill is not known, nobody knows what is near it.
  const isKnown = placed.every((own, index) => own.length === blocks[index]?.lines.length);
  const slots = inOrder(placed).map(({ slot }) => slot);
  if (slots.length < 2 || !isKnown) return undefined;
  const drills = inOrder(placed).map(({ drill }) => drill);
  const task = taskOf(at, blocks, slots, drills, reviewed);
  const present = drills.map((_, index) => index);
  const cost = costOf(present, task);
  if (cost - leastCost(task) < worth) return undefined;
  const order = drills.length <= EXACT_UP_TO ? exact(task, cost - worth) : nearest(task);
  const saves = cost - costOf(order, task);
  if (saves <= 0 || saves < worth) return undefined;
  const ordered = order.flatMap((index) => slots[index]?.id ?? []);
  const orders = blocks.map(({ id, lines }) => {
    const own = new Set(lines.map((line) => line.id));
    return { blockId: id, lineIds: ordered.filter((lineId) => own.has(lineId)) };
  });
  return { orders, saves };
}

/** @param at where the first of the blocks stands in the circuit; the others follow it */
function taskOf(
  at: number,
  blocks: readonly Block[],
  slots: readonly Slot[],
  drills: readonly Drill[],
  { circuit, occasion: usual }: Laid,
): Task {
  const occasion = withItsPeople(circuit, usual);
  const drillOf = (slot: Slot | undefined) => slot && drillIn(slot, occasion.library);
  const hasSlots = (one: Block): boolean => one.lines.some(({ kind }) => kind === 'slot');
  const blockBefore = circuit.blocks.slice(0, at).findLast(hasSlots);
  const blockAfter = circuit.blocks.slice(at + blocks.length).find(hasSlots);
  const last = drillOf(blockBefore && slotsOf(blockBefore).at(-1));
  const next = blockAfter && slotsOf(blockAfter)[0];
  const after = drillOf(next);
  const count = drills.length;
  const talks = drills.map((drill, at) => talkSeconds(drill, talkOf(slots[at]), occasion));
  const laterRounds = blocks.length === 1 ? countAt(blocks[0]?.rounds ?? just(1), 'plan') - 1 : 0;
  const talksAgain = laterRounds > 0 ? drills.map((drill) => talkSeconds(drill, 'later round', occasion)) : [];
  const moves: Seconds[] = [];
  const first: Seconds[] = [];
  const later: Seconds[] = [];
  const follows: Seconds[] = [];
  const stances = [...drills.map(stanceAfter), last ? stanceAfter(last) : occasion.stance];
  // People who stand alike take as long to get to a drill, and to one that is done alike.
  const likes = stances.map((stance) => stances.findIndex((other) => isSameStance(stance, other)));
  for (const [from, stance] of stances.entries()) {
    const likeFrom = (likes[from] as number) * count;
    for (const [to, drill] of drills.entries()) {
      const move = moves[likeFrom + (likes[to] as number)] ?? moveSeconds(stance, drill, occasion);
      moves.push(move);
      first.push(readyFor(move, talks[to] as number));
      if (laterRounds > 0 && from < count) later.push(readyFor(move, talksAgain[to] as number));
    }
    if (from < count) follows.push(next && after ? readySeconds(stance, after, talkOf(next), occasion) : 0);
  }
  const blockOf: number[] = [];
  for (const [place, { lines }] of blocks.entries()) for (const _ of lines) blockOf.push(place);
  return { drills, blockOf, likes, laterRounds, first, later, follows };
}

const talkOf = (slot: Slot | undefined): Talk => (slot ? talkBefore(slot, false) : 'first time');

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

/** Whether one drill must come before another: its block is earlier, or it is by what comes before what. */
function goesBefore(earlier: number, later: number, { drills, blockOf }: Task): boolean {
  const [block, otherBlock] = [blockOf[earlier] ?? 0, blockOf[later] ?? 0];
  if (block !== otherBlock) return block < otherBlock;
  const [drill, other] = [drills[earlier], drills[later]];
  return drill !== undefined && other !== undefined && comesBefore(drill, other) !== undefined;
}

/**
 * For each drill, the ones that must come before it, as bits. Of two that take as long wherever they stand, and have the same
 * before and after them, the one that is first stays first: no better order is lost, and far fewer are gone through.
 */
function mustFollow(task: Task): readonly number[] {
  const needs = task.drills.map((_, index) =>
    task.drills.reduce((bits, _other, other) => (goesBefore(other, index, task) ? bits | (1 << other) : bits), 0),
  );
  const neededBy = needs.map((_, index) =>
    needs.reduce((bits, need, other) => ((need & (1 << index)) === 0 ? bits : bits | (1 << other)), 0),
  );
  return needs.map((need, index) => {
    const earlier = needs.findLastIndex(
      (other, at) => at < index && other === need && neededBy[at] === neededBy[index] && areAlike(at, index, task),
    );
    return earlier < 0 ? need : need | (1 << earlier);
  });
}

/** Whether two drills of a block may change places without any second more or less. */
function areAlike(one: number, other: number, task: Task): boolean {
  if (task.blockOf[one] !== task.blockOf[other] || task.follows[one] !== task.follows[other]) return false;
  const after = (from: number, to: number) => firstAt(task, from, to);
  const again = (from: number, to: number) => (task.laterRounds > 0 ? laterAt(task, from, to) : 0);
  if (after(-1, one) !== after(-1, other)) return false;
  return task.drills.every((_, index) => {
    if (index === one) return after(one, other) === after(other, one) && again(one, other) === again(other, one);
    if (index === other) return again(one, one) === again(other, other);
    return (
      after(index, one) === after(index, other) &&
      after(one, index) === after(other, index) &&
      again(index, one) === again(index, other) &&
      again(one, index) === again(other, index)
    );
  });
}

/**
 * The exact best: for every set of drills done, first drill and last drill, the cheapest way there (Held & Karp 1962). The
 * first drill is part of the state because later rounds begin with it again.
 *
 * @param limit an order that takes longer is not looked for: where there is none, the order stays as it is
 */
function exact(task: Task, limit: Seconds): readonly number[] {
  const count = task.drills.length;
  const needs = mustFollow(task);
  const between = task.first
    .slice(0, count * count)
    .map((first, at) => first + (task.laterRounds === 0 ? 0 : task.laterRounds * (task.later[at] as number)));
  let best: { cost: Seconds; order: readonly number[] } = { cost: Infinity, order: [] };
  const free = task.drills.map((_, index) => index).filter((index) => (needs[index] ?? 0) === 0);
  // In one round it does not matter later which drill was the first: all can be tried at once.
  const starts = task.laterRounds === 0 ? [free] : free.map((index) => [index]);
  for (const firsts of starts) {
    const found = cheapestFrom(firsts, needs, between, task, limit);
    if (found && found.cost < best.cost) best = found;
  }
  return best.order.length === count ? best.order : task.drills.map((_, index) => index);
}

/**
 * The cheapest way to every drill as the last of every set, and the drill before it, where that is known. Kept from one call
 * to the next: to make them anew takes as long as to fill them (npm run bench).
 */
const COSTS = new Float64Array(EXACT_UP_TO << EXACT_UP_TO);
const BEFORE = new Int8Array(COSTS.length);
/** The cheapest way to every set, whichever drill is the last. */
const CHEAPEST = new Float64Array(1 << EXACT_UP_TO);

function cheapestFrom(
  firsts: readonly number[],
  needs: readonly number[],
  between: readonly Seconds[],
  task: Task,
  limit: Seconds,
): { cost: Seconds; order: readonly number[] } | undefined {
  const count = needs.length;
  const all = (1 << count) - 1;
  const { likes } = task;
  const left = leastLeft(between, task.follows);
  const at = (done: number, last: number) => done * count + last;
  const cost = COSTS.fill(Infinity, 0, at(all + 1, 0));
  const cheapest = CHEAPEST.fill(Infinity, 0, all + 1);
  const from = BEFORE;
  for (const first of firsts) {
    cheapest[1 << first] = cost[at(1 << first, first)] = firstAt(task, -1, first);
    from[at(1 << first, first)] = -1;
  }
  const [again] = firsts;
  const next: number[] = [];
  const lasts: number[] = [];
  for (let done = 1; done < all; done += 1) {
    // Only what is done can have been the last, and only what can still end within the limit is worth going on with.
    const most = limit - (left[done] as number);
    if ((cheapest[done] as number) > most) continue;
    // Of those after which people stand alike, the cheapest alone.
    let ends = 0;
    for (let last = 0; last < count; last += 1) {
      const here = cost[done * count + last] as number;
      if (here > most) continue;
      const like = likes[last] as number;
      let end = 0;
      while (end < ends && likes[lasts[end] as number] !== like) end += 1;
      if (end === ends) ends += 1;
      else if ((cost[done * count + (lasts[end] as number)] as number) <= here) continue;
      lasts[end] = last;
    }
    // Which may come next is the same whichever was the last.
    let choices = 0;
    for (let index = 0; index < count; index += 1) {
      const need = needs[index] as number;
      if ((done & (1 << index)) === 0 && (need & done) === need) next[choices++] = index;
    }
    for (let end = 0; end < ends; end += 1) {
      const last = lasts[end] as number;
      const here = cost[done * count + last] as number;
      for (let choice = 0; choice < choices; choice += 1) {
        const index = next[choice] as number;
        const then = done | (1 << index);
        const there = then * count + index;
        const sum = here + (between[last * count + index] as number);
        if (sum < (cost[there] as number)) {
          cost[there] = sum;
          from[there] = last;
          if (sum < (cheapest[then] as number)) cheapest[then] = sum;
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

/** Filled by `leastLeft`, and kept from one call to the next. */
const LEFT = new Float64Array(1 << EXACT_UP_TO);

/** For every set of drills done, as bits, seconds that the others take at the least: each after the one that it is soonest ready after. */
function leastLeft(between: readonly Seconds[], follows: readonly Seconds[]): Float64Array {
  const count = follows.length;
  const least = follows.map((_, to) => {
    let soonest = Infinity;
    for (let from = 0; from < count; from += 1) {
      if (from !== to) soonest = Math.min(soonest, between[from * count + to] as number);
    }
    return soonest;
  });
  LEFT[0] = least.reduce((sum, one) => sum + one, Math.min(...follows));
  for (let done = 1; done < 1 << count; done += 1) {
    const newest = 31 - Math.clz32(done);
    LEFT[done] = (LEFT[done & ~(1 << newest)] as number) - (least[newest] as number);
  }
  return LEFT;
}

/** A good order: always the nearest drill that may come next, the earlier one where two are as near. */
function nearest(task: Task): readonly number[] {
  const left = task.drills.map((_, index) => index);
  const order: number[] = [];
  let last = -1;
  while (left.length > 0) {
    const free = left.filter((index) => left.every((other) => other === index || !goesBefore(other, index, task)));
    const next = (free.length > 0 ? free : left).reduce((best, index) =>
      firstAt(task, last, index) < firstAt(task, last, best) ? index : best,
    );
    order.push(next);
    left.splice(left.indexOf(next), 1);
    last = next;
  }
  return order;
}
