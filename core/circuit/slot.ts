import type { Drill } from '../drills/drill.ts';
import type { Dose } from '../dose/dose.ts';
import { usualSetRest } from '../dose/trade.ts';
import { just, secondsAt, type Count, type Seconds } from '../units.ts';
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
    aim: null,
    growing: null,
    load: null,
    band: null,
    height: null,
    sets: just(1),
    setRest: usualSetRest(drill.usual.dose),
    rest: 0,
    runsOn: false,
    shownFirst: false,
    pinned: false,
    doseKept: false,
    optional: false,
    cue: '',
    said: [],
    guide: null,
    guess: '',
    tracks: [],
  };
}

/**
 * A slot with another drill in it, or another rung of its own: its place, marks, sets and rest stay, and its seconds where
 * both are done for a time; else the drill has its usual dose. What was said of the old drill goes with it.
 *
 * @param rung the id of a rung; empty for the drill as named
 */
export function withDrill(slot: Slot, drill: Drill, rung: string): Slot {
  if (drill.id === slot.drillId) return { ...slot, rung };
  const usual = usualSlot(drill, slot.id);
  const timed = slot.dose.kind === 'time' && drill.usual.dose.kind === 'time';
  const { sets, setRest, rest, runsOn, pinned, doseKept, optional } = slot;
  return {
    ...usual,
    rung,
    dose: timed ? slot.dose : usual.dose,
    ...{ sets, setRest, rest, runsOn, pinned, doseKept, optional },
  };
}

/** A slot with another dose: who has fewer seconds aims at fewer, who has more at more, and nobody at none. */
export function withDose(slot: Slot, dose: Dose): Slot {
  const { aim } = slot;
  if (!aim) return { ...slot, dose };
  const [before, after] = [secondsOf(slot.dose), secondsOf(dose)];
  if (before === undefined || after === undefined) return { ...slot, dose, aim: null };
  const share = after / before;
  const scaled = (count: Count): Count => Math.max(1, Math.round(count * share));
  return { ...slot, dose, aim: { gentler: scaled(aim.gentler), planned: scaled(aim.planned), more: scaled(aim.more) } };
}

const secondsOf = (dose: Dose): Seconds | undefined =>
  dose.kind === 'time' || dose.kind === 'feel' ? secondsAt(dose.seconds, 'plan') : undefined;
