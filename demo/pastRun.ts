import { timeCircuit } from '@prompt-spark/core/timeline/timeCircuit';
import { occasionOf } from '@prompt-spark/core/occasion/occasion';
import type { Circuit } from '@prompt-spark/core/circuit/circuit';
import type { DrillLibrary } from '@prompt-spark/core/drills/library';
import { blankRecord } from '@prompt-spark/core/session/runRecord';
import type { RunTurn } from '@prompt-spark/contract/run';

/** How much longer or shorter than planned each slot took, used in turn so that the log shows habits, not noise. */
const RATIOS = [1.08, 0.98, 1.15, 1.02, 0.94, 1.06, 1.21, 1] as const;

/** What a past session took, slot by slot, beginning somewhere in the ratios. */
export function pastTurns(circuit: Circuit, library: DrillLibrary, beginning: number): readonly RunTurn[] {
  const phaseOf = new Map(
    circuit.blocks.flatMap((block) => block.lines.map((line) => [line.id, block.phase] as const)),
  );
  return blankRecord(timeCircuit(circuit, occasionOf({ library })).segments).map((turn, index) => {
    const ratio = RATIOS[(beginning + index) % RATIOS.length] ?? 1;
    return {
      ...turn,
      actual: Math.round(turn.planned * ratio * 10) / 10,
      drillName: library.byId.get(turn.drillId)?.name ?? turn.drillId,
      phase: phaseOf.get(turn.slotId) ?? 'mobilise',
    };
  });
}

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
