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
