import type { Drill } from '../drills/drill.ts';
import type { Seconds } from '../units.ts';
import { readySeconds, straightInSeconds } from '../timeline/change.ts';
import { withItsPeople } from '../occasion/occasion.ts';
import { stanceAfter, type Stance } from '../occasion/stance.ts';
import type { Choice, ChoiceBlock, ChoiceSet } from '../fit/search/choice.ts';
import { restAt, restedSlot } from '../fit/plan/rests.ts';
import { slotSeconds } from '../fit/search/slotSeconds.ts';
import type { Amount } from '../fit/plan/dosage.ts';
import type { RestLevel } from '../fit/plan/plan.ts';
import { slotWorth, serves, targetWorth } from '../fit/search/worth.ts';

/** Worth is divided by this in the program, which likes its numbers small. */
export const WORTH_UNIT = 1000;

/** One drill in a place. */
interface Node {
  readonly name: string;
  readonly block: number;
  readonly from: number;
  readonly to: number;
  readonly drill: Drill;
  readonly runsOn: boolean;
  readonly shownFirst: boolean;
  /** What it may be in every way of going through the block. */
  readonly choices: readonly {
    readonly name: string;
    readonly way: Way;
    readonly busy: Seconds;
    readonly work: Seconds;
    readonly rest: Seconds;
    readonly value: number;
  }[];
}

interface Way {
  readonly name: string;
  readonly rounds: number;
  readonly rest: RestLevel;
  /** What every slot of the block is given; null where each has its own. */
  readonly amount: Amount | null;
}

/**
 * The question of the best plan for a number of seconds as an integer program, written independently of the search: y says
 * how a block is gone through, x what is chosen in a place, f that one drill follows another, u that it does so again in
 * later rounds, w that rounds lead from a block's last drill back to its first, z that a rest comes last and does not count,
 * s that a target is served.
 */
export function fitProgram(set: ChoiceSet, seconds: Seconds): string {
  const { circuit, occasion, weights } = set;
  const peopled = withItsPeople({ ...circuit, namesOnly: circuit.namesOnly || set.namesOnly }, occasion);
  const ways = set.blocks.map(waysOf);
  const nodes = nodesOf(set, ways);
  const goal: string[] = [];
  const time: string[] = [];
  const rows: string[] = [];
  const binary: string[] = [];
  const ready = (from: Stance, { drill, shownFirst }: Node, again: boolean) =>
    readySeconds(from, drill, again ? 'later round' : shownFirst ? 'shown' : 'first time', peopled);
  const plus = (terms: readonly string[]): string => (terms.length > 0 ? terms.join(' + ') : '0 zero');
  const less = (terms: readonly string[]): string => terms.map((term) => ` - ${term}`).join('');
  const chosen = ({ choices }: Node): readonly string[] => choices.map(({ name }) => name);

  for (const { name, way, busy, rest, value } of nodes.flatMap(({ choices }) => choices)) {
    goal.push(`${(value / WORTH_UNIT).toFixed(6)} ${name}`);
    time.push(`${String(way.rounds * (busy + rest))} ${name}`);
    binary.push(name);
  }

  set.blocks.forEach((block, b) => {
    const own = ways[b] ?? [];
    if (block.places.length === 0) return;
    binary.push(...own.map(({ name }) => name));
    rows.push(`${plus(own.map(({ name }) => name))} <= 1`);
    block.places.forEach((place, p) => {
      const here = nodes.filter((node) => node.block === b && node.from <= p && p <= node.to);
      for (const way of own) {
        const inWay = here.flatMap(({ choices }) => choices.filter((one) => one.way === way).map(({ name }) => name));
        rows.push(`${plus(inWay)} - ${way.name} ${block.stations ? '=' : '<='} 0`);
      }
      if (!place.mayGo) rows.push(`${plus(here.flatMap(chosen))} = 1`);
    });
  });

  // What follows what: one path through all that is kept.
  const arcs: { readonly name: string; readonly from: Node | null; readonly to: Node | null }[] = [];
  for (const from of [null, ...nodes]) {
    for (const to of [...nodes, null]) {
      const forward =
        from === null || to === null || to.block > from.block || (to.block === from.block && to.from > from.to);
      if (!forward || (from === null && to === null)) continue;
      const name = `f_${from?.name ?? 'start'}_${to?.name ?? 'end'}`;
      arcs.push({ name, from, to });
      binary.push(name);
      if (!to) continue;
      const nonstop = circuit.noGaps || set.blocks[to.block]?.block.noGaps === true;
      const follows = from?.block === to.block ? nonstop : from !== null && circuit.noGaps;
      const straight = from?.block === to.block && to.runsOn;
      const entry = (again: boolean): Seconds => {
        const stance = from ? stanceAfter(from.drill) : occasion.stance;
        return straight ? straightInSeconds(stance, to.drill, peopled) : ready(stance, to, again);
      };
      if (!follows) time.push(`${String(entry(false))} ${name}`);
      if (!from || from.block !== to.block) continue;
      const again = nonstop ? 0 : entry(true);
      for (const way of (ways[to.block] ?? []).filter(({ rounds }) => rounds > 1)) {
        time.push(`${String((way.rounds - 1) * again)} u_${name}_${way.name}`);
        rows.push(`${name} + ${way.name} - u_${name}_${way.name} <= 1`);
      }
    }
  }
  const into = (node: Node | null) => arcs.filter(({ to }) => to === node);
  const outOf = (node: Node | null) => arcs.filter(({ from }) => from === node);
  const names = (of: readonly { readonly name: string }[]) => of.map(({ name }) => name);
  rows.push(`${plus(names(outOf(null)))} = 1`, `${plus(names(into(null)))} = 1`);
  for (const node of nodes) {
    rows.push(
      `${plus(names(into(node)))}${less(chosen(node))} = 0`,
      `${plus(names(outOf(node)))}${less(chosen(node))} = 0`,
    );
    // The rest after the very last does not count.
    for (const { name, rest } of node.choices.filter((one) => one.rest > 0)) {
      time.push(`-${String(rest)} z_${name}`);
      rows.push(`z_${name} - ${name} <= 0`, `z_${name} - f_${node.name}_end <= 0`);
    }
  }

  // Rounds lead from the last drill of a block back to its first.
  for (const last of nodes) {
    for (const first of nodes.filter(({ block, from }) => block === last.block && from <= last.from)) {
      for (const way of (ways[last.block] ?? []).filter(({ rounds }) => rounds > 1)) {
        const name = `w_${last.name}_${first.name}_${way.name}`;
        const roundRest = halfUp(
          set.occasion.habits.rest * restAt(set.blocks[last.block]?.block.roundRest ?? 0, way.rest),
        );
        const nonstop = circuit.noGaps || set.blocks[last.block]?.block.noGaps === true;
        const back = roundRest + (nonstop ? 0 : ready(stanceAfter(last.drill), first, true));
        time.push(`${String((way.rounds - 1) * back)} ${name}`);
        const opens = into(first).filter(({ from }) => from?.block !== first.block);
        const closes = outOf(last).filter(({ to }) => to?.block !== last.block);
        rows.push(`${plus([...names(opens), ...names(closes), way.name])} - ${name} <= 2`);
      }
    }
  }

  for (const [at, [target, weight]] of [...weights.targets].entries()) {
    const name = `s_${String(at)}`;
    binary.push(name);
    goal.push(`${(targetWorth(weight, weights.sum) / WORTH_UNIT).toFixed(6)} ${name}`);
    rows.push(`${name}${less(nodes.filter(({ drill }) => serves(drill, target)).flatMap(chosen))} <= 0`);
  }
  for (const phase of occasion.approach.essential) {
    const own = nodes.filter(({ block }) => set.blocks[block]?.block.phase === phase);
    if (own.length > 0) rows.push(`${plus(own.flatMap(chosen))} >= 1`);
  }
  for (const node of nodes) {
    const need = set.blocks[node.block]?.places[node.from]?.raiseBefore ?? 0;
    if (need <= 0) continue;
    const work = nodes
      .filter(
        ({ block, drill }) =>
          block < node.block &&
          set.blocks[block]?.block.phase !== 'potentiate' &&
          (drill.targets['system · pulse'] ?? 0) >= 0.3,
      )
      .flatMap(({ choices }) => choices.map((one) => `${String(one.way.rounds * one.work)} ${one.name}`));
    rows.push(`${plus(work)}${less(chosen(node).map((name) => `${String(need)} ${name}`))} >= 0`);
  }
  rows.push(`${plus(time).replaceAll('+ -', '- ')} <= ${String(seconds)}`, 'zero = 0');
  return `Maximize\n obj: ${goal.join('\n + ')}\nSubject To\n${rows.map((row, at) => ` c${String(at)}: ${row.replaceAll(/ ([+-]) /g, '\n $1 ')}`).join('\n')}\nBinary\n ${binary.join('\n ')}\nEnd\n`;
}

function waysOf({ rounds, rests, alike }: ChoiceBlock, block: number): readonly Way[] {
  return rounds.flatMap((times) =>
    rests.flatMap((rest) =>
      (alike ?? [null]).map((amount, at): Way => {
        const name = `y${String(block)}r${String(times)}${rest.charAt(0)}a${String(at)}`;
        return { name, rounds: times, rest, amount };
      }),
    ),
  );
}

/** Up to the next half second, as the clock counts. */
const halfUp = (seconds: Seconds): Seconds => Math.ceil(seconds * 2 - 1e-6) / 2;

function nodesOf(set: ChoiceSet, ways: readonly (readonly Way[])[]): readonly Node[] {
  const { weights } = set;
  return set.blocks.flatMap((block, b) => {
    const timed = (choice: Choice, rest: RestLevel) => {
      const slot = restedSlot(choice.slot, rest);
      // A rest after timed work is the clock's; any other takes as long as this coach lets it.
      const rests = slot.dose.kind === 'time' ? slot.rest : halfUp(slot.rest * set.occasion.habits.rest);
      return { ...slotSeconds(slot, choice.drill, set, block.block), rest: rests };
    };
    const valueOf = ({ standsFor }: Choice, { rounds, rest }: Way): number =>
      standsFor.reduce((sum, { weight, fraction, quality, unchanged }) => {
        const given = { fraction, rounds: rounds / block.planned, quality, rest, namesOnly: set.namesOnly };
        return sum + unchanged + slotWorth(weight, weights.sum, given);
      }, 0);
    const longest = Math.max(
      0,
      ...block.places.flatMap(({ choices }) => choices.map((one) => timed(one, 'full').busy)),
    );
    return block.places.flatMap(({ choices }, p) =>
      [...new Set(choices.map(({ drill }) => drill))].map((drill, kind): Node => {
        const own = choices.filter((choice) => choice.drill === drill);
        const name = `b${String(b)}p${String(p)}d${String(kind)}`;
        return {
          name,
          block: b,
          from: p,
          to: p + (own[0]?.spans ?? 1) - 1,
          drill,
          runsOn: own[0]?.slot.runsOn ?? false,
          shownFirst: own[0]?.slot.shownFirst ?? false,
          choices: (ways[b] ?? []).flatMap((way) =>
            own.flatMap((choice, k) => {
              if (way.amount !== null && (choice.plan.kind !== 'kept' || choice.plan.amount !== way.amount)) return [];
              const time = timed(choice, way.rest);
              const wait = block.stations ? longest - time.busy : 0;
              const { busy, work } = time;
              const rest = time.rest + wait;
              return [
                { name: `x_${name}k${String(k)}${way.name}`, way, busy, work, rest, value: valueOf(choice, way) },
              ];
            }),
          ),
        };
      }),
    );
  });
}
