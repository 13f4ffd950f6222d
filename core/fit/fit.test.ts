import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { APPROACHES } from '../approach/approaches.ts';
import { allSlots, emptyCircuit, type Circuit, type Slot } from '../circuit/circuit.ts';
import { EMPHASES, PLAIN_RECIPE, READINGS, type FitRecipe } from '../circuit/shortVersion.ts';
import { usualSlot } from '../circuit/slot.ts';
import { baseOf } from '../drills/drill.ts';
import { ceilingsOf } from '../people/ceilings.ts';
import type { Phase } from '../drills/phase.ts';
import { floorOf } from '../occasion/floor.ts';
import { permits } from '../people/conflictsOf.ts';
import { anyApproach, anyFitCircuit, blockOf, fitOccasion, fitDrills, fitLibrary } from '../testing/fitCircuits.ts';
import { anyPerson, TEST_DAY } from '../testing/people.ts';
import { often } from '../testing/often.ts';
import { repsOf, testSlot, timeOf } from '../testing/drills.ts';
import { timeCircuit } from '../timeline/timeCircuit.ts';
import { just } from '../units.ts';
import { builtCircuit } from './plan/build.ts';
import { choicesOf } from './search/choices.ts';
import { fitCircuit } from './fitCircuit.ts';
import { fitCurve, stepAt } from './search/fitCurve.ts';
import { frontierOf } from './search/frontier.ts';
import { changesOf, movesOf } from './outcome/moves.ts';
import { fractionOf, oneSide } from './plan/dosage.ts';
import { AS_PLANNED, type Plan } from './plan/plan.ts';
import { taskOf } from './search/taskOf.ts';
import { planValue, shareOf } from './search/value.ts';

const anyRecipe: fc.Arbitrary<FitRecipe> = fc.record({
  reading: fc.constantFrom(...READINGS),
  emphasis: fc.constantFrom(...EMPHASES),
  refused: fc.constant([]),
});
const anyCircuit = anyFitCircuit(2, 8);

describe('every plan on a curve', () => {
  it('takes exactly the seconds it says, is worth what it says, and the next is longer and worth more', () => {
    fc.assert(
      fc.property(anyCircuit, anyApproach, anyRecipe, (circuit, approach, recipe) => {
        const occasion = fitOccasion(approach);
        const { steps, planned } = fitCurve(circuit, occasion, recipe);
        const set = choicesOf(circuit, occasion, recipe, 'shorter');
        const whole = planValue(AS_PLANNED, set);
        for (const [at, { seconds, share, plan }] of steps.entries()) {
          expect(timeCircuit(builtCircuit(circuit, plan, occasion), occasion).total.plan).toBe(seconds);
          if (seconds <= planned) expect(shareOf(planValue(plan, set), whole)).toBe(share);
          expect(seconds).toBeGreaterThan(steps[at - 1]?.seconds ?? 0);
          expect(share).toBeGreaterThan(steps[at - 1]?.share ?? -1);
        }
      }),
      { numRuns: 60 },
    );
  });

  it('keeps pins, a slot of every essential part and the order, and adds nothing that somebody may not do', () => {
    fc.assert(
      fc.property(anyCircuit, anyApproach, fc.array(anyPerson, { maxLength: 4 }), (circuit, approach, people) => {
        const ceilings = people.map((person) => ceilingsOf(person, TEST_DAY));
        const occasion = { ...fitOccasion(approach), ceilings };
        const before = allSlots(circuit);
        const phases = new Set(circuit.blocks.map(({ phase }) => phase));
        for (const { plan } of fitCurve(circuit, occasion).steps) {
          const built = builtCircuit(circuit, plan, occasion);
          const after = allSlots(built);
          const ids = after.map(({ id }) => id);
          expect(before.filter(({ id }) => ids.includes(id)).map(({ id }) => id)).toEqual(ids);
          for (const { id } of before.filter(({ pinned }) => pinned)) expect(ids).toContain(id);
          const left = new Set(built.blocks.map(({ phase }) => phase));
          for (const phase of approach.essential) if (phases.has(phase)) expect(left).toContain(phase);
          for (const { id, drillId } of after) {
            if (before.some((slot) => slot.id === id && slot.drillId === drillId)) continue;
            const drill = fitLibrary.byId.get(drillId);
            expect(drill && ceilings.every((limits) => permits(baseOf(drill), limits))).toBe(true);
          }
        }
      }),
      { numRuns: 40 },
    );
  });

  it('changes nothing at the full length, and is the same every time', () => {
    fc.assert(
      fc.property(anyCircuit, anyApproach, anyRecipe, (circuit, approach, recipe) => {
        const occasion = fitOccasion(approach);
        const curve = fitCurve(circuit, occasion, recipe);
        const step = stepAt(curve, curve.planned);
        expect(step && changesOf(step.plan, circuit)).toEqual([]);
        expect(step && builtCircuit(circuit, step.plan, occasion)).toEqual(circuit);
        expect(fitCurve(circuit, occasion, recipe)).toEqual(curve);
      }),
      { numRuns: 60 },
    );
  });

  it('tells its moves so that seconds and shares add up, and no move is left of one that was refused', () => {
    fc.assert(
      fc.property(anyCircuit, anyApproach, fc.double({ min: 0, max: 1, noNaN: true }), (marked, approach, at) => {
        // Where going is refused to what is optional, the rest may go after all, which can be worth more.
        const circuit = unmarked(marked);
        const occasion = fitOccasion(approach);
        const { steps, planned } = fitCurve(circuit, occasion);
        const step = steps[Math.floor(at * (steps.length - 1))];
        if (!step || step.seconds > planned) return;
        const moves = movesOf(step.plan, choicesOf(circuit, occasion, PLAIN_RECIPE, 'shorter'));
        const sum = (of: (move: (typeof moves)[number]) => number) => moves.reduce((so, move) => so + of(move), 0);
        expect(sum(({ seconds }) => seconds)).toBeCloseTo(planned - step.seconds, 9);
        expect(sum(({ share }) => share)).toBeCloseTo(1 - step.share, 9);
        const [refused] = moves.toReversed();
        if (!refused) return;
        const again = fitCurve(circuit, occasion, { ...PLAIN_RECIPE, refused: [refused.key] });
        const then = stepAt(again, step.seconds);
        if (!then) return;
        expect(then.share).toBeLessThanOrEqual(step.share);
        expect(changesOf(then.plan, circuit).map(({ key }) => key)).not.toContainEqual(refused.key);
      }),
      { numRuns: 60 },
    );
  });
});

describe('the readings', () => {
  it('keep every drill, or every dose, and the best mix is worth no less than either', () => {
    fc.assert(
      fc.property(anyCircuit, fc.double({ min: 0.3, max: 1, noNaN: true }), (marked, part) => {
        const occasion = fitOccasion();
        // What is optional goes before the rest is cut to pieces, but not where every drill is to stay.
        const circuit = unmarked(marked);
        const seconds = timeCircuit(circuit, occasion).total.plan * part;
        const fit = (reading: FitRecipe['reading']) =>
          fitCircuit(circuit, occasion, seconds, { ...PLAIN_RECIPE, reading });
        const [best, shorten, drop] = [fit('best'), fit('shorten'), fit('drop')];
        for (const other of [shorten, drop]) {
          if (other.kind === 'fitted') expect(best.kind === 'fitted' && best.share).toBeGreaterThanOrEqual(other.share);
        }
        if (shorten.kind === 'fitted') expect(allSlots(shorten.circuit)).toHaveLength(allSlots(circuit).length);
        if (drop.kind === 'fitted')
          expect(allSlots(circuit)).toEqual(expect.arrayContaining([...allSlots(drop.circuit)]));
      }),
      { numRuns: 40 },
    );
  });
});

const unmarked = (circuit: Circuit): Circuit => ({
  ...circuit,
  blocks: circuit.blocks.map((block) => ({
    ...block,
    lines: block.lines.map((line) => (line.kind === 'slot' ? { ...line, optional: false } : line)),
  })),
});

describe('what a coach would never do', () => {
  it('leaves nothing out and cuts nothing by more than a third while something optional stays, and gives one interval alike', () => {
    fc.assert(
      fc.property(anyCircuit, anyApproach, (circuit, approach) => {
        const occasion = fitOccasion(approach);
        const { steps, planned } = fitCurve(circuit, occasion);
        const set = choicesOf(circuit, occasion, PLAIN_RECIPE, 'shorter');
        const floor = floorOf(circuit, occasion);
        for (const { plan, seconds } of steps.filter((step) => step.seconds <= planned)) {
          const after = new Map(allSlots(builtCircuit(circuit, plan, occasion)).map((slot) => [slot.id, slot]));
          for (const { block, places, stations, alike } of set.blocks) {
            const kept = places.flatMap(({ slot }) => after.get(slot.id) ?? []);
            if (alike && !stations) expect(new Set(kept.flatMap(({ id }) => amountIn(plan, id))).size).toBeLessThan(2);
            expect([seconds, block.id, kept.every(isCalled)]).toEqual([seconds, block.id, true]);
          }
          const places = set.blocks.flatMap(({ places: own, block, stations }) =>
            own.map((place) => ({ ...place, phase: block.phase, stations })),
          );
          const needed = (phase: Phase) =>
            approach.essential.includes(phase) &&
            !places.some((one) => one.phase === phase && (!one.slot.optional || !one.mayGo || one.stations));
          const stays = places.some(
            ({ slot, mayGo, phase, stations }) =>
              slot.optional && mayGo && !stations && !needed(phase) && after.has(slot.id),
          );
          if (!stays) continue;
          for (const { slot } of places.filter((one) => !one.slot.optional)) {
            const now = after.get(slot.id);
            expect(now && fractionOf(now, slot, floor, oneSide(slot, floor))).toBeGreaterThanOrEqual(0.65);
          }
        }
      }),
      { numRuns: often(80, 2000) },
    );
  });
});

/** What a slot is given of its dose in a plan; nothing for one that is out. */
function amountIn({ slots }: Plan, id: string): readonly string[] {
  const plan = slots[id];
  return plan?.kind === 'kept' ? [plan.amount] : plan ? [] : ['full'];
}

/** Whether a dose can be called: never one repetition of a drill that was planned with many, nor three seconds. */
const isCalled = ({ dose }: Slot): boolean =>
  dose.kind === 'reps' ? dose.count.low >= 2 : dose.kind !== 'time' || dose.seconds.low >= 10;

const named = (name: string, change: Partial<Slot> = {}): Slot => {
  const drill = fitLibrary.byName.get(name.toLowerCase());
  if (!drill) throw new Error(`No invented drill is called ${name}.`);
  return { ...usualSlot(drill, `slot-${name}`), ...change };
};
const circuitWith = (...blocks: Circuit['blocks']): Circuit => ({ ...emptyCircuit('Made up'), blocks });
const bare = { ...fitOccasion(), approach: { ...APPROACHES[0], essential: [] } };

describe('what a move comes to', () => {
  const movesBy = (circuit: Circuit, change: Partial<typeof AS_PLANNED>) =>
    movesOf({ ...AS_PLANNED, ...change }, choicesOf(circuit, bare, PLAIN_RECIPE, 'shorter'));
  const slot = named('Invented C', { sides: 'each', dose: repsOf(8), rest: 10 });
  const circuit = circuitWith(
    blockOf('mobilise', [slot, named('Invented G', { dose: timeOf(40) })], { rounds: just(2) }),
  );

  it('is what is done instead of what, and what it saves', () => {
    const alternating = { kind: 'kept', amount: 'full', sides: 'alternate' } as const;
    expect(movesBy(circuit, { slots: { [slot.id]: alternating } })).toMatchObject([
      { facts: { kind: 'sides', drill: 'Invented C', before: 'each', now: 'alternate' }, seconds: 10 },
    ]);
    expect(movesBy(circuit, { slots: { [slot.id]: { kind: 'kept', amount: 'half', sides: 'each' } } })).toMatchObject([
      {
        facts: { kind: 'dose', before: { slot: { dose: repsOf(8) } }, now: { slot: { dose: repsOf(4) } } },
        seconds: 48,
      },
    ]);
    const facts = movesBy(circuit, { blocks: { 'block-mobilise': { rounds: 1, rest: 'none' } } }).map(
      (one) => one.facts,
    );
    expect(facts).toEqual([
      { kind: 'rest', phase: 'mobilise', now: 'none' },
      { kind: 'rounds', phase: 'mobilise', before: 2, now: 1 },
    ]);
    expect(movesBy(circuit, { namesOnly: true })).toMatchObject([{ facts: { kind: 'names only' } }]);
  });

  it('tells of a drill left out what still serves its purpose, or that nothing does', () => {
    const [a, k] = [named('Invented A'), named('Invented K')];
    const twins = circuitWith(blockOf('mobilise', [a, k]));
    const gone = { slots: { [a.id]: { kind: 'out' } } } as const;
    const out = { kind: 'out', drill: 'Invented A', extra: null, target: 'system · pulse' };
    expect(movesBy(twins, gone)[0]?.facts).toEqual({ ...out, server: 'Invented K' });
    const alone = circuitWith(blockOf('mobilise', [a, named('Invented C')]));
    expect(movesBy(alone, gone)[0]?.facts).toEqual({ ...out, server: null });
  });
});

describe('when nothing fits', () => {
  it('says the shortest that would, and the two that stand in the way, the greater first', () => {
    const long = named('Invented A', { pinned: true, dose: timeOf(60) });
    const short = named('Invented C', { pinned: true });
    const circuit = circuitWith(blockOf('mobilise', [long, short, named('Invented E')]));
    const occasion = { ...fitOccasion(), approach: { ...APPROACHES[0], essential: [] } };
    const fitted = fitCircuit(circuit, occasion, 5);
    const curve = fitCurve(circuit, occasion);
    expect(fitted).toMatchObject({ kind: 'too short', shortest: curve.steps[0]?.seconds });
    expect(fitted.kind === 'too short' && fitted.inTheWay.map((one) => one.kind === 'pin' && one.drill)).toEqual(
      expect.arrayContaining(['Invented A', 'Invented C']),
    );
  });

  it('names an essential part', () => {
    const circuit = circuitWith(
      blockOf('raise', [named('Invented A')]),
      blockOf('mobilise', [named('Invented C')]),
      blockOf('activate', [named('Invented E')]),
    );
    const fitted = fitCircuit(circuit, fitOccasion(), 3);
    expect(
      fitted.kind === 'too short' && fitted.inTheWay.map((one) => one.kind === 'part' && one.phase).toSorted(),
    ).toEqual(['mobilise', 'raise']);
  });
});

describe('what must hold', () => {
  it('fast work stays only after a minute of raising, or as much as was planned', () => {
    const occasion = { ...bare };
    const raise = named('Invented A', { dose: timeOf(80), optional: true });
    const fast = named('Invented F', { pinned: true, dose: repsOf(6) });
    const circuit = circuitWith(blockOf('raise', [raise]), blockOf('potentiate', [fast]));
    for (const { plan } of fitCurve(circuit, occasion).steps) {
      const { segments } = timeCircuit(builtCircuit(circuit, plan, occasion), occasion);
      const raised = segments.filter(({ phase, kind }) => phase === 'raise' && kind === 'work');
      expect(raised.reduce((sum, { length }) => sum + length, 0)).toBeGreaterThanOrEqual(60);
    }
  });

  it('nobody new is spared the showing: names only are for those who know the drills', () => {
    const circuit = circuitWith(blockOf('mobilise', [named('Invented A'), named('Invented G')]));
    const names = (of: Circuit, occasion = bare) => fitCurve(of, occasion).steps.some(({ plan }) => plan.namesOnly);
    expect(names(circuit)).toBe(true);
    expect(names({ ...circuit, somebodyNew: true })).toBe(false);
    const fresh = { ...bare, newDrills: new Set([fitDrills[0]?.id ?? '']) };
    expect(names(circuit, fresh)).toBe(false);
  });

  it('with time to spare nothing is cut: doses go to their high end and blocks go round once more', () => {
    const open = testSlot('Tall reach', repsOf(8, 12));
    const circuit = circuitWith(blockOf('mobilise', [{ ...open, drillId: 'invented-a' }]));
    const { steps, planned } = fitCurve(circuit, bare);
    const longer = steps.filter(({ seconds }) => seconds > planned);
    expect(longer.length).toBeGreaterThan(1);
    for (const { plan, share } of longer) {
      expect(share).toBeGreaterThan(1);
      expect(changesOf(plan, circuit).every(({ key }) => key.kind === 'dose' || key.kind === 'rounds')).toBe(true);
    }
    expect(longer.at(-1)?.plan.blocks['block-mobilise']?.rounds).toBe(2);
  });
});

describe('more than thirty slots', () => {
  it('are bounded by a search that is never worth less than the best', () => {
    fc.assert(
      fc.property(anyFitCircuit(2, 9, 2), anyApproach, (circuit, approach) => {
        const occasion = fitOccasion(approach);
        const set = choicesOf(circuit, occasion, PLAIN_RECIPE, 'shorter');
        const longest = 2 * timeCircuit(circuit, occasion).total.plan;
        const search = (bound: 'exact' | 'generous') => frontierOf(taskOf(set, bound), { longest }).steps;
        const bounds = search('generous');
        for (const { time, value } of search('exact')) {
          const most = bounds.findLast((step) => step.time <= time)?.value ?? -1;
          expect(most).toBeGreaterThanOrEqual(value);
        }
      }),
      { numRuns: 60 },
    );
  });

  it('say how far a plan may be from the best, which is nothing up to thirty', () => {
    const slots = (count: number) =>
      Array.from({ length: count }, (_, at) => {
        const drill = fitDrills[at % fitDrills.length];
        if (!drill) throw new Error('There is a drill.');
        return usualSlot(drill, `slot-${String(at)}`);
      });
    const within = (count: number) =>
      fitCurve(circuitWith(blockOf('mobilise', slots(count))), bare).steps.map((step) => step.within);
    expect(within(30).every((one) => one === 0)).toBe(true);
    expect(within(32).every((one) => one >= 0 && one < 0.5)).toBe(true);
    expect(within(32).some((one) => one > 0)).toBe(true);
  });
});
