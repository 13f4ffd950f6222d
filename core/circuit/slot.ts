import type { Drill } from '../drills/drill.ts';
import { usualSetRest } from '../dose/trade.ts';
import { just } from '../units.ts';
import type { Slot } from './circuit.ts';

/** A slot that gives a drill its usual dose. */
export function usualSlot(drill: Drill, id: string): Slot {
  return {
    kind: 'slot',
    id,
    drillId: drill.id,
    rung: '',
    dose: drill.usual.dose,
    sides: drill.usual.sides,
    extra: null,
    growing: null,
    load: null,
    band: null,
    height: null,
    sets: just(1),
    setRest: usualSetRest(drill.usual.dose),
    rest: 0,
    runsOn: false,
    pinned: false,
    doseKept: false,
    optional: false,
    cue: '',
    guess: '',
    tracks: [],
  };
}
