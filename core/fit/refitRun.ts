import { allSlots, slotsOf, type Block, type Circuit, type Slot } from '../circuit/circuit.ts';
import type { FitRecipe } from '../circuit/shortVersion.ts';
import { TARGETS, type Target } from '../drills/target.ts';
import { isRaising } from '../drills/kinds.ts';
import type { Phase } from '../drills/phase.ts';
import type { DrillLibrary } from '../drills/library.ts';
import { AT_THE_START, stanceAfter } from '../occasion/stance.ts';
import { momentAt } from '../timeline/moment.ts';
import { timeCircuit } from '../timeline/timeCircuit.ts';
import type { Segment } from '../timeline/timeline.ts';
import { just, type Seconds } from '../units.ts';
import type { Done, Occasion } from '../occasion/occasion.ts';
import { fitCurve, stepAt } from './search/fitCurve.ts';
import { fittedBy } from './fitCircuit.ts';
import type { Move } from './outcome/moves.ts';
import { withLeftoverGiven } from './leftover.ts';
import { serves } from './search/worth.ts';
import { drillIn } from '../drills/onRung.ts';

/** A run with what is still to come fitted to the seconds left. */
export interface Refit {
  /** What has been and the slot in progress as they were, then the rest as it is now. */
  readonly segments: readonly Segment[];
  /** Whether it ends in time. If not it ends as soon as it can. */
  readonly inTime: boolean;
  readonly moves: readonly Move[];
  /** Of the worth of what was still to come. */
  readonly share: number;
  /** The slots as they are now, by `turnKey`: a slot may have another dose in this round than in the next. */
  readonly slots: ReadonlyMap<string, Slot>;
}

/** What a slot's turn in a round is known by. */
export function turnKey({ slotId, round }: Pick<Segment, 'slotId' | 'round'>): string {
  return `${slotId} ${round}`;
}

/**
 * Fits what is still to come of a run to the seconds left. The slot in progress stays as it is, the clock goes on, and what
 * has been done counts: raising done before, parts and targets served. Seconds that the best plan leaves over go back
 * to what it cut, so that the run ends when it was asked to, as near as that can be.
 *
 * @param segments the run as it stands
 * @param position seconds from its start
 * @param left seconds until it must end
 */
export function refitRun(
  circuit: Circuit,
  segments: readonly Segment[],
  position: Seconds,
  left: Seconds,
  occasion: Occasion,
  recipe: FitRecipe,
): Refit {
  const now = momentAt(segments, position);
  if (!now) return { segments, inTime: true, moves: [], share: 1, slots: new Map() };
  const { slotId, round } = now.segment;
  const last = segments.findLastIndex(
    (segment, index) => index >= now.index && segment.slotId === slotId && segment.round === round,
  );
  const been = segments.slice(0, last + 1);
  const turnEnds = been.at(-1)?.end ?? position;
  const rest = stillToCome(circuit, now.segment);
  const budget = left - (turnEnds - position);
  const ahead = {
    ...occasion,
    stance: stanceIn(now.segment, occasion.library),
    done: doneIn(been, occasion.library),
  };
  const curve = fitCurve(rest, ahead, recipe);
  const inTime = stepAt(curve, budget);
  const step = inTime ?? curve.steps[0];
  if (!step)
    return { segments: withoutRest(been), inTime: turnEnds - position <= left, moves: [], share: 1, slots: new Map() };
  const fitted = fittedBy(rest, ahead, Math.max(0, budget), recipe, step);
  const circuitLeft = inTime ? withLeftoverGiven(fitted.circuit, rest, budget, ahead) : fitted.circuit;
  const fittedSlots = new Map(allSlots(circuitLeft).map((slot) => [slot.id, slot]));
  const slots = new Map<string, Slot>();
  const coming = timeCircuit(circuitLeft, ahead).segments.map((segment) => {
    const back = backInRun(segment, now.segment, turnEnds);
    const slot = fittedSlots.get(segment.slotId);
    if (slot) slots.set(turnKey(back), { ...slot, id: back.slotId });
    return back;
  });
  return {
    segments: coming.length > 0 ? [...been, ...coming] : withoutRest(been),
    inTime: inTime !== undefined,
    moves: fitted.moves,
    share: fitted.share,
    slots,
  };
}

/** Marks what is left of the round in progress, so that its slots can be told from the same ones in later rounds. */
const THIS_ROUND = '~';

/** The part of a circuit after a turn: the rest of its round, the rounds after it, and the blocks after its block. */
function stillToCome(circuit: Circuit, { blockId, slotId, drillId, round, rounds }: Segment): Circuit {
  const at = circuit.blocks.findIndex(({ id }) => id === blockId);
  const block = circuit.blocks[at];
  if (!block) return { ...circuit, blocks: [] };
  const slots = slotsOf(block);
  const here = slots.findIndex(({ id }) => id === slotId);
  // Another drill than planned stands for the next slot too.
  const after = slots.slice(here + (slots[here]?.drillId === drillId ? 1 : 2));
  const thisRound: Block = {
    ...block,
    id: block.id + THIS_ROUND,
    rounds: just(1),
    lines: after.map((slot) => ({ ...slot, id: slot.id + THIS_ROUND })),
  };
  const later: Block = { ...block, rounds: just(Math.max(1, rounds - round)), lines: slots };
  return {
    ...circuit,
    blocks: [
      ...(after.length > 0 ? [thisRound] : []),
      ...(round < rounds ? [later] : []),
      ...circuit.blocks.slice(at + 1),
    ],
  };
}

/** A segment of what was still to come, as part of the run: later, and in the round it belongs to. */
function backInRun(segment: Segment, now: Segment, from: Seconds): Segment {
  const moved = { ...segment, start: segment.start + from, end: segment.end + from };
  const { blockId, slotId, round, rounds } = segment;
  if (blockId === now.blockId + THIS_ROUND) {
    return {
      ...moved,
      blockId: now.blockId,
      slotId: slotId.slice(0, -THIS_ROUND.length),
      round: now.round,
      rounds: now.rounds,
    };
  }
  if (blockId === now.blockId) return { ...moved, round: round + now.round, rounds: rounds + now.round };
  return moved;
}

function stanceIn(segment: Segment, library: DrillLibrary) {
  const drill = drillIn(segment, library);
  return drill ? stanceAfter(drill) : AT_THE_START;
}

function doneIn(segments: readonly Segment[], library: DrillLibrary): Done {
  const work = segments.filter(({ kind }) => kind === 'work');
  const drills = [...new Set(work.map((segment) => drillIn(segment, library)))].flatMap((drill) => drill ?? []);
  return {
    raise: work.reduce((sum, segment) => {
      const drill = drillIn(segment, library);
      return segment.phase !== 'potentiate' && drill && isRaising(drill) ? sum + segment.length : sum;
    }, 0),
    phases: new Set<Phase>(work.map(({ phase }) => phase)),
    targets: new Set<Target>(TARGETS.filter((target) => drills.some((drill) => serves(drill, target)))),
  };
}

function withoutRest(segments: readonly Segment[]): readonly Segment[] {
  return segments.slice(0, segments.findLastIndex(({ kind }) => kind !== 'rest') + 1);
}
