import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { MainSession } from '../approach/mainSession.ts';
import { circuitOf, repsOf, testDrill } from '../testing/drills.ts';
import { libraryOf } from '../drills/library.ts';
import { occasionOf } from '../occasion/occasion.ts';
import { usualSlot } from '../circuit/slot.ts';
import { timeCircuit } from '../timeline/timeCircuit.ts';
import { coverageOf } from './coverageOf.ts';
import { preparedOverWeeks, type PastWarmUp } from './overWeeks.ts';

const bend = testDrill({
  name: 'Deep bend',
  targets: { 'hip · flexion': 0.8 },
  usual: { dose: repsOf(10), sides: 'both' },
});
const turn = testDrill({ name: 'Slow turn', targets: { 'hip · flexion': 0.3, 'thoracic · rotation': 0.6 } });
const library = libraryOf([bend, turn]);
const occasion = occasionOf({ library });
const session: MainSession = {
  id: 'made-up',
  name: 'Made up',
  holds: 'usual',
  words: ['invented'],
  needs: { 'hip · flexion': 1, 'ankle · dorsiflexion': 0.6, 'system · pulse': 0.2 },
};

/** What a drill takes at its usual dose. */
const usual = (drill: typeof bend): number => timeCircuit(circuitOf([usualSlot(drill, drill.id)]), occasion).total.plan;
const ran = (day: string, drills: PastWarmUp['drills']): PastWarmUp => ({ day, session, drills });
const whole = (drill: typeof bend) => ({ drillId: drill.id, seconds: usual(drill) });
const of = (runs: readonly PastWarmUp[]) => new Map(preparedOverWeeks(runs, occasion).map((one) => [one.target, one]));

describe('what some weeks prepared', () => {
  it('is counted against what came after each warm-up, what was missed most often first', () => {
    const weeks = [
      ran('2026-11-02', [whole(bend)]),
      ran('2026-11-09', [whole(turn)]),
      { ...ran('2026-11-16', [whole(bend), whole(turn)]), session: undefined },
    ];
    const found = preparedOverWeeks(weeks, occasion);
    expect(found).toEqual([
      { target: 'ankle · dorsiflexion', needed: 2, met: 0, prepared: 0, lastDay: '' },
      { target: 'hip · flexion', needed: 2, met: 1, prepared: 2, lastDay: '2026-11-16' },
      { target: 'thoracic · rotation', needed: 0, met: 0, prepared: 2, lastDay: '2026-11-16' },
    ]);
  });

  it('counts what was cut short for its part, a drill of two rounds once, and a drill that is gone for nothing', () => {
    const half = { drillId: bend.id, seconds: usual(bend) / 2 };
    expect(of([ran('2026-11-02', [half])]).get('hip · flexion')?.met).toBe(0);
    expect(of([ran('2026-11-02', [half, half])]).get('hip · flexion')?.met).toBe(1);
    expect(of([ran('2026-11-02', [{ drillId: 'gone', seconds: 90 }])]).get('hip · flexion')?.met).toBe(0);
    expect(preparedOverWeeks([], occasion)).toEqual([]);
  });

  it('agrees with the coverage of a circuit that was run as it was planned', () => {
    fc.assert(
      fc.property(fc.subarray([bend, turn]), (drills) => {
        const planned = coverageOf(circuitOf(drills.map((drill) => usualSlot(drill, drill.id))), occasion, session);
        const lived = of([ran('2026-11-02', drills.map(whole))]);
        for (const { target, covered } of planned.targets) {
          expect((lived.get(target)?.prepared ?? 0) === 1).toBe(covered >= 0.5);
        }
      }),
    );
  });
});
