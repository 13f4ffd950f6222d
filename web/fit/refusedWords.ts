import type { Circuit } from '@prompt-spark/core/circuit/circuit';
import { drillIn } from '@prompt-spark/core/drills/onRung';
import type { DrillLibrary } from '@prompt-spark/core/drills/library';
import type { MoveKey } from '@prompt-spark/core/circuit/shortVersion';
import { say } from './say.ts';

/** What a refused change leaves as it is: "Glute bridge keeps its amount". */
export function refusedWords({ kind, id }: MoveKey, { blocks }: Circuit, library: DrillLibrary): string {
  const slot = blocks.flatMap(({ lines }) => lines).find((line) => line.id === id);
  const name = slot?.kind === 'slot' ? (drillIn(slot, library)?.name ?? '') : '';
  const phase = blocks.find((block) => block.id === id)?.phase ?? '';
  switch (kind) {
    case 'out':
      return say.refusedWords.staysIn(name);
    case 'dose':
      return slot ? say.refusedWords.keepsItsDose(name) : say.refusedWords.intervalOfStays(phase);
    case 'sides':
      return say.refusedWords.keepsItsSides(name);
    case 'combine':
      return say.refusedWords.isNotCombined(name);
    case 'rounds':
      return say.refusedWords.roundsOfStay(phase);
    case 'rest':
      return say.refusedWords.restOfStays(phase);
    case 'talk':
      return say.refusedWords.moreIsSaidThan;
  }
}
