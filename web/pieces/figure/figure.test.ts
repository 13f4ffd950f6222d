import { drawingAt } from '@prompt-spark/core/figure/drawing';
import { frameOf } from '@prompt-spark/core/figure/frame';
import { squat } from '@prompt-spark/core/testing/figures';
import { describe, expect, it, vi } from 'vitest';
import { figurePaths, LAYERS } from './figurePaths.ts';
import { groundPath, groundShift, headingPath, keyMoment, loopSide } from './figureTime.ts';
import { everyFrame } from './frames.ts';

const beat = { out: 1, wait: 0, back: 1 };
const frame = frameOf(squat, 'side', 1);

describe('the paths of a figure', () => {
  const paths = figurePaths(drawingAt(squat, beat, 'right', 0.5, 'side', ['rightKnee']));

  it('are whole SVG path data: moves, lines, arcs and finite numbers', () => {
    for (const layer of LAYERS) {
      expect(paths[layer]).toMatch(/^([MLaZ]|-?\d+| )*$/);
      expect(paths[layer]).not.toContain('NaN');
    }
  });

  it('leave layers empty that a drawing does not have', () => {
    expect([paths.behind, paths.props, paths.solids, paths.partner]).toEqual(['', '', '', '']);
    expect(paths.head).toContain('a');
    expect(paths.prepared).toContain('a');
  });
});

describe('the time of a figure', () => {
  it('tells most at the second keyframe', () => {
    expect(keyMoment(squat, beat)).toBe(1);
    expect(keyMoment({ ...squat, loop: 'round' }, beat)).toBe(1);
  });

  it('turns to the other side every loop where sides take turns', () => {
    expect([0, 1, 2, 3].map((loop) => loopSide('right', loop))).toEqual(['right', 'left', 'right', 'left']);
    expect(loopSide('left', 1)).toBe('right');
  });

  it('scrolls the ground under a figure that travels, and points the way', () => {
    const walk = { ...squat, travel: [0.8, 0] as const };
    expect(groundShift(squat, beat, 'side', 'right', 5)).toBe(0);
    expect(groundShift(walk, beat, 'side', 'right', 2)).toBeCloseTo(8000, 6);
    expect(groundShift(walk, beat, 'side', 'left', 2)).toBeCloseTo(-8000, 6);
    expect(headingPath(squat, 'side', 'right', frame)).toBe('');
    expect(headingPath(walk, 'side', 'right', frame)).not.toBe(headingPath(walk, 'side', 'left', frame));
    expect(headingPath(walk, 'front', 'right', frame)).toBe('');
  });

  it('draws the floor only where the picture reaches down to it', () => {
    expect(groundPath(frame)).toMatch(/^M/);
    expect(groundPath(frameOf({ ...squat, close: true }, 'side', 1))).toBe('');
  });
});

describe('frames', () => {
  it('paint everything in one callback a frame, and stop when nobody paints', () => {
    const asked: FrameRequestCallback[] = [];
    vi.stubGlobal('requestAnimationFrame', (callback: FrameRequestCallback) => asked.push(callback));
    const cancel = vi.fn();
    vi.stubGlobal('cancelAnimationFrame', cancel);
    const [one, other] = [vi.fn(), vi.fn()];
    const stops = [everyFrame(one), everyFrame(other)];
    expect(asked).toHaveLength(1);
    asked[0]?.(2000);
    expect(one).toHaveBeenCalledWith(2);
    expect(other).toHaveBeenCalledWith(2);
    expect(asked).toHaveLength(2);
    for (const stop of stops) stop();
    expect(cancel).toHaveBeenCalledTimes(1);
    asked[1]?.(2016);
    expect(one).toHaveBeenCalledTimes(1);
    vi.unstubAllGlobals();
  });
});
