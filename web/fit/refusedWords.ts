import type { Circuit } from '@prompt-spark/core/circuit/circuit';
import { drillIn } from '@prompt-spark/core/drills/onRung';
import type { DrillLibrary } from '@prompt-spark/core/drills/library';
import type { MoveKey } from '@prompt-spark/core/circuit/shortVersion';

/** What a refused change leaves as it is: "Glute bridge keeps its dose". */
export function refusedWords({ kind, id }: MoveKey, { blocks }: Circuit, library: DrillLibrary): string {
  const slot = blocks.flatMap(({ lines }) => lines).find((line) => line.id === id);
  const name = slot?.kind === 'slot' ? (drillIn(slot, library)?.name ?? '') : '';
  const phase = blocks.find((block) => block.id === id)?.phase ?? '';
  switch (kind) {
    case 'out':
      return `${name} stays in`;
    case 'dose':
      return slot ? `${name} keeps its dose` : `The interval of ${phase} stays`;
    case 'sides':
      return `${name} keeps its sides`;
    case 'combine':
      return `${name} is not combined`;
    case 'rounds':
      return `The rounds of ${phase} stay`;
    case 'rest':
      return `The rest of ${phase} stays`;
    case 'talk':
      return 'More is said than names';
  }
}
