import { allSlots } from '@prompt-spark/core/circuit/circuit';
import { stepsOf } from '@prompt-spark/core/dose/distance';
import { secondsPerRep, workSecondsOneSide } from '@prompt-spark/core/dose/workSeconds';
import { libraryOf } from '@prompt-spark/core/drills/library';
import { usualPace } from '@prompt-spark/core/drills/usualPace';
import { TEST_FLOOR } from '@prompt-spark/core/testing/places';
import { readWhiteboard } from '@prompt-spark/core/whiteboard/readWhiteboard';
import { writeWhiteboard } from '@prompt-spark/core/whiteboard/writeWhiteboard';
import { describe, expect, it } from 'vitest';
import { catalogue } from './index.ts';
import { PACES } from './paces.ts';

const library = libraryOf(catalogue);

describe('usual paces', () => {
  it('are there for every drill that travels down a lane, and for none that there is not', () => {
    const lanes = catalogue.filter(({ space, kit }) => space === 'lane' || kit.includes('lane'));
    expect(lanes.filter(({ pace }) => pace === undefined).map(({ name }) => name)).toEqual([]);
    expect(Object.keys(PACES).filter((name) => !catalogue.some((drill) => drill.name === name))).toEqual([]);
  });

  it('agree with counts: ten repetitions take as long as the way that they go, within a fifth', () => {
    const apart = catalogue.flatMap((drill) => {
      const { dose } = drill.usual;
      const { stride } = PACES[drill.name] ?? {};
      if (dose.kind !== 'reps' || drill.pace === undefined) return [];
      if (stride === undefined) return [`${drill.name} has no stride`];
      const counted = workSecondsOneSide({ ...dose, count: { low: 10, high: 10 } }, 'plan', TEST_FLOOR);
      const measure = { amount: 10 * stride, unit: 'm' } as const;
      const gone = workSecondsOneSide(
        {
          kind: 'distance',
          length: { of: 'measure', measure },
          lengths: { low: 1, high: 1 },
          pace: usualPace(drill),
          percents: [],
          step: null,
        },
        'plan',
        { ...TEST_FLOOR, waves: 1 },
      );
      return Math.abs(gone / counted - 1) > 0.2 ? [`${drill.name}: ${counted} s counted, ${gone} s gone`] : [];
    });
    expect(apart).toEqual([]);
  });

  it('are those of the steps where steps are counted: as many as fit, each as long as a repetition', () => {
    for (const line of ['walking lunge 10yd step 3ft', 'knee hug walk 20m step 1m', 'inchworm 4m step 0.8m']) {
      const { circuit } = readWhiteboard(line, library);
      const [slot] = allSlots(circuit);
      const drill = slot && library.byId.get(slot.drillId);
      if (!drill || drill.usual.dose.kind !== 'reps' || slot.dose.kind !== 'distance') throw new Error(line);
      const steps = stepsOf(slot.dose, TEST_FLOOR) ?? 0;
      const taken = workSecondsOneSide(slot.dose, 'plan', TEST_FLOOR) / (steps * secondsPerRep(drill.usual.dose.tempo));
      expect([line, Math.abs(taken - 1) < 0.03]).toEqual([line, true]);
      expect(readWhiteboard(writeWhiteboard(circuit, library), library).circuit.blocks[0]?.lines[0]).toMatchObject({
        dose: slot.dose,
      });
    }
  });
});
