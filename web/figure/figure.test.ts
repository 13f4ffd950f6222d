import { drawingAt } from '@prompt-spark/core/figure/drawing';
import { frameOf } from '@prompt-spark/core/figure/frame';
import { squat } from '@prompt-spark/core/testing/figures';
import { describe, expect, it, vi } from 'vitest';
import { figurePaths } from './figurePaths.ts';
import { groundPath, groundShift, headingPath, keyMoment, loopSide } from './figureTime.ts';
import { figureInk, paintFigure, type FigureCanvas, type FigureContext } from './figureCanvas.ts';
import { Films } from './films.ts';
import { momentOf, sceneOf, type Shot } from './figureShot.ts';

const beat = { out: 1, wait: 0, back: 1 };
const frame = frameOf(squat, 'side', 1);

describe('the paths of a figure', () => {
  const paths = figurePaths(drawingAt(squat, beat, 'right', 0.5, 'side', ['rightKnee']));

  it('are whole SVG path data: moves, lines, arcs and finite numbers', () => {
    for (const { path } of paths) {
      expect(path).toMatch(/^(?:[MLAZ ]|-?\d+(?!\d))*$/);
      expect(path).not.toContain('NaN');
    }
  });

  it('have the far limbs before the near ones, the dots last, and no layer that a drawing does not have', () => {
    const looks = paths.map(({ look }) => look);
    expect(looks.filter((look) => ['behind', 'props', 'solids', 'partner'].includes(look))).toEqual([]);
    expect(looks.lastIndexOf('far')).toBeLessThan(looks.indexOf('near'));
    expect(looks).toContain('hair');
    expect(looks.at(-1)).toBe('prepared');
  });
});

describe('the time of a figure', () => {
  it('tells most at the second keyframe', () => {
    expect(keyMoment(squat, beat)).toBe(1);
    expect(keyMoment({ ...squat, loop: 'round' }, beat)).toBe(1);
    const kick = { ...squat, keyframes: [...squat.keyframes, ...squat.keyframes], tells: 2 } as const;
    expect(keyMoment({ ...kick, loop: 'round' }, beat)).toBe(1);
    expect(keyMoment(kick, { ...beat, out: 3 })).toBe(2);
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

/** A canvas that writes down what is asked of it. */
class WritingCanvas implements FigureCanvas {
  width = 0;
  height = 0;
  readonly written: string[] = [];
  private readonly write =
    (name: string) =>
    (...numbers: readonly unknown[]): void => {
      const told = numbers.map((value) => (typeof value === 'number' ? Math.round(value) : '…'));
      this.written.push([name, ...told].join(' '));
    };
  private readonly context: FigureContext = {
    canvas: this,
    fillStyle: '',
    strokeStyle: '',
    lineCap: 'butt',
    lineJoin: 'miter',
    lineDashOffset: 0,
    lineWidth: 1,
    // By where it begins, which the SVG goes to by a line.
    arc: (x, y, radius, from) => this.write('arc')(x + radius * Math.cos(from), y + radius * Math.sin(from)),
    beginPath: this.write('beginPath'),
    clearRect: this.write('clearRect'),
    closePath: this.write('closePath'),
    fill: this.write('fill'),
    lineTo: this.write('lineTo'),
    moveTo: this.write('moveTo'),
    setLineDash: this.write('setLineDash'),
    setTransform: this.write('setTransform'),
    stroke: this.write('stroke'),
  };
  getContext(): FigureContext {
    return this.context;
  }
  count(name: string): number {
    return this.written.filter((call) => call.split(' ')[0] === name).length;
  }
}

const shot: Shot = {
  motion: squat,
  beat,
  camera: 'side',
  side: 'right',
  alternates: false,
  prepared: ['rightKnee'],
  build: 'slim',
  aspect: 1,
};

describe('a figure on a canvas', () => {
  const ink = figureInk((name) => name);

  it('draws the lines of the SVG', () => {
    vi.stubGlobal('Path2D', vi.fn());
    const canvas = new WritingCanvas();
    [canvas.width, canvas.height] = [100, 100];
    const scene = sceneOf(shot);
    paintFigure(canvas.getContext(), scene, momentOf(shot, scene, 0.5), ink);
    vi.unstubAllGlobals();
    const drawn = canvas.written
      .filter((call) => /^(?:lineTo|arc) /.test(call))
      .map((call) => call.replace(/^\w+ /, ''));
    const paths = figurePaths(drawingAt(squat, beat, 'right', 0.5, 'side', ['rightKnee']));
    const written = paths.flatMap(({ path }) => [...path.matchAll(/L(-?\d+ -?\d+)/g)].map(([, to]) => to));
    expect(drawn.length).toBeGreaterThan(8);
    expect(drawn).toEqual(written);
  });

  it('is painted over what was there, layer by layer, and turned to the left by moving it', () => {
    vi.stubGlobal('Path2D', vi.fn());
    const [right, left] = (['right', 'left'] as const).map((side) => {
      const canvas = new WritingCanvas();
      [canvas.width, canvas.height] = [100, 100];
      const scene = sceneOf({ ...shot, side });
      paintFigure(canvas.getContext(), scene, momentOf({ ...shot, side }, scene, 0.5), ink);
      return canvas;
    });
    vi.unstubAllGlobals();
    expect(right?.written[1]).toBe('clearRect 0 0 100 100');
    // Every layer is filled; the floor and the dots have an edge.
    const looks = figurePaths(momentOf(shot, sceneOf(shot), 0.5).drawing).map(({ look }) => look);
    expect(looks.filter((look) => look === 'halo').length).toBeGreaterThan(2);
    expect([right?.count('stroke'), right?.count('fill')]).toEqual([2, looks.length]);
    const moves = (canvas?: WritingCanvas) => canvas?.written.filter((call) => call.startsWith('setTransform'));
    expect(moves(right)?.[1]).toBe(moves(right)?.[2]);
    expect(moves(left)?.[1]).toBe(moves(right)?.[1]);
    expect(moves(left)?.[2]).not.toBe(moves(right)?.[2]);
  });
});

describe('films', () => {
  const asked: ((milliseconds: number) => void)[] = [];
  const films = new Films((paint) => asked.push(paint));
  const [one, other] = [new WritingCanvas(), new WritingCanvas()];
  const pictures = () => [one.count('clearRect'), other.count('clearRect')];
  const next = (milliseconds: number) => asked.shift()?.(milliseconds);
  const show = (film: number, speed: number) => films.follow({ kind: 'show', film, cut: { shot, speed } });

  it('paint what is seen in one callback a frame, go on where they were, and stop when nobody looks', () => {
    vi.stubGlobal('Path2D', vi.fn());
    [one, other].forEach((canvas, film) => {
      films.follow({
        kind: 'begin',
        film,
        canvas,
        ink: figureInk((name) => name),
      });
      show(film, 1);
      films.follow({ kind: 'size', film, width: 80, height: 80 });
    });
    // The telling moment, held.
    expect(pictures()).toEqual([1, 1]);
    expect(asked).toHaveLength(0);

    films.follow({ kind: 'seen', film: 0, seen: true });
    films.follow({ kind: 'seen', film: 1, seen: true });
    expect(asked).toHaveLength(1);
    next(1000);
    next(1500);
    expect(pictures()).toEqual([3, 3]);
    const last = (canvas: WritingCanvas) => canvas.written.slice(canvas.written.lastIndexOf('clearRect 0 0 80 80'));
    expect(last(one)).toEqual(last(other));
    show(1, 0.5);
    next(2000);
    expect(last(one)).not.toEqual(last(other));

    // Time out of sight is not time of the motion.
    films.follow({ kind: 'seen', film: 1, seen: false });
    next(2500);
    expect(pictures()).toEqual([5, 5]);
    const before = last(other);
    films.follow({ kind: 'seen', film: 1, seen: true });
    next(9000);
    expect(last(other)).toEqual(before);

    films.follow({ kind: 'end', film: 0 });
    films.follow({ kind: 'seen', film: 1, seen: false });
    next(9100);
    expect(asked).toHaveLength(0);
    films.follow({ kind: 'seen', film: 0, seen: true });
    next(9200);
    expect(pictures()).toEqual([6, 6]);
    vi.unstubAllGlobals();
  });
});
