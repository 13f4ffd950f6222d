import { changeBlock, changeSlot, moveLine, placeOf } from '../circuit/edit.ts';
import type { Circuit } from '../circuit/circuit.ts';
import { withDose, withDrill } from '../circuit/slot.ts';
import { isStaticHold } from '../drills/kinds.ts';
import type { DrillLibrary } from '../drills/library.ts';
import { instructed } from '../swaps/swap.ts';
import type { Fix, Placed } from './finding.ts';

/** What of a circuit a fix may change: what is done in its slots, in how many rounds, in which phase, in what order, in what time. */
export type Aspect = 'slots' | 'rounds' | 'phases' | 'order' | 'length';

/** What a fix changes of a circuit. */
export interface Changed {
  readonly aspects: ReadonlySet<Aspect>;
  /** The slots that it moves among the others, as they were; every slot where it changes what is done in some. */
  readonly moved: readonly Placed[];
}

/** What a fix changes of a circuit whose slots are placed; it may be less. */
export function changedBy(fix: Fix, placed: readonly Placed[]): Changed {
  switch (fix.kind) {
    case 'dose':
    case 'sides':
    case 'swap':
      return { aspects: new Set(['slots', 'length']), moved: placed };
    case 'order': {
      const blockIds = new Set(fix.orders.map(({ blockId }) => blockId));
      return { aspects: new Set(['order', 'length']), moved: placed.filter(({ blockId }) => blockIds.has(blockId)) };
    }
    case 'block order':
      return { aspects: new Set(['order', 'length']), moved: placed };
    case 'before': {
      const moved = placed.filter(({ slot }) => slot.id === fix.slotId);
      const other = placed.find(({ slot }) => slot.id === fix.otherId);
      const aspects = new Set<Aspect>(['order', 'length']);
      if (moved.some(({ rounds }) => rounds !== other?.rounds)) aspects.add('rounds');
      if (moved.some(({ phase }) => phase !== other?.phase)) aspects.add('phases');
      return { aspects, moved };
    }
  }
}

/** A circuit with what a finding proposes done. Unchanged where what it speaks of is no longer there. */
export function fixed(circuit: Circuit, fix: Fix, library: DrillLibrary): Circuit {
  switch (fix.kind) {
    case 'dose':
      return changeSlot(circuit, fix.slotId, (slot) => withDose(slot, fix.dose));
    case 'sides':
      return fix.slotIds.reduce(
        (changed, slotId) =>
          changeSlot(changed, slotId, (slot) => {
            const usual = library.byId.get(slot.drillId)?.usual.sides ?? slot.sides;
            return { ...slot, sides: fix.sides === 'usual' ? usual : fix.sides };
          }),
        circuit,
      );
    case 'swap':
      return fix.swaps.reduce((changed, swap) => {
        const found = instructed(library, swap);
        if (!found) return changed;
        const rung = found.rung.rung === 0 ? '' : found.rung.id;
        return changeSlot(changed, swap.slotId, (slot) => {
          const next = withDrill(slot, found.drill, rung);
          const before = library.byId.get(slot.drillId);
          // A minute that was rolled is not a minute that is held.
          const isHeld = isStaticHold(found.drill) && before !== undefined && !isStaticHold(before);
          return isHeld ? { ...next, dose: found.drill.usual.dose } : next;
        });
      }, circuit);
    case 'before': {
      const to = placeOf(circuit, fix.otherId);
      return to ? moveLine(circuit, fix.slotId, to) : circuit;
    }
    case 'order':
      return fix.orders.reduce(
        (changed, { blockId, lineIds }) =>
          changeBlock(changed, blockId, (block) => {
            const ordered = lineIds.flatMap((id) => block.lines.filter((line) => line.id === id));
            return ordered.length === block.lines.length ? { ...block, lines: ordered } : block;
          }),
        circuit,
      );
    case 'block order': {
      const ordered = fix.blockIds.flatMap((id) => circuit.blocks.filter((block) => block.id === id));
      return ordered.length === circuit.blocks.length ? { ...circuit, blocks: ordered } : circuit;
    }
  }
}
