import fc from 'fast-check';
import { expect, it } from 'vitest';
import { allSlots } from '../circuit/circuit.ts';
import { occasionOf } from '../occasion/occasion.ts';
import { reviewCircuit } from '../review/reviewCircuit.ts';
import { anyCircuit } from '../testing/arbitrary.ts';
import { testLibrary } from '../testing/drills.ts';
import { often } from '../testing/often.ts';
import { timeCircuit } from '../timeline/timeCircuit.ts';
import { steppedCircuit } from './steppedCircuit.ts';

const occasion = occasionOf({ library: testLibrary });
const grave = (circuit: Parameters<typeof reviewCircuit>[0]): number =>
  reviewCircuit(circuit, occasion).filter(({ severity }) => severity !== 'note').length;

it('changes one slot or one block a step, none whose dose is kept, and raises no warning', () => {
  fc.assert(
    fc.property(anyCircuit, fc.constantFrom(1, -1, -2), (circuit, steps) => {
      const next = steppedCircuit(circuit, occasion, steps);
      if (!next) return;
      expect(next.changes.length).toBeLessThanOrEqual(Math.abs(steps));
      const after = new Map(allSlots(next.circuit).map((slot) => [slot.id, slot]));
      const different = allSlots(circuit).filter((slot) => after.get(slot.id) !== slot);
      const slots = next.changes.filter(({ kind }) => kind === 'slot').map(({ before }) => before.id);
      expect(different.map(({ id }) => id).toSorted()).toEqual(slots.toSorted());
      const rounds = next.changes.filter(({ kind }) => kind === 'rounds').map(({ before }) => before.id);
      const blocks = circuit.blocks.filter(({ rounds }, at) => rounds !== next.circuit.blocks[at]?.rounds);
      expect(blocks.map(({ id }) => id).toSorted()).toEqual(rounds.toSorted());
      expect(different.filter(({ doseKept }) => doseKept)).toEqual([]);
      expect(grave(next.circuit)).toBeLessThanOrEqual(grave(circuit));
    }),
    { numRuns: often(60, 1000) },
  );
});

it('never makes a circuit longer than the time there is, and a step down never longer than it was', () => {
  fc.assert(
    fc.property(anyCircuit, fc.integer({ min: 60, max: 900 }), (any, available) => {
      const circuit = { ...any, available };
      const total = (of: typeof circuit): number => timeCircuit(of, occasion).total.plan;
      const up = steppedCircuit(circuit, occasion, 1);
      if (up) expect(total(up.circuit)).toBeLessThanOrEqual(available);
      const down = steppedCircuit(circuit, occasion, -1);
      const isDose = down?.changes.every(
        (change) => change.kind === 'rounds' || change.before.rung === change.after.rung,
      );
      if (down && isDose) expect(total(down.circuit)).toBeLessThanOrEqual(total(circuit));
    }),
    { numRuns: often(60, 1000) },
  );
});
