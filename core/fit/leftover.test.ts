import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { allSlots, type Circuit } from '../circuit/circuit.ts';
import { readWhiteboard } from '../whiteboard/readWhiteboard.ts';
import { timeCircuit } from '../timeline/timeCircuit.ts';
import { occasionOf } from '../occasion/occasion.ts';
import { libraryOf } from '../drills/library.ts';
import { testDrill, testLibrary, timeOf } from '../testing/drills.ts';
import { countAt, secondsAt } from '../units.ts';
import { withLeftoverGiven } from './leftover.ts';

/** The usual invented drills, and one that is held still. */
const library = libraryOf([
  ...testLibrary.drills,
  testDrill({
    name: 'Long calf',
    effort: 1,
    targets: { 'calf · length': 0.8 },
    usual: { dose: timeOf(20), sides: 'each' },
  }),
]);
const occasion = occasionOf({ library });
const circuitOf = (board: string) => readWhiteboard(board, library).circuit;
const length = (circuit: Circuit) => timeCircuit(circuit, occasion).total.plan;

/** What a plan cut, given back, up to a number of seconds more than it took. */
const given = (cut: string, whole: string, spare: number) => {
  const fitted = circuitOf(cut);
  return withLeftoverGiven(fitted, circuitOf(whole), length(fitted) + spare, occasion);
};
const secondsOf = (circuit: Circuit) =>
  allSlots(circuit).map(({ dose }) =>
    dose.kind === 'time' ? secondsAt(dose.seconds, 'plan') : dose.kind === 'reps' ? countAt(dose.count, 'plan') : 0,
  );

describe('the seconds that a plan leaves over', () => {
  it('go back to the dose that was cut', () => {
    expect(secondsOf(given('mobilise\n deep sit 20s', 'mobilise\n deep sit 40s', 7))).toEqual([27]);
  });

  it('go to what was cut most, and what is left of them to the next', () => {
    const whole = 'mobilise\n deep sit 40s\n deep sit 40s';
    expect(secondsOf(given('mobilise\n deep sit 30s\n deep sit 10s', whole, 12))).toEqual([30, 22]);
    expect(secondsOf(given('mobilise\n deep sit 30s\n deep sit 10s', whole, 34))).toEqual([34, 40]);
  });

  it('count a side twice and a round for every time round', () => {
    const whole = 'mobilise 2 rounds\n tall reach 30s/side';
    expect(secondsOf(given('mobilise 2 rounds\n tall reach 20s/side', whole, 8))).toEqual([22]);
  });

  it('give repetitions back only whole', () => {
    const whole = 'mobilise\n deep sit 10 @3s';
    expect(secondsOf(given('mobilise\n deep sit 5 @3s', whole, 8))).toEqual([7]);
    expect(secondsOf(given('mobilise\n deep sit 5 @3s', whole, 2))).toEqual([5]);
  });

  it('go to rests where no dose is left to give to', () => {
    const whole = 'mobilise 2 rounds rest 30s\n deep sit 20s rest 10s';
    // The rest after the very last work is none: ten seconds once, and twelve between the rounds.
    const after = given('mobilise 2 rounds rest 15s\n deep sit 20s', whole, 22);
    expect(allSlots(after).map(({ rest }) => rest)).toEqual([10]);
    expect(after.blocks.map(({ roundRest }) => roundRest)).toEqual([27]);
  });

  it('let what is done anyway go on a little where all that was cut is given back, half as long again at most', () => {
    const whole = 'mobilise\n deep sit 40s\n tall reach 60s/side';
    expect(secondsOf(given('mobilise\n deep sit 40s', whole, 15))).toEqual([55]);
    expect(secondsOf(given('mobilise\n deep sit 40s', whole, 50))).toEqual([60]);
    expect(secondsOf(given('mobilise\n deep sit 10s', whole, 35))).toEqual([45]);
  });

  it('lengthen nothing fast, and nothing that is held', () => {
    expect(secondsOf(given('potentiate\n deep sit 20s', 'potentiate\n deep sit 20s\n deep sit 40s', 15))).toEqual([20]);
    const held = 'mobilise\n long calf 20s/side';
    expect(secondsOf(given(held, `${held}\n deep sit 60s`, 15))).toEqual([20]);
  });

  it('are left where the whole of it fits: more than was planned is the plan’s to choose', () => {
    const whole = 'mobilise\n deep sit 40s';
    expect(given('mobilise\n deep sit 20s', whole, 500)).toEqual(circuitOf('mobilise\n deep sit 20s'));
    expect(given(whole, whole, 60)).toEqual(circuitOf(whole));
  });

  it('are nearly all given where there is enough to give them to, and never more than all', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: 5, max: 30 }), fc.integer({ min: 1, max: 30 }), fc.boolean()), {
          minLength: 1,
          maxLength: 6,
        }),
        fc.integer({ min: 1, max: 3 }),
        fc.integer({ min: 0, max: 200 }),
        (slots, rounds, spare) => {
          const board = (more: boolean) =>
            [
              `mobilise ${String(rounds)} rounds`,
              ...slots.map(
                ([cut, by, each]) => ` tall reach ${String(more ? cut + by : cut)}s${each ? '/side' : ' alt'}`,
              ),
            ].join('\n');
          const [fitted, whole] = [circuitOf(board(false)), circuitOf(board(true))];
          const most = Math.min(length(fitted) + spare, length(whole) - 0.5);
          const after = length(withLeftoverGiven(fitted, whole, most, occasion));
          expect(after).toBeLessThanOrEqual(most);
          // A half second more on each side in each round is the least that can be given.
          expect(after).toBeGreaterThan(most - rounds);
        },
      ),
    );
  });
});
