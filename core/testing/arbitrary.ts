import fc from 'fast-check';
import { emptyCircuit, type Block, type Circuit, type Line, type Slot } from '../circuit/circuit.ts';
import { usualSlot } from '../circuit/slot.ts';
import type { Dose, Tempo } from '../dose/dose.ts';
import { PHASES } from '../drills/phase.ts';
import type { Range } from '../units.ts';
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
);

const words = fc
  .string({ maxLength: 24 })
  .map((text) => text.replaceAll(/\s+/g, ' ').trim())
  .filter((text) => !/[\r\n]/.test(text));

/** Slots with everything the whiteboard can express. */
export function anySlot(id: string): fc.Arbitrary<Slot> {
  return fc
    .record({
      drill: fc.constantFrom(...testLibrary.drills),
      dose: anyDose,
      sides: fc.constantFrom('both' as const, 'each' as const, 'alternate' as const),
      sets: fc.oneof(fc.constant({ low: 1, high: 1 }), range(1, 4)),
      setRest: fc.oneof(fc.constant(10), halves(0, 60)),
      rest: fc.oneof(fc.constant(0), halves(0, 60)),
      pinned: fc.boolean(),
      optional: fc.boolean(),
      cue: fc.oneof(fc.constant(''), words),
    })
    .map(({ drill, ...rest }) => ({ ...usualSlot(drill, id), ...rest }));
}

const unreadTexts = ['wobble dance 30s', 'lean 8 @', 'tall reech 8', '90/90', 'rest', 'run 10-8'] as const;

function anyLine(id: string): fc.Arbitrary<Line> {
  return fc.oneof(
    { weight: 6, arbitrary: anySlot(id) },
    { weight: 1, arbitrary: fc.constantFrom(...unreadTexts).map((text) => ({ kind: 'unread' as const, id, text })) },
  );
}

function anyBlock(at: number, most: number): fc.Arbitrary<Block> {
  return fc.record({
    id: fc.constant(`block-${at}`),
    phase: fc.constantFrom(...PHASES),
    rounds: fc.oneof(fc.constant({ low: 1, high: 1 }), range(1, 4)),
    roundRest: fc.oneof(fc.constant(0), halves(0, 60)),
    lines: fc
      .integer({ min: 0, max: most })
      .chain((count) => fc.tuple(...Array.from({ length: count }, (_, index) => anyLine(`line-${at}-${index}`)))),
  });
}

/** Whole circuits, with headings, unread lines and blocks of every phase. */
export const anyCircuit: fc.Arbitrary<Circuit> = fc
  .record({
    title: words.filter((title) => title !== ''),
    purpose: words,
    available: fc.integer({ min: 0, max: 3600 }),
    people: fc.integer({ min: 0, max: 40 }),
    lanes: fc.integer({ min: 0, max: 8 }),
    blocks: fc
      .integer({ min: 0, max: 5 })
      .chain((count) => fc.tuple(...Array.from({ length: count }, (_, index) => anyBlock(index, 5)))),
  })
  .map((parts) => ({ ...emptyCircuit(parts.title), ...parts }));
