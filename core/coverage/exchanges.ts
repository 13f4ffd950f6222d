import { slotsOf, type Block, type Circuit, type Slot } from '../circuit/circuit.ts';
import { changeSlot } from '../circuit/edit.ts';
import { withDrill } from '../circuit/slot.ts';
import type { MainSession } from '../approach/mainSession.ts';
import type { Drill } from '../drills/drill.ts';
import { isRaising, isRolling, isStaticHold } from '../drills/kinds.ts';
import { drillIn } from '../drills/onRung.ts';
import { strengthsOf, type Target } from '../drills/target.ts';
import type { Occasion } from '../occasion/occasion.ts';
import { timeCircuit } from '../timeline/timeCircuit.ts';
import type { Seconds } from '../units.ts';
import { closersOf } from './closers.ts';
import { coverageOf } from './coverageOf.ts';

/** One drill in the place of another, where there is no time for one more. */
export interface Exchange {
  readonly slotId: string;
  readonly from: Drill;
  readonly to: Drill;
  /** By how much the circuit becomes longer; less than 0 where it becomes shorter. */
  readonly seconds: Seconds;
  /** How far what the session needs is prepared before and after, 0–1. */
  readonly before: number;
  readonly after: number;
}

/** A circuit with an exchange made. */
export const exchanged = (circuit: Circuit, { slotId, to }: Pick<Exchange, 'slotId' | 'to'>): Circuit =>
  changeSlot(circuit, slotId, (now) => withDrill(now, to, ''));

/** The least that an exchange must add to be worth the change. Common practice, no source. */
const WORTH_IT = 0.04;
/** How much harder the new drill may be: one step, as for a swap. */
const HARDER = 1;
/** How many drills are tried for a gap: those that serve it most. */
const TRIED = 8;

/** A slot that may give way, with its drill and its block. */
interface Giver {
  readonly slot: Slot;
  readonly from: Drill;
  readonly block: Block;
}

/**
 * Exchanges that close a gap in the time there is, the one that prepares most first. The new drill belongs to the block's
 * phase and is one step harder at most. What gives way does less than most for the session and is not of its kind of
 * movement; what is pinned, raises the pulse, climbs, or has tracks settled for it stays.
 */
export function exchangesOf(target: Target, circuit: Circuit, occasion: Occasion, most = 2): readonly Exchange[] {
  const { session } = occasion;
  if (!session) return [];
  const before = coverageOf(circuit, occasion, session).whole;
  const givers = giversIn(circuit, occasion, session);
  const found = closersOf(target, circuit, occasion, Infinity, TRIED).flatMap((to) =>
    givers
      .filter((giver) => mayStandIn(to, giver))
      .map(({ slot, from }): Exchange => {
        const after = coverageOf(exchanged(circuit, { slotId: slot.id, to }), occasion, session).whole;
        return { slotId: slot.id, from, to, seconds: 0, before, after };
      }),
  );
  const total = timeCircuit(circuit, occasion).total.plan;
  const longest = Math.max(circuit.available, total);
  const best: Exchange[] = [];
  const worth = found.filter(({ after }) => after >= before + WORTH_IT);
  for (const one of worth.toSorted((a, b) => b.after - a.after)) {
    if (best.length === most) break;
    // One way to bring a drill in, and one to take a drill out, are enough.
    if (best.some(({ to, slotId }) => to.id === one.to.id || slotId === one.slotId)) continue;
    const length = timeCircuit(exchanged(circuit, one), occasion).total.plan;
    if (length <= longest) best.push({ ...one, seconds: length - total });
  }
  return best;
}

function giversIn(circuit: Circuit, { library }: Occasion, session: MainSession): readonly Giver[] {
  const all = circuit.blocks.flatMap((block) =>
    slotsOf(block).flatMap((slot): readonly Giver[] => {
      const from = drillIn(slot, library);
      return from ? [{ slot, from, block }] : [];
    }),
  );
  const usual = all.reduce((sum, { from }) => sum + serviceOf(from, session), 0) / all.length;
  return all.filter(
    ({ slot, from, block }) =>
      !slot.pinned &&
      slot.tracks.length === 0 &&
      slot.dose.kind !== 'lift' &&
      slot.dose.kind !== 'ramp' &&
      // The jog before a run is made shorter where it must be, and is not swapped for boxing.
      block.phase !== 'raise' &&
      !isRaising(from) &&
      serviceOf(from, session) < usual &&
      !isKindred(from, session),
  );
}

/** What a drill does of what the session needs. */
const serviceOf = ({ targets }: Drill, { needs }: MainSession): number =>
  strengthsOf(targets).reduce((sum, [target, strength]) => sum + strength * (needs[target] ?? 0), 0);

/** Patterns that warm one another up: a lunge prepares for squats, whatever else covers them. Common practice, no source. */
const KINDRED: readonly (readonly Target[])[] = [
  ['pattern · squat', 'pattern · hinge', 'pattern · lunge', 'pattern · jump', 'pattern · run'],
  ['pattern · push', 'pattern · crawl'],
];
/** How strongly a pattern counts, in a drill and in a session. */
const IN_KIND = 0.4;

/** Whether a drill is of the kind of movement that the session is made of. */
const isKindred = ({ targets }: Drill, { needs }: MainSession): boolean =>
  KINDRED.some((kind) => [targets, needs].every((of) => kind.some((pattern) => (of[pattern] ?? 0) >= IN_KIND)));

function mayStandIn(to: Drill, { from, block }: Giver): boolean {
  if (!to.phases.includes(block.phase) || to.effort > from.effort + HARDER) return false;
  // Moving does not give way to lying still: holds and rolling before training stay as few as they are.
  return (isStaticHold(from) || !isStaticHold(to)) && (isRolling(from) || !isRolling(to));
}
