import type { Circuit, Slot } from '../circuit/circuit.ts';
import { slotWork } from '../coverage/coverageOf.ts';
import type { Drill, Variant } from '../drills/drill.ts';
import type { DrillLibrary } from '../drills/library.ts';
import type { Phase } from '../drills/phase.ts';
import { floorOf } from '../occasion/floor.ts';
import type { Occasion } from '../occasion/occasion.ts';
import type { Seconds } from '../units.ts';
import type { LimitSide } from '../people/limitation.ts';
import type { SwapReason } from './swapReason.ts';
import { drillIn } from '../drills/onRung.ts';

/** What is done in a slot: a drill on a rung of its ladder. */
export interface Instruction {
  readonly drillId: string;
  readonly variantId: string;
}

/** Something to do instead, for the same seconds. */
export interface Swap extends Instruction {
  /** Another rung of the same ladder, another drill, or only a use for the seconds where nothing has the same purpose. */
  readonly kind: 'rung' | 'drill' | 'use of the time';
  /** The higher the better; above 1 for an easier version of the drill itself. */
  readonly score: number;
  /** Only on this side, the other as planned. */
  readonly side: LimitSide;
  /** What speaks for it and what it changes. */
  readonly reasons: readonly SwapReason[];
  readonly seconds: Seconds;
}

/** A slot as swaps look at it. */
export interface SlotPlace {
  readonly slot: Slot;
  readonly drill: Drill;
  readonly rung: Variant;
  readonly phase: Phase;
  /** Work seconds of one round. */
  readonly seconds: Seconds;
  readonly before: Drill | undefined;
  readonly after: Drill | undefined;
}

/** Which part of a drill's purpose is to be kept: all of it, or what the limbs do that are not limited. */
export type Kept = 'all' | 'legs' | 'arms';

/** A rung that anybody could be given in a slot, with how well it does the slot's job for anybody. */
export interface Candidate {
  readonly drill: Drill;
  readonly rung: Variant;
  /** It is of the planned drill's own ladder. */
  readonly own: boolean;
  /** What it has in common with the planned drill apart from its purpose. */
  readonly score: number;
  /** How much of the purpose it has, by the part of it that is to be kept. */
  readonly likeness: Readonly<Record<Kept, number>>;
}

/** The name of a rung as said aloud: the drill's, with the rung's where it is not the base. */
export function instructionName(drill: Drill, rung: Variant): string {
  return rung.rung === 0 ? drill.name : `${drill.name}: ${rung.name}`;
}

/** The drill and rung of an instruction, where the library has them. */
export function instructed(
  library: DrillLibrary,
  { drillId, variantId }: Instruction,
): { readonly drill: Drill; readonly rung: Variant } | undefined {
  const drill = library.byId.get(drillId);
  const rung = drill?.ladder.find(({ id }) => id === variantId);
  return drill && rung && { drill, rung };
}

/** A circuit's slots in order, with what stands before and after each. Slots of unknown drills are left out. */
export function slotPlaces(circuit: Circuit, occasion: Occasion): readonly SlotPlace[] {
  const { library } = occasion;
  const floor = floorOf(circuit, occasion);
  const known = circuit.blocks.flatMap(({ phase, lines }) =>
    lines.flatMap((line) => {
      const drill = line.kind === 'slot' ? drillIn(line, library) : undefined;
      const rung = drill?.ladder.find(({ rung }) => rung === 0);
      return line.kind === 'slot' && drill && rung ? [{ slot: line, drill, rung, phase }] : [];
    }),
  );
  return known.map((place, index) => ({
    ...place,
    seconds: slotWork(place.slot, floor),
    before: known[index - 1]?.drill,
    after: known[index + 1]?.drill,
  }));
}
