import type { Phase } from '../drills/phase.ts';
import { slotWork } from '../coverage/coverageOf.ts';
import { type Finding, type GraveRule, type Note, type NoteRule, type Placed } from './finding.ts';
import { isMoving, isRaising, isStaticHold } from '../drills/kinds.ts';
import { comesAfterSome, comesBefore, type Precedence } from '../drills/precedence.ts';

/** How far effort may fall after its first peak before it counts as going cold. Common practice, no source. */
const FALL = 2;

/** Nothing raises the pulse, or something fast comes before enough has. */
export const raiseFirst: GraveRule = ({ placed, occasion: { approach }, floor }) => {
  if (placed.length === 0) return [];
  const at = placed.findIndex(({ phase }) => phase === 'potentiate');
  const fast = placed[at];
  const raised = placed
    .slice(0, Math.max(0, at))
    .filter(({ drill }) => isRaising(drill))
    .reduce((sum, { slot, rounds }) => sum + slotWork(slot, floor, rounds), 0);
  const { raiseBeforeFast } = approach.caps;
  if (fast && raised < raiseBeforeFast) {
    return [
      {
        rule: 'fast-before-warm',
        severity: 'warn',
        slotIds: [fast.slot.id],
        facts: { raised, least: raiseBeforeFast },
        source: 'trade',
      },
    ];
  }
  if (placed.some(({ drill }) => isRaising(drill))) return [];
  return [
    {
      rule: 'no-raise',
      severity: 'warn',
      slotIds: [],
      facts: {},
      source: 'trade',
    },
  ];
};

/** Blocks in another order than the approach's. */
export const phaseOrder: NoteRule = ({ circuit, occasion: { approach } }) => {
  const rank = (phase: Phase): number => approach.order.indexOf(phase);
  const known = circuit.blocks.filter(({ phase, lines }) => rank(phase) >= 0 && lines.length > 0);
  const late = known.find(
    (block, index) => index > 0 && rank(block.phase) < rank(known[index - 1]?.phase ?? block.phase),
  );
  if (!late) return [];
  const sorted = circuit.blocks.toSorted((one, other) => rank(one.phase) - rank(other.phase));
  return [
    {
      rule: 'phase-order',
      severity: 'note',
      slotIds: late.lines.slice(0, 1).map(({ id }) => id),
      facts: { phase: late.phase, approach: approach.name, says: approach.says },
      source: 'trade',
      fix: { kind: 'block order', blockIds: sorted.map(({ id }) => id) },
    },
  ];
};

/** Circles of the neck before it has turned and nodded. */
export const neckOrder: GraveRule = ({ placed }) =>
  outOfOrder(placed, 'neck').map(([early, later]): Finding => ({
    ...orderFinding(early, later),
    rule: 'neck-circles-first',
    severity: 'warn',
  }));

/** A joint that swings before it has circled. */
export const swingOrder: NoteRule = ({ placed }) =>
  outOfOrder(placed, 'circles').map(([early, later]): Note => ({
    ...orderFinding(early, later),
    rule: 'swing-before-circle',
    severity: 'note',
  }));

/** One leg before two, on the same ladder. */
export const legOrder: NoteRule = ({ placed }) =>
  outOfOrder(placed, 'two legs').map(([early, later]): Note => ({
    ...orderFinding(early, later),
    rule: 'one-leg-first',
    severity: 'note',
  }));

/** The pairs of which the second should come before the first for a reason: said once, of the first slot of a drill that is there twice. */
function outOfOrder(placed: readonly Placed[], why: Precedence): readonly (readonly [early: Placed, later: Placed])[] {
  const waiting = placed.filter(({ drill }) => comesAfterSome(drill, why));
  return waiting.flatMap((early) => {
    const index = placed.indexOf(early);
    const later = placed.find(({ drill }, at) => at > index && comesBefore(drill, early.drill) === why);
    if (!later) return [];
    const drills = new Set([early.drill.id, later.drill.id]);
    return placed.slice(0, index).some(({ drill }) => drills.has(drill.id)) ? [] : [[early, later] as const];
  });
}

function orderFinding(early: Placed, later: Placed) {
  return {
    slotIds: [early.slot.id, later.slot.id],
    facts: { early: early.drill.name, later: later.drill.name },
    source: 'trade',
    fix: before(later, early),
  } as const;
}

const before = (moved: Placed, other: Placed) =>
  ({ kind: 'before', slotId: moved.slot.id, otherId: other.slot.id }) as const;

/** Long holds after the moving drills. */
export const holdAfterMoving: NoteRule = ({ placed, occasion: { session }, circuit }) => {
  const firstMoving = placed.findIndex(({ drill }) => isMoving(drill));
  if (firstMoving < 0 || session?.holds === 'free' || (!session && circuit.purpose === '')) return [];
  const moving = placed[firstMoving];
  return placed.slice(firstMoving + 1).flatMap((held): readonly Note[] => {
    if (!isStaticHold(held.drill) || !moving) return [];
    return [
      {
        rule: 'hold-after-moving',
        severity: 'note',
        slotIds: [held.slot.id],
        facts: { drill: held.drill.name },
        source: 'behm',
        fix: before(held, moving),
      },
    ];
  });
};

/** Hard, then easy, then hard again after the raiser, which is meant to fall: people cool and are asked to start afresh. */
export const hardEasyHard: NoteRule = ({ placed: all }) => {
  const placed = all.filter(({ phase }) => phase !== 'raise');
  const efforts = placed.map(({ drill }) => drill.effort);
  const peak = efforts.findIndex(
    (effort, index) => effort >= 5 && efforts.slice(index + 1).some((next) => next < effort - FALL),
  );
  if (peak < 0) return [];
  const high = efforts[peak] ?? 0;
  const easy = efforts.findIndex((effort, index) => index > peak && effort < high - FALL);
  const again = efforts.findIndex((effort, index) => index > easy && effort >= high);
  const [first, low, last] = [placed[peak], placed[easy], placed[again]];
  if (!first || !low || easy < 0) return [];
  if (!last && easy !== efforts.length - 1) return [];
  return [
    {
      rule: 'hard-easy-hard',
      severity: 'note',
      slotIds: [first, low, ...(last ? [last] : [])].map(({ slot }) => slot.id),
      facts: { again: last !== undefined },
      source: 'trade',
    },
  ];
};
