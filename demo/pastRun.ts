import { timeCircuit } from '@prompt-spark/core/timeline/timeCircuit';
import { occasionOf, USUAL_PACE, type Habits } from '@prompt-spark/core/occasion/occasion';
import type { Circuit } from '@prompt-spark/core/circuit/circuit';
import type { DrillLibrary } from '@prompt-spark/core/drills/library';
import { blankGaps, paceOf, type GapRecord, type RunPace } from '@prompt-spark/core/session/gaps';
import { blankRecord } from '@prompt-spark/core/session/runRecord';
import type { RunTurn } from '@prompt-spark/contract/run';

/** How much longer or shorter than their habit each slot took, used in turn so that the log shows habits, not noise. */
const RATIOS = [1.02, 0.98, 1.05, 1, 0.96, 1.03, 1.08, 0.97] as const;

/** A session as it was lived: what it took, slot by slot, and the coach's pace in it. */
export interface PastRun {
  readonly turns: readonly RunTurn[];
  readonly pace: RunPace;
}

/** What a past session took with a coach of some habits, beginning somewhere in the ratios. */
export function pastRun(circuit: Circuit, library: DrillLibrary, habits: Partial<Habits>, beginning: number): PastRun {
  const phaseOf = new Map(
    circuit.blocks.flatMap((block) => block.lines.map((line) => [line.id, block.phase] as const)),
  );
  const { segments } = timeCircuit(circuit, occasionOf({ library }));
  const ratioAt = (index: number): number => RATIOS[(beginning + index) % RATIOS.length] ?? 1;
  const gaps = blankGaps(segments).map((gap, index): GapRecord => {
    return { ...gap, actual: tenths(gap.planned * { ...USUAL_PACE, ...habits }[gap.kind] * ratioAt(index)) };
  });
  const turns = blankRecord(segments).map((turn, index) => {
    const own = gaps.filter(({ slotId, round }) => slotId === turn.slotId && round === turn.round);
    const [waited, waiting] = [sumOf(own, 'actual'), sumOf(own, 'planned')];
    return {
      ...turn,
      actual: tenths((turn.planned - waiting) * ratioAt(index) + waited),
      drillName: library.byId.get(turn.drillId)?.name ?? turn.drillId,
      phase: phaseOf.get(turn.slotId) ?? 'mobilise',
    };
  });
  return { turns, pace: paceOf(gaps) };
}

const tenths = (seconds: number): number => Math.round(seconds * 10) / 10;

const sumOf = (gaps: readonly GapRecord[], of: 'actual' | 'planned'): number =>
  gaps.reduce((sum, gap) => sum + gap[of], 0);

/** Points of effort by which one session differs from the next, used in turn. */
const UNEVEN = [0, 1, 0, -1, 0, 0, 1, -1, 0] as const;

/**
 * How hard a past session was, 0–10, on its way from what it was when the log begins to what it is now; null where nobody
 * asked.
 *
 * @param share how far the day lies between the two, 0–1
 * @param past how many sessions were before it: the same for the same day, whenever the demo is loaded
 */
export function pastEffort(
  ends: readonly [then: number, now: number] | null,
  share: number,
  past: number,
): number | null {
  if (!ends) return null;
  const [then, now] = ends;
  const uneven = UNEVEN[past % UNEVEN.length] ?? 0;
  return Math.max(0, Math.min(10, Math.round(then + (now - then) * share + uneven * 0.6)));
}
