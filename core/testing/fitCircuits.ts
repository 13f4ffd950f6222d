import fc from 'fast-check';
import { APPROACHES } from '../approach/approaches.ts';
import { newBlock } from '../circuit/edit.ts';
import { emptyCircuit, type Block, type Circuit, type Slot } from '../circuit/circuit.ts';
import { usualSlot } from '../circuit/slot.ts';
import type { Dose } from '../dose/dose.ts';
import type { Drill } from '../drills/drill.ts';
import type { Kit } from '../drills/kit.ts';
import { libraryOf } from '../drills/library.ts';
import { PHASES, type Phase } from '../drills/phase.ts';
import { POSTURES } from '../drills/posture.ts';
import { TARGETS, type Target } from '../drills/target.ts';
import type { Occasion } from '../occasion/occasion.ts';
import { occasionOf } from '../occasion/occasion.ts';
import { just } from '../units.ts';
import { repsOf, testDrill, timeOf } from './drills.ts';

/** What the whole body needs, in the order the invented drills serve it. */
const SERVED: readonly Target[] = [
  'system · pulse',
  'hip · flexion',
  'ankle · dorsiflexion',
  'thoracic · rotation',
  'shoulder · overhead',
  'glutes · activation',
  'trunk · activation',
  'pattern · squat',
  'pattern · lunge',
  'pattern · push',
];

/** Two dozen invented drills that differ in everything a fit depends on. */
export const fitDrills: readonly Drill[] = Array.from({ length: 24 }, (_, at) => {
  const pick = <Item>(items: readonly Item[], step: number): Item => {
    const item = items[(at * step) % items.length];
    if (item === undefined) throw new Error('There is nothing to pick from.');
    return item;
  };
  const kits: readonly (readonly Kit[])[] = [[], [], [], ['loop band'], ['rope'], ['mat'], ['partner']];
  const dose: Dose = at % 3 === 0 ? timeOf(30 + (at % 5) * 5) : repsOf(6 + (at % 6));
  return testDrill({
    name: `Invented ${String.fromCharCode(65 + at)}`,
    phases: [pick(PHASES, 1), pick(PHASES, 5)],
    posture: pick(POSTURES, 3),
    kit: pick(kits, 1),
    sidesAllowed: at % 2 === 0 ? ['both', 'each', 'alternate'] : ['each', 'alternate'],
    usual: { dose, sides: at % 4 === 1 ? 'each' : at % 4 === 3 ? 'alternate' : 'both' },
    shortestUseful: 8 + (at % 4) * 3,
    effort: 2 + (at % 5),
    targets: { [pick(SERVED, 1)]: 0.9, [pick(SERVED, 3)]: 0.5, [pick(TARGETS, 7)]: 0.3 },
  });
});

/** Drills that serve much at once, for any phase: what may stand for two neighbours. */
const compounds: readonly Drill[] = Array.from({ length: SERVED.length }, (_, at) =>
  testDrill({
    name: `Invented compound ${String(at + 1)}`,
    phases: [...PHASES],
    usual: { dose: timeOf(20 + at), sides: 'both' },
    shortestUseful: 12,
    effort: 2,
    targets: Object.fromEntries([0, 1, 2, 3, 4].map((on) => [SERVED[(at + on * 3) % SERVED.length], 0.9])),
  }),
);

export const fitLibrary = libraryOf([...fitDrills, ...compounds]);

/** An occasion to fit for, by an approach, for anybody. */
export function fitOccasion(approach: (typeof APPROACHES)[number] = APPROACHES[0]): Occasion {
  return occasionOf({ library: fitLibrary, approach });
}

const span = (low: number, high: number) => ({ low: Math.min(low, high), high: Math.max(low, high) });
const count = (least: number, most: number) => fc.integer({ min: least, max: most });

const anyFitDose: fc.Arbitrary<Dose> = fc.oneof(
  {
    weight: 3,
    arbitrary: fc.tuple(count(3, 9), count(0, 4)).map(([fives, more]) => timeOf(fives * 5, fives * 5 + more * 5)),
  },
  { weight: 4, arbitrary: fc.tuple(count(4, 12), count(0, 3)).map(([least, more]) => repsOf(least, least + more)) },
  {
    weight: 1,
    arbitrary: fc.record({
      kind: fc.constant('holds' as const),
      count: fc.tuple(count(1, 3), count(1, 3)).map(([one, other]) => span(one, other)),
      positions: count(1, 2),
      hold: count(5, 12).map(just),
      move: fc.constant(2),
    }),
  },
  {
    weight: 1,
    arbitrary: fc.record({
      kind: fc.constant('distance' as const),
      length: fc.constant({ of: 'lane' as const }),
      lengths: count(1, 4).map((pairs) => just(2 * pairs)),
      pace: fc.constant({ amount: 1.5, unit: 'm/s' as const }),
      percents: fc.constant([]),
      step: fc.constant(null),
    }),
  },
  {
    weight: 1,
    arbitrary: fc.constant({
      kind: 'lift' as const,
      load: 60,
      unit: 'kg' as const,
      reps: 5,
      steps: [
        { percent: 40, reps: 5 },
        { percent: 60, reps: 3 },
        { percent: 80, reps: 2 },
      ] as const,
    }),
  },
);

function anyFitSlot(drill: Drill, id: string): fc.Arbitrary<Slot> {
  return fc
    .record({
      dose: anyFitDose,
      sides: fc.constantFrom(...drill.sidesAllowed),
      rest: fc.constantFrom(0, 0, 0, 5, 15),
      sets: fc.constantFrom(just(1), just(1), just(2)),
      setRest: fc.constantFrom(0, 10),
      runsOn: fc.constantFrom(false, false, false, true),
      pin: fc.constantFrom('none', 'none', 'none', 'none', 'drill', 'dose'),
      optional: fc.constantFrom(false, false, false, true),
      shownFirst: fc.constantFrom(false, false, false, false, true),
    })
    .map(({ pin, ...parts }) => ({
      ...usualSlot(drill, id),
      ...parts,
      pinned: pin !== 'none',
      doseKept: pin === 'dose',
      sides: parts.dose.kind === 'lift' ? ('both' as const) : parts.sides,
      sets: parts.dose.kind === 'lift' ? just(1) : parts.sets,
    }));
}

/** One interval, or one count, for a whole block. */
const anyCommonDose: fc.Arbitrary<Dose> = fc.constantFrom(timeOf(30), timeOf(20, 30), repsOf(7), repsOf(8, 12));

function anyFitBlock(id: string, phase: Phase, drills: readonly Drill[], most: number): fc.Arbitrary<Block> {
  return fc.record({
    id: fc.constant(id),
    phase: fc.constant(phase),
    rounds: count(1, most).map(just),
    roundRest: fc.constantFrom(0, 0, 10),
    stations: fc.constantFrom(false, false, false, false, false, true),
    noGaps: fc.constantFrom(false, false, false, true),
    pick: fc.constant(null),
    pickWithin: fc.constant(null),
    lines: fc
      .tuple(
        fc.option(anyCommonDose, { freq: 3 }),
        fc.tuple(...drills.map((drill, at) => anyFitSlot(drill, `${id}-${at}`))),
      )
      .map(([dose, slots]) => (dose ? slots.map((slot) => ({ ...slot, dose, sets: just(1) })) : slots)),
  });
}

/** Circuits of a number of slots, with rounds, rests, sides, sets, stations, pins and every phase. */
export function anyFitCircuit(least: number, most: number, rounds = 3): fc.Arbitrary<Circuit> {
  return fc
    .record({
      drills: fc.shuffledSubarray([...fitDrills], { minLength: least, maxLength: most }),
      cuts: fc.array(count(1, 4), { minLength: most, maxLength: most }),
      phases: fc.shuffledSubarray([...PHASES], { minLength: 6 }),
      inOrder: fc.boolean(),
      somebodyNew: fc.boolean(),
      slowToFloor: fc.boolean(),
      noGaps: fc.constantFrom(false, false, false, true),
    })
    .chain(({ drills, cuts, phases, inOrder, ...who }) => {
      const runs: (readonly Drill[])[] = [];
      for (let from = 0, at = 0; from < drills.length; at += 1) {
        const size = cuts[at] ?? 1;
        runs.push(drills.slice(from, from + size));
        from += size;
      }
      const order = inOrder ? PHASES : phases;
      return fc
        .tuple(...runs.map((run, at) => anyFitBlock(`b${at}`, order[at % order.length] ?? 'mobilise', run, rounds)))
        .map((blocks): Circuit => ({ ...emptyCircuit('Random'), ...who, blocks }));
    });
}

/** Any of the approaches. */
export const anyApproach = fc.constantFrom(...APPROACHES);

/** A block of one phase. */
export function blockOf(phase: Phase, lines: readonly Slot[], change: Partial<Block> = {}): Block {
  return { ...newBlock(`block-${phase}`, phase), lines, ...change };
}
