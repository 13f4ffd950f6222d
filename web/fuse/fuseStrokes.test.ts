import { readWhiteboard } from '@prompt-spark/core/whiteboard/readWhiteboard';
import { timeCircuit } from '@prompt-spark/core/timeline/timeCircuit';
import { occasionOf } from '@prompt-spark/core/occasion/occasion';
import { testLibrary } from '@prompt-spark/core/testing/drills';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { fuseShape } from './fuseShape.ts';
import { fuseStrokes, thickness, type FuseMarks } from './fuseStrokes.ts';

const text = 'raise\n tall reach 30s\nmobilise 2 rounds rest 10s\n deep sit 20s\n all-fours sway 20s rest 5s';
const timeline = timeCircuit(readWhiteboard(text, testLibrary).circuit, occasionOf({ library: testLibrary }));
const { stretches } = fuseShape(timeline, 800, timeline.total.plan);
const NONE: FuseMarks = { burnt: 0, selected: undefined, cut: undefined };
const work = stretches.filter(({ effort }) => effort !== null);
const slotIds = [...new Set(work.map(({ segment }) => segment.slotId))];

/** The left and right ends of each part of a path, followed command by command. */
function extents(path: string): readonly (readonly [number, number])[] {
  return path.split(/(?=M)/).map((part) => {
    let x = 0;
    const xs: number[] = [];
    for (const [, command, rest = ''] of part.matchAll(/([Mhvaz])([^Mhvaz]*)/g)) {
      const numbers = rest.trim().split(' ').map(Number);
      if (command === 'M') x = numbers[0] ?? NaN;
      if (command === 'h') x += numbers[0] ?? NaN;
      if (command === 'a') x += numbers[5] ?? NaN;
      xs.push(x);
    }
    return [Math.min(...xs), Math.max(...xs)] as const;
  });
}

describe('the strokes of the fuse', () => {
  it('draw every stretch once, where it lies, whatever has burnt, is chosen or is cut', () => {
    const marks = fc.record({
      burnt: fc.nat({ max: stretches.length }),
      selected: fc.option(fc.constantFrom(...slotIds), { nil: undefined }),
      cut: fc.option(
        fc.subarray(slotIds).map((ids) => new Set(ids)),
        { nil: undefined },
      ),
    });
    fc.assert(
      fc.property(marks, (now) => {
        const drawn = fuseStrokes(stretches, now).flatMap(({ path }) => extents(path));
        const sorted = drawn.toSorted(([one], [other]) => one - other);
        expect(sorted).toHaveLength(stretches.length);
        sorted.forEach(([left, right], index) => {
          const { x, width } = stretches[index] ?? expect.fail('One too many.');
          expect(left).toBeCloseTo(x, 1);
          expect(right).toBeCloseTo(x + width, 1);
        });
      }),
    );
  });

  it('are few: one for each effort, one for thread and one for rest', () => {
    const efforts = new Set(work.map(({ effort }) => effort));
    expect(fuseStrokes(stretches, NONE)).toHaveLength(efforts.size + 2);
  });

  it('have keys of their own', () => {
    const strokes = fuseStrokes(stretches, { burnt: 3, selected: slotIds[0], cut: new Set(slotIds.slice(1)) });
    expect(new Set(strokes.map(({ key }) => key)).size).toBe(strokes.length);
  });

  it('let what has burnt fade, stress what is chosen, and drop each slot that is cut by itself', () => {
    const [first, second, third] = slotIds;
    const strokes = fuseStrokes(stretches, { burnt: 2, selected: second, cut: new Set([first ?? '', third ?? '']) });
    const count = (of: 'burnt' | 'chosen' | 'cut') =>
      strokes.filter((stroke) => stroke[of]).flatMap(({ path }) => extents(path)).length;
    const turns = (id: string | undefined) => work.filter(({ segment }) => segment.slotId === id).length;
    expect(count('burnt')).toBe(2);
    expect(count('chosen')).toBe(turns(second));
    expect(count('cut')).toBe(turns(first) + turns(third));
    expect(strokes.filter(({ cut, burnt }) => cut && !burnt).length).toBeGreaterThan(0);
    for (const { effort } of strokes.filter(({ cut, chosen }) => cut || chosen)) expect(effort).not.toBeNull();
  });

  it('are no rounder than their width allows, nor than they are thick', () => {
    const [stretch] = work;
    if (!stretch) throw new Error('Nothing is worked.');
    for (const width of [0, 0.4, 3, 200]) {
      const [stroke] = fuseStrokes([{ ...stretch, x: 10, width, effort: 10 }], NONE);
      expect(extents(stroke?.path ?? '')[0]?.map((x) => Math.round(x * 10) / 10)).toEqual([10, 10 + width]);
      expect(stroke?.path).toMatch(new RegExp(`a${String(Math.min(thickness(10), width) / 2)} `));
    }
  });
});
