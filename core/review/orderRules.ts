import type { Phase } from '../drills/phase.ts';
import { clockWords } from '../clockWords.ts';
import { slotWork } from '../coverage/coverageOf.ts';
import { BEHM, TRADE, type Finding, type GraveRule, type Note, type NoteRule, type Placed } from './finding.ts';
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
        title: `Fast work after ${clockWords(raised)} of raising`,
        words: `Give the pulse at least ${raiseBeforeFast} s of raising before anything fast or elastic.`,
        source: TRADE,
      },
    ];
  }
  if (placed.some(({ drill }) => isRaising(drill))) return [];
  return [
    {
      rule: 'no-raise',
      severity: 'warn',
      slotIds: [],
      title: 'Nothing raises the pulse',
      words: 'Put in a minute of easy moving: a march, a rope, a jog.',
      source: TRADE,
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
      title: `${late.phase.charAt(0).toUpperCase()}${late.phase.slice(1)} comes late for ${approach.name.toLowerCase()}`,
      words: approach.says,
      source: TRADE,
      fix: {
        label: 'Put the blocks in its order',
        change: { kind: 'block order', blockIds: sorted.map(({ id }) => id) },
      },
    },
  ];
};

/** Circles of the neck before it has turned and nodded. */
export const neckOrder: GraveRule = ({ placed }) =>
  outOfOrder(placed, 'neck').map(([early, later]): Finding => ({
    ...orderFinding(early, later),
    rule: 'neck-circles-first',
    severity: 'warn',
    words: 'Turns and nods come before circles of the neck.',
  }));

/** A joint that swings before it has circled. */
export const swingOrder: NoteRule = ({ placed }) =>
  outOfOrder(placed, 'circles').map(([early, later]): Note => ({
    ...orderFinding(early, later),
    rule: 'swing-before-circle',
    severity: 'note',
    words: 'Circle a joint before swinging it.',
  }));

/** One leg before two, on the same ladder. */
export const legOrder: NoteRule = ({ placed }) =>
  outOfOrder(placed, 'two legs').map(([early, later]): Note => ({
    ...orderFinding(early, later),
    rule: 'one-leg-first',
    severity: 'note',
    words: 'Two legs come before one.',
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
    title: `${early.drill.name} before ${later.drill.name.toLowerCase()}`,
    source: TRADE,
    fix: { label: `Put ${later.drill.name.toLowerCase()} first`, change: before(later, early) },
  };
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
        title: `${held.drill.name} is held after the moving drills`,
        words: 'Before training, hold first and move after.',
        source: BEHM,
        fix: { label: 'Hold first', change: before(held, moving) },
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
  const words = last
    ? 'People cool off in between. Keep the easy ones together, before the first hard one.'
    : 'It ends cold. End where the session begins.';
  return [
    {
      rule: 'hard-easy-hard',
      severity: 'note',
      slotIds: [first, low, ...(last ? [last] : [])].map(({ slot }) => slot.id),
      title: `Hard, then easy${last ? ', then hard again' : ' at the end'}`,
      words,
      source: TRADE,
    },
  ];
};
