import fc from 'fast-check';
import { APPROACHES } from '../approach/approaches.ts';
import { takesAim, type Aim } from '../circuit/aim.ts';
import { emptyCircuit, type Block, type Circuit, type Line, type Slot } from '../circuit/circuit.ts';
import { usualSlot } from '../circuit/slot.ts';
import { LENGTH_UNITS, SPEED_UNITS, type Measure } from '../dose/distance.ts';
import { LOAD_UNITS } from '../dose/lift.ts';
import { RAMP_UNITS, type RampDose } from '../dose/ramp.ts';
import { GROWING, takesExtra, type Dose, type Extra, type Tempo } from '../dose/dose.ts';
import { BAND_STRENGTHS } from '../drills/inHand.ts';
import { PHASES } from '../drills/phase.ts';
import { just, type Range } from '../units.ts';
import { testLibrary } from './drills.ts';

/** A range between two whole numbers. */
function range(least: number, most: number): fc.Arbitrary<Range> {
  return fc
    .tuple(fc.integer({ min: least, max: most }), fc.integer({ min: least, max: most }))
    .map(([one, other]) => ({ low: Math.min(one, other), high: Math.max(one, other) }));
}

/** Half seconds from `least` half seconds up. */
function halves(least: number, most: number): fc.Arbitrary<number> {
  return fc.integer({ min: least, max: most }).map((half) => half / 2);
}

const tempo: fc.Arbitrary<Tempo> = fc.oneof(
  halves(1, 16).map((seconds) => ({ kind: 'even' as const, seconds })),
  fc.record({ kind: fc.constant('phased' as const), lower: halves(1, 8), hold: halves(0, 8), lift: halves(1, 8) }),
);

const measure: fc.Arbitrary<Measure> = fc.record({ amount: halves(1, 60), unit: fc.constantFrom(...LENGTH_UNITS) });

const liftStep = fc.record({ percent: fc.integer({ min: 1, max: 120 }), reps: fc.integer({ min: 1, max: 12 }) });

const count = fc.integer({ min: 1, max: 60 });
const aimOf = (counts: readonly number[]): Aim => {
  const [gentler = 1, planned = gentler, more = planned] = counts.toSorted((one, other) => one - other);
  return { gentler, planned, more };
};

/** Every kind of dose. */
export const anyDose: fc.Arbitrary<Dose> = fc.oneof(
  fc.record({ kind: fc.constant('time' as const), seconds: range(1, 300) }),
  fc.record({ kind: fc.constant('feel' as const), seconds: range(1, 300) }),
  fc.record({ kind: fc.constant('reps' as const), count: range(1, 40), tempo }),
  fc.record({
    kind: fc.constant('holds' as const),
    count: range(1, 6),
    positions: fc.integer({ min: 1, max: 5 }),
    hold: range(1, 60),
    move: halves(0, 8),
  }),
  fc.record({
    kind: fc.constant('distance' as const),
    length: fc.oneof(
      fc.constantFrom({ of: 'lane' as const }, { of: 'lap' as const }),
      measure.map((of) => ({ of: 'measure' as const, measure: of })),
    ),
    lengths: range(1, 12),
    pace: fc.record({ amount: halves(1, 20), unit: fc.constantFrom(...SPEED_UNITS) }),
    percents: fc.oneof(fc.constant([]), fc.array(fc.integer({ min: 10, max: 100 }), { minLength: 1, maxLength: 4 })),
    step: fc.option(measure),
  }),
  fc.record({
    kind: fc.constant('lift' as const),
    load: halves(1, 500),
    unit: fc.constantFrom(...LOAD_UNITS),
    reps: fc.integer({ min: 1, max: 12 }),
    steps: fc.tuple(liftStep, liftStep, liftStep).map(([one, ...rest]) => [one, ...rest] as const),
  }),
  fc
    .record({
      unit: fc.constantFrom(...RAMP_UNITS),
      from: halves(0, 20),
      to: halves(0, 20),
      grade: halves(0, 30),
      steeper: fc.option(halves(0, 30)),
      each: range(5, 90),
      steps: fc.integer({ min: 1, max: 12 }),
      uneven: fc.option(fc.array(halves(2, 180), { minLength: 2, maxLength: 12 })),
    })
    .map(({ grade, steeper, steps, each, uneven, ...climb }): RampDose => {
      const sloped = climb.unit !== 'effort';
      const ends = sloped && steeper !== null && steeper !== grade ? { gradeTo: steeper } : {};
      const long = uneven ? { steps: uneven.length, each: just(uneven[0] ?? 1), uneven } : { steps, each };
      return { kind: 'ramp', ...climb, grade: sloped ? grade : 0, ...ends, ...long };
    }),
);

const words = fc
  .string({ maxLength: 24 })
  .map((text) => text.replaceAll(/\s+/g, ' ').trim())
  .filter((text) => !/[\r\n]/.test(text));

const extra: fc.Arbitrary<Extra> = fc.record({
  side: fc.constantFrom('left' as const, 'right' as const),
  more: fc.integer({ min: 1, max: 9 }),
});

/** Slots with everything the whiteboard can express. */
export function anySlot(id: string): fc.Arbitrary<Slot> {
  return fc
    .record({
      drill: fc.constantFrom(...testLibrary.drills),
      dose: anyDose,
      sides: fc.constantFrom('both' as const, 'each' as const, 'alternate' as const),
      extra: fc.option(extra),
      sets: fc.oneof(fc.constant({ low: 1, high: 1 }), range(1, 4)),
      setRest: fc.oneof(fc.constant(10), halves(0, 60)),
      rest: fc.oneof(fc.constant(0), halves(0, 60)),
      runsOn: fc.boolean(),
      pin: fc.constantFrom('none', 'drill', 'dose'),
      optional: fc.boolean(),
      shownFirst: fc.boolean(),
      cue: fc.oneof(fc.constant(''), words),
      guess: fc.oneof({ weight: 3, arbitrary: fc.constant('') }, { weight: 1, arbitrary: words }),
      rungAt: fc.nat({ max: 6 }),
      growing: fc.option(fc.constantFrom(...GROWING)),
      aims: fc.option(fc.tuple(count, count, count)),
      load: fc.option(fc.record({ amount: halves(1, 200), unit: fc.constantFrom(...LOAD_UNITS) })),
      band: fc.option(fc.constantFrom(...BAND_STRENGTHS)),
      height: fc.option(measure),
    })
    .map(({ drill, extra, rungAt, pin, aims, ...rest }) => ({
      ...usualSlot(drill, id),
      ...rest,
      pinned: pin !== 'none',
      doseKept: pin === 'dose',
      aim: aims && takesAim(rest.dose) ? aimOf(aims) : null,
      rung: drill.ladder.filter(({ rung }) => rung !== 0)[rungAt]?.id ?? '',
      // More of one side means something only where sides are counted, and there is no more of a ramp.
      extra: rest.sides === 'both' || !takesExtra(rest.dose) ? null : extra,
    }));
}

const unreadTexts = ['wobble dance 30s', 'zigzag 8 @', 'blorp', '???', 'rest'] as const;

function anyLine(id: string): fc.Arbitrary<Line> {
  return fc.oneof(
    { weight: 6, arbitrary: anySlot(id) },
    { weight: 1, arbitrary: fc.constantFrom(...unreadTexts).map((text) => ({ kind: 'unread' as const, id, text })) },
  );
}

function anyBlock(at: number, most: number): fc.Arbitrary<Block> {
  const record = fc.record({
    id: fc.constant(`block-${at}`),
    phase: fc.constantFrom(...PHASES),
    rounds: fc.oneof(fc.constant({ low: 1, high: 1 }), range(1, 4)),
    roundRest: fc.oneof(fc.constant(0), halves(0, 60)),
    stations: fc.boolean(),
    noGaps: fc.boolean(),
    pick: fc.oneof(
      { weight: 3, arbitrary: fc.constant(null) },
      { weight: 1, arbitrary: fc.integer({ min: 1, max: 3 }) },
    ),
    pickWithin: fc.oneof(
      { weight: 5, arbitrary: fc.constant(null) },
      { weight: 1, arbitrary: fc.integer({ min: 1, max: 600 }) },
    ),
    lines: fc
      .integer({ min: 0, max: most })
      .chain((count) => fc.tuple(...Array.from({ length: count }, (_, index) => anyLine(`line-${at}-${index}`)))),
  });
  return record.map((block) => (block.pickWithin === null ? block : { ...block, pick: block.pick ?? 1 }));
}

/** Whole circuits, with headings, unread lines and blocks of every phase. */
export const anyCircuit: fc.Arbitrary<Circuit> = fc
  .record({
    title: words.filter((title) => title !== ''),
    purpose: words,
    tags: fc.subarray(['morning', 'no kit', 'rain']),
    approach: fc.constantFrom('', ...APPROACHES.map(({ id }) => id)),
    available: fc.integer({ min: 0, max: 3600 }),
    clock: fc.option(
      fc.record({ of: fc.constantFrom('start' as const, 'end' as const), minute: fc.integer({ min: 0, max: 1439 }) }),
    ),
    people: fc.integer({ min: 0, max: 40 }),
    lanes: fc.integer({ min: 0, max: 8 }),
    somebodyNew: fc.boolean(),
    slowToFloor: fc.boolean(),
    namesOnly: fc.boolean(),
    noGaps: fc.boolean(),
    blocks: fc
      .integer({ min: 0, max: 5 })
      .chain((count) => fc.tuple(...Array.from({ length: count }, (_, index) => anyBlock(index, 5)))),
  })
  .map((parts) => ({ ...emptyCircuit(parts.title), ...parts }));
