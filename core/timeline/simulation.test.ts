import fc from 'fast-check';
import { expect, it } from 'vitest';
import type { Circuit, Slot } from '../circuit/circuit.ts';
import { slotsOf } from '../circuit/circuit.ts';
import type { Dose } from '../dose/dose.ts';
import { anyCircuit } from '../testing/arbitrary.ts';
import { testLibrary } from '../testing/drills.ts';
import { occasionOf, USUAL_PACE } from '../occasion/occasion.ts';
import { timeCircuit } from './timeCircuit.ts';

/*
 * A second counter that shares nothing with the first: it does what people do, one event after another, with the numbers of
 * model.md written out once more, and looks at its watch at the end.
 */
const RANK: Readonly<Record<string, number>> = {
  standing: 0,
  squat: 0,
  'half-kneeling': 1,
  kneeling: 1,
  quadruped: 2,
  plank: 2,
  seated: 3,
  supine: 3,
  prone: 3,
  'side-lying': 3,
};
const UP: Readonly<Record<string, number>> = { 'loop band': 8 };
const DOWN: Readonly<Record<string, number>> = { 'loop band': 3 };
const STAYS = new Set(['mat', 'wall', 'chair', 'bench', 'step', 'lane', 'line', 'partner', 'barbell']);
const METRES: Readonly<Record<string, number>> = { m: 1, cm: 0.01, yd: 0.9144, ft: 0.3048, in: 0.0254 };
const SPEED: Readonly<Record<string, number>> = { 'm/s': 1, 'km/h': 1000 / 3600, mph: 1609.344 / 3600 };

type End = 'low' | 'plan' | 'high';
const count = ({ low, high }: { low: number; high: number }, end: End): number =>
  end === 'plan' ? Math.round((low + high) / 2) : end === 'low' ? low : high;
const halfUp = (seconds: number): number => Math.ceil(seconds * 2 - 0.000001) / 2;
const long = ({ low, high }: { low: number; high: number }, end: End): number =>
  end === 'plan' ? halfUp((low + high) / 2) : end === 'low' ? low : high;

function doOneSide(dose: Dose, more: number, end: End, waves: number): number {
  let watch = 0;
  switch (dose.kind) {
    case 'time':
    case 'feel':
      return long(dose.seconds, end) + more;
    case 'reps':
      for (let rep = 0; rep < count(dose.count, end) + more; rep++) {
        if (dose.tempo.kind === 'even') watch += dose.tempo.seconds;
        else for (const part of [dose.tempo.lower, dose.tempo.hold, dose.tempo.lift]) watch += part;
      }
      return watch;
    case 'holds':
      for (let time = 0; time < count(dose.count, end) + more; time++) {
        for (let position = 0; position < dose.positions; position++) watch += dose.move + long(dose.hold, end);
      }
      return watch;
    case 'distance': {
      const { length, pace, percents } = dose;
      const metres =
        length.of === 'lane'
          ? 9.144
          : length.of === 'lap'
            ? 18.288
            : length.measure.amount * (METRES[length.measure.unit] ?? 0);
      const lengths = count(dose.lengths, end) + more;
      for (let run = 0; run < lengths; run++) {
        if (run > 0) watch += 2;
        const percent = percents.length > 0 ? (percents[run % percents.length] ?? 0) : 100;
        watch += metres / ((pace.amount * (SPEED[pace.unit] ?? 0) * percent) / 100);
      }
      for (let wave = 1; wave < waves; wave++) watch += 5;
      return halfUp(watch);
    }
    case 'lift':
      throw new Error('A lift is done set by set.');
    case 'ramp':
      for (let step = 0; step < dose.steps; step++) watch += dose.uneven?.[step] ?? long(dose.each, end);
      return watch;
  }
}

function doSet({ dose, sides, extra }: Slot, posture: string, end: End, waves: number, turn: number): number {
  const more = (side: string): number => (extra && extra.side === side ? extra.more : 0);
  const one = (by = 0): number => doOneSide(dose, by, end, waves);
  if (sides === 'both') return one();
  if (sides === 'each') return one(more('left')) + turn * (low(posture) < 2 ? 3 : 5) + one(more('right'));
  return dose.kind === 'reps' || dose.kind === 'holds' ? one() + one(extra?.more ?? 0) : one();
}

/** A slot from its first repetition to its last, in pairs where a partner is asked for. */
/** A rest after timed work is the clock's; any other is as long as the coach lets it. */
const rested = (written: number, { dose }: Pick<Slot, 'dose'>, rest: number): number =>
  dose.kind === 'time' ? written : halfUp(written * rest);

function doSlot(slot: Slot, end: End, waves: number, turn: number, rest: number): number {
  const drill = testLibrary.byId.get(slot.drillId);
  if (!drill) return 0;
  const doses: Dose[] = [];
  for (let time = 0; time < count(slot.sets, end); time++) {
    if (slot.dose.kind !== 'lift') doses.push(slot.dose);
    else
      for (const { reps } of slot.dose.steps) doses.push({ kind: 'time', seconds: { low: 3 * reps, high: 3 * reps } });
  }
  const sets = doses.length;
  let watch = 0;
  for (let set = 1; set <= sets; set++) {
    const dose = doses[set - 1];
    if (!dose) continue;
    // Sides that alternate count repetitions for each side, whatever they are timed as here.
    const once = doSet({ ...slot, dose }, placeOf(drill), end, waves, turn);
    const whole = slot.dose.kind === 'lift' && slot.sides === 'alternate' ? 2 * once : once;
    watch += whole;
    if (drill.kit.includes('partner')) watch += (low(placeOf(drill)) < 2 ? 3 : 5) + whole;
    if (set < sets) watch += rested(slot.setRest, slot, rest);
  }
  return watch;
}

/** What is carried or worn for a slot: what the drill needs, and what was put in people's hands or on their legs. */
function kitOf({ load, band }: Slot, needs: readonly string[]): readonly string[] {
  const weights = ['light plate', 'kettlebell', 'medicine ball', 'barbell', 'dumbbell'];
  const has = (kit: readonly string[]) => needs.some((item) => kit.includes(item));
  return [
    ...needs,
    ...(load && !has(weights) ? ['dumbbell'] : []),
    ...(band && !has(['loop band', 'long band']) ? ['loop band'] : []),
  ];
}

/** Where people are in a drill: on a chair they do not sit on the floor. */
const placeOf = ({ posture, kit }: { readonly posture: string; readonly kit: readonly string[] }): string =>
  posture === 'seated' && kit.includes('chair') ? 'on a chair' : posture;
const low = (place: string): number => (place === 'on a chair' ? 1 : (RANK[place] ?? 0));

function simulate(circuit: Circuit, end: End, rest: number): number {
  const waves = circuit.people > 0 && circuit.lanes > 0 ? Math.ceil(circuit.people / circuit.lanes) : 1;
  let [watch, lastWork, posture, held] = [0, 0, 'standing', [] as readonly string[]];
  for (const block of circuit.blocks) {
    const slots = slotsOf(block).filter(({ drillId }) => testLibrary.byId.has(drillId));
    const rounds = count(block.rounds, end);
    for (let round = 1; round <= rounds && slots.length > 0; round++) {
      for (const slot of slots) {
        const drill = testLibrary.byId.get(slot.drillId);
        if (!drill) continue;
        const apart = Math.abs(low(posture) - low(placeOf(drill)));
        let moving = posture === placeOf(drill) ? 0 : ([3, 4, 6, 8][apart] ?? 0) * (circuit.slowToFloor ? 1.5 : 1);
        const kit = kitOf(slot, drill.kit);
        for (const item of held) if (!kit.includes(item) && !STAYS.has(item)) moving += DOWN[item] ?? 2;
        for (const item of kit) if (!held.includes(item) && !STAYS.has(item)) moving += UP[item] ?? 5;
        const running = circuit.noGaps ? lastWork > 0 : block.noGaps && (round > 1 || slot !== slots[0]);
        if (!running)
          watch += halfUp(
            slot.runsOn && slot !== slots[0]
              ? moving
              : Math.max(
                  moving,
                  round > 1 ? 2 : circuit.somebodyNew || slot.shownFirst ? 10 : circuit.namesOnly ? 2 : 3,
                ),
          );
        [posture, held] = [placeOf(drill), kit];
        const turn = circuit.noGaps || block.noGaps ? 0 : 1;
        const busy = doSlot(slot, end, waves, turn, rest);
        watch += busy;
        lastWork = watch;
        if (block.stations) watch += Math.max(...slots.map((other) => doSlot(other, end, waves, turn, rest))) - busy;
        watch += rested(slot.rest, slot, rest);
      }
      if (round < rounds) watch += halfUp(block.roundRest * rest);
    }
  }
  return lastWork;
}

it('a plain event-by-event simulation agrees with timeCircuit on 2,000 random circuits with every kind of dose', () => {
  const occasion = occasionOf({ library: testLibrary });
  fc.assert(
    fc.property(anyCircuit, fc.constantFrom(1, 1, 0.7, 1.35), (circuit, rest) => {
      const { total } = timeCircuit(circuit, { ...occasion, habits: { ...USUAL_PACE, rest } });
      for (const end of ['low', 'plan', 'high'] as const)
        expect(total[end]).toBeCloseTo(simulate(circuit, end, rest), 6);
    }),
    { numRuns: 2000 },
  );
});
