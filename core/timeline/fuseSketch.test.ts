import fc from 'fast-check';
import { expect, it } from 'vitest';
import { anyCircuit } from '../testing/arbitrary.ts';
import { testLibrary } from '../testing/drills.ts';
import { sketchedSegments, sketchFuse, type FuseSketch } from './fuseSketch.ts';
import { occasionOf } from '../occasion/occasion.ts';
import { timeCircuit } from './timeCircuit.ts';

it('lasts as long as the circuit and has its work, its blocks and its rounds where they were', () => {
  fc.assert(
    fc.property(anyCircuit, (circuit) => {
      const { segments, total } = timeCircuit(circuit, occasionOf({ library: testLibrary }));
      const sketched = sketchedSegments(JSON.parse(JSON.stringify(sketchFuse(segments))) as FuseSketch);
      expect(sketched.at(-1)?.end ?? 0).toBe(segments.at(-1)?.end ?? 0);
      expect(sketched.reduce((sum, { length }) => sum + length, 0)).toBe(total.plan);
      const work = (all: readonly { kind: string; start: number; length: number; phase: string; round: number }[]) =>
        all
          .filter(({ kind }) => kind === 'work')
          .map(({ start, length, phase, round }) => [start, length, phase, round]);
      expect(work(sketched)).toEqual(work(segments));
      expect(sketched.filter(({ kind }) => kind === 'work').map(({ effort }) => effort)).toEqual(
        segments.filter(({ kind }) => kind === 'work').map(({ effort }) => effort),
      );
      expect(sketched.length).toBeLessThanOrEqual(segments.length);
    }),
  );
});
