import { kitName, type Kit } from '../drills/kit.ts';
import type { DrillLibrary } from '../drills/library.ts';
import { drillIn } from '../drills/onRung.ts';
import { allSlots, type Circuit } from './circuit.ts';

/** What is part of a room, and lies ready anyway. */
const IN_THE_ROOM: ReadonlySet<Kit> = new Set<Kit>(['wall', 'lane', 'line', 'partner']);

/** The things that a circuit needs put out, in words, each once, in the order in which they are needed. */
export function kitOf(circuit: Circuit, library: DrillLibrary): readonly string[] {
  const items = allSlots(circuit).flatMap((slot) => drillIn(slot, library)?.kit ?? []);
  return [...new Set(items)].filter((item) => !IN_THE_ROOM.has(item)).map((item) => kitName(item, 2));
}
