import { changeBlock, changeSlot, moveLine, placeOf } from '../circuit/edit.ts';
import type { Circuit } from '../circuit/circuit.ts';
import type { DrillLibrary } from '../drills/library.ts';
import type { Fix } from './finding.ts';

/** A circuit with what a finding proposes done. Unchanged where what it speaks of is no longer there. */
export function fixed(circuit: Circuit, fix: Fix, library: DrillLibrary): Circuit {
  switch (fix.kind) {
    case 'dose':
      return changeSlot(circuit, fix.slotId, (slot) => ({ ...slot, dose: fix.dose }));
    case 'sides':
      return fix.slotIds.reduce(
        (changed, slotId) =>
          changeSlot(changed, slotId, (slot) => {
            const usual = library.byId.get(slot.drillId)?.usual.sides ?? slot.sides;
            return { ...slot, sides: fix.sides === 'usual' ? usual : fix.sides };
          }),
        circuit,
      );
    case 'before': {
      const to = placeOf(circuit, fix.otherId);
      return to ? moveLine(circuit, fix.slotId, to) : circuit;
    }
    case 'order':
      return changeBlock(circuit, fix.blockId, (block) => {
        const ordered = fix.lineIds.flatMap((id) => block.lines.filter((line) => line.id === id));
        return ordered.length === block.lines.length ? { ...block, lines: ordered } : block;
      });
    case 'block order': {
      const ordered = fix.blockIds.flatMap((id) => circuit.blocks.filter((block) => block.id === id));
      return ordered.length === circuit.blocks.length ? { ...circuit, blocks: ordered } : circuit;
    }
  }
}
