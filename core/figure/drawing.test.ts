import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { KIT } from '../drills/kit.ts';
import { testDrill } from '../testing/drills.ts';
import { anyPose, squat, standing } from '../testing/figures.ts';
import { buildFor, BUILDS } from './build.ts';
import { bodyOf } from './body.ts';
import { viewOf, type Point } from './camera.ts';
import { outlineRound, pointOn, type Arc, type Disc } from './outline.ts';
import { drawingAt, type Drawing, type Tone } from './drawing.ts';
import { frameOf } from './frame.ts';
import { jointsOf } from './joints.ts';
import { kitProps } from './kitProps.ts';
import { mirrored } from './mirror.ts';
import type { Camera, Motion } from './motion.ts';
import type { Prop } from './prop.ts';
import { propShapes } from './propShapes.ts';
import { motionOf, rungMotion } from './rungMotion.ts';
import { poseAt } from './poseAt.ts';

const beat = { out: 1.5, wait: 0, back: 1.5 };
const outlinesIn = ({ pieces }: Drawing) => pieces.flatMap((piece) => (piece.kind === 'patch' ? piece.outlines : []));
/** Arcs of a tone, from back to front. */
const arcsIn = ({ pieces }: Drawing, tone: Tone) =>
  pieces.flatMap((piece) => (piece.kind === 'patch' && piece.tone === tone ? piece.outlines.flat() : []));
const endsOf = (arc: Arc): readonly Point[] => [pointOn(arc, arc.from), pointOn(arc, arc.to)];
/** Twice the area within points, positive where they go round clockwise on a picture whose y points down. */
const turningArea = (points: readonly Point[]): number =>
  points.reduce((sum, [x, y], at) => {
    const [nextX, nextY] = points[(at + 1) % points.length] ?? [0, 0];
    return sum + x * nextY - nextX * y;
  }, 0);
const CAMERAS = ['side', 'front', 'three-quarter', 'above'] as const satisfies readonly Camera[];

describe('a drawing', () => {
  it('of the left side is the mirror image of the right, and of the joints mirrored', () => {
    fc.assert(
      fc.property(anyPose, fc.constantFrom(...CAMERAS), (pose, camera) => {
        const motion: Motion = { ...squat, keyframes: [pose, pose] };
        const right = drawingAt(motion, beat, 'right', 1, camera);
        const left = drawingAt(motion, beat, 'left', 1, camera);
        const across = (drawing: Drawing) =>
          arcsIn(drawing, 'near')
            .map(({ centre: [x] }) => x)
            .toSorted((one, two) => one - two);
        const [mirrorImage, image] = [across(left), across(right)];
        expect(mirrorImage.length).toBeGreaterThan(10);
        expect(mirrorImage.every((x, index) => Math.abs(x + (image.at(-1 - index) ?? NaN)) < 1e-9)).toBe(true);
        const [x] = viewOf(camera, 'right').project(jointsOf(pose).legs.right.toe);
        const { toe } = poseAt({ ...motion, keyframes: [pose, pose] }, beat, 'left', 1).legs.left;
        const [mirror] = viewOf(camera, 'left').project([toe[0], toe[1], -toe[2]]);
        expect(mirror).toBeCloseTo(-x, 9);
      }),
      { numRuns: 40 },
    );
  });

  it('puts the limbs that are nearer before those that are further, from the side only', () => {
    const side = drawingAt(squat, beat, 'right', 0, 'side');
    const tones = side.pieces.map(({ tone }) => tone);
    expect(tones.lastIndexOf('far')).toBeLessThan(tones.indexOf('near'));
    expect(arcsIn(side, 'far').length).toBeGreaterThan(8);
    expect(arcsIn(drawingAt(squat, beat, 'right', 0, 'front'), 'far')).toEqual([]);
  });

  it('dots the joints that are prepared', () => {
    const drawing = drawingAt(squat, beat, 'right', 0, 'side', ['rightKnee', 'leftKnee']);
    expect(drawing.prepared).toHaveLength(2);
    expect(drawing.prepared[0]?.[1]).toBeCloseTo(-jointsOf(standing).legs.right.knee[1], 9);
  });

  it('spreads three fingers, and closes a fist', () => {
    const withHand = (spread: number) => {
      const pose = { ...standing, rightArm: { kind: 'free', raise: 90, spread } as const };
      return bodyOf(jointsOf(pose), BUILDS.slim).flatMap(({ hulls }) => hulls).length;
    };
    expect(withHand(1)).toBe(withHand(0) + 2);
    expect(withHand(-1)).toBe(withHand(0) - 1);
  });
});

describe('the body', () => {
  it('is filled without a hole: everything goes round the same way', () => {
    fc.assert(
      fc.property(
        anyPose,
        fc.constantFrom(...CAMERAS),
        fc.constantFrom('left' as const, 'right'),
        (pose, camera, side) => {
          for (const outline of outlinesIn(drawingAt({ ...squat, keyframes: [pose, pose] }, beat, side, 0, camera))) {
            expect(turningArea(outline.flatMap(endsOf))).toBeGreaterThanOrEqual(-1e-9);
            for (const { from, to } of outline) expect(to).toBeGreaterThanOrEqual(from - 1e-9);
            // Once round, and no more.
            const turned = outline.reduce((sum, { from, to }) => sum + to - from, 0);
            expect(turned).toBeCloseTo(2 * Math.PI, 9);
          }
        },
      ),
      { numRuns: 40 },
    );
  });

  it('has an outline that holds every ball and touches what reaches furthest, as trying every direction says', () => {
    const anyDisc = fc
      .tuple(fc.integer({ min: -40, max: 40 }), fc.integer({ min: -40, max: 40 }), fc.integer({ min: 1, max: 20 }))
      .map(([x, y, radius]): Disc => ({ centre: [x / 100, y / 100], radius: radius / 100, filled: true }));
    fc.assert(
      fc.property(fc.array(anyDisc, { minLength: 1, maxLength: 6 }), (discs) => {
        const outline = outlineRound(discs);
        const skin = outline.flatMap(endsOf);
        expect(turningArea(skin)).toBeGreaterThanOrEqual(-1e-9);
        for (let step = 0; step < 90; step += 1) {
          const [cosine, sine] = [Math.cos((step / 45) * Math.PI), Math.sin((step / 45) * Math.PI)];
          const most = Math.max(...discs.map(({ centre: [x, y], radius }) => x * cosine + y * sine + radius));
          for (const [x, y] of skin) expect(x * cosine + y * sine).toBeLessThanOrEqual(most + 1e-9);
        }
        // Its straight lines are tangents: nothing lies beyond them. Its arcs are of what reaches furthest their way.
        for (const [at, arc] of outline.entries()) {
          const next = outline[(at + 1) % outline.length] ?? arc;
          expect(Math.cos(next.from)).toBeCloseTo(Math.cos(arc.to), 9);
          expect(Math.sin(next.from)).toBeCloseTo(Math.sin(arc.to), 9);
          for (const angle of [arc.from, (arc.from + arc.to) / 2, arc.to]) {
            const reachOf = ({ centre: [x, y], radius }: Pick<Arc, 'centre' | 'radius'>) =>
              x * Math.cos(angle) + y * Math.sin(angle) + radius;
            expect(reachOf(arc)).toBeCloseTo(Math.max(...discs.map(reachOf)), 9);
          }
        }
      }),
      { numRuns: 300 },
    );
  });

  it('is one of two, the same for a drill every time, and neither for all of them', () => {
    const builds = Array.from({ length: 60 }, (_, at) => buildFor(`drill-${String(at)}`));
    expect(new Set(builds)).toEqual(new Set(['slim', 'full']));
    for (const key of Object.keys(BUILDS.slim) as (keyof typeof BUILDS.slim)[])
      expect(BUILDS.full[key]).toBeGreaterThan(BUILDS.slim[key]);
  });
});

describe('the frame of a picture', () => {
  it('holds the figure through its whole motion, whatever the shape asked for', () => {
    fc.assert(
      fc.property(
        anyPose,
        fc.constantFrom(...CAMERAS),
        fc.double({ min: 0.5, max: 2, noNaN: true }),
        (pose, camera, aspect) => {
          const low = { ...pose, root: { kind: 'lowest', at: [0, 0, 0] } } as const;
          const motion: Motion = { ...squat, keyframes: [low, low] };
          const frame = frameOf(motion, camera, aspect);
          expect(frame.width / frame.height).toBeCloseTo(aspect, 6);
          for (const build of ['slim', 'full'] as const) {
            for (const [x, y] of outlinesIn(drawingAt(motion, beat, 'right', 0.7, camera, [], build))
              .flat()
              .flatMap(endsOf)) {
              expect(x).toBeGreaterThanOrEqual(frame.x - 1e-9);
              expect(x).toBeLessThanOrEqual(frame.x + frame.width + 1e-9);
              expect(y).toBeGreaterThanOrEqual(frame.y - 1e-9);
              expect(y).toBeLessThanOrEqual(frame.y + frame.height + 1e-9);
            }
          }
        },
      ),
      { numRuns: 60 },
    );
  });

  it('draws figures that are smaller to the same scale, and close ones larger', () => {
    const frame = frameOf(squat, 'side', 1);
    expect(frame.height).toBeGreaterThanOrEqual(1.06);
    expect(frameOf({ ...squat, close: true }, 'side', 1).height).toBeLessThan(frame.height);
  });
});

const PROPS: readonly Prop[] = [
  { kind: 'wall', axis: 'x', at: 0.4 },
  { kind: 'chair', x: 0 },
  { kind: 'block', x: 0.3, height: 0.1, deep: 0.2, wide: 0.4 },
  { kind: 'half-dome', x: 0 },
  { kind: 'roller', at: [0, 0.04, 0], along: 'x' },
  { kind: 'mat', from: -0.5, to: 0.5 },
  { kind: 'cushion', at: [0, 0.02, 0] },
  { kind: 'line', axis: 'z', at: 0 },
  { kind: 'held', item: 'plate', by: ['leftFingers', 'rightFingers'] },
  { kind: 'held', item: 'ball', by: ['rightFingers'] },
  { kind: 'held', item: 'kettlebell', by: ['rightFingers'] },
  { kind: 'stick', from: 'leftWrist', to: 'rightWrist', plates: true },
  { kind: 'band', through: ['leftWrist', [0.5, 0.6, 0]] },
  { kind: 'loop', around: ['leftKnee', 'rightKnee'] },
  { kind: 'rope' },
  { kind: 'machine', machine: 'rowing machine' },
  { kind: 'machine', machine: 'bike' },
  { kind: 'machine', machine: 'cross-trainer' },
  { kind: 'machine', machine: 'treadmill' },
];

describe('props', () => {
  it.each(PROPS)('draw a $kind in finite points, not under the floor', (prop) => {
    const shapes = propShapes(prop, jointsOf(standing), 0.3);
    const points = shapes.flatMap((shape) => (shape.kind === 'line' ? shape.points : [shape.centre]));
    expect(points.length).toBeGreaterThan(0);
    expect(points.flat().every(Number.isFinite)).toBe(true);
    if (prop.kind !== 'machine') expect(Math.min(...points.map(([, y]) => y))).toBeGreaterThan(-0.02);
  });

  it('move with the hands that hold them', () => {
    const [stick] = propShapes(
      { kind: 'stick', from: 'leftWrist', to: 'rightWrist', beyond: 0 },
      jointsOf(standing),
      0,
    );
    const { arms } = jointsOf(standing);
    expect(stick).toEqual({ kind: 'line', points: [arms.left.wrist, arms.right.wrist] });
  });

  it('turn a rope over the head as the feet are down, and under them as they are up', () => {
    const highest = (share: number): number => {
      const [shape] = propShapes({ kind: 'rope' }, jointsOf(standing), share);
      return shape?.kind === 'line' ? Math.max(...shape.points.map(([, y]) => y)) : 0;
    };
    expect(highest(0)).toBeGreaterThan(0.9);
    expect(highest(0.5)).toBeLessThan(0.5);
  });

  it('come from the kit, once, where the motion does not show them already', () => {
    const kinds = (shown: readonly Prop[]) =>
      kitProps(['stick', 'mat', 'loop band'], 'supine', shown, squat).map(({ kind }) => kind);
    expect(kinds([])).toEqual(['stick', 'mat', 'loop']);
    expect(kinds([{ kind: 'loop', around: ['leftAnkle', 'rightAnkle'] }])).toEqual(['stick', 'mat']);
    expect(kitProps(['mat'], 'standing', [], squat)).toEqual([]);
    expect(kitProps(KIT, 'standing', [], squat).length).toBeGreaterThan(8);
  });
});

describe('the motion of a rung', () => {
  const base = testDrill({ name: 'Deep sit', posture: 'standing', view: 'side', figure: 'deep-sit' });
  const rung = (change: Partial<(typeof base.ladder)[number]>) =>
    ({
      id: 'other',
      name: 'other',
      rung: -1,
      changes: [],
      posture: 'standing',
      kit: [],
      demands: {},
      effort: 3,
      ...change,
    }) as const;
  const figures = {
    'deep-sit': { base: squat, rungs: {} },
    'posture-supine': { base: { ...squat, natural: 9 }, rungs: {} },
  };
  const lowest = (motion: Motion | undefined) => (motion ? jointsOf(motion.keyframes[1]).pelvis[1] : NaN);

  it('goes less far where the range is gentler', () => {
    const less = motionOf(figures, base, rung({ changes: ['range'] }));
    expect(lowest(less)).toBeGreaterThan(lowest(squat) + 0.05);
  });

  it('is slower where the speed is gentler, and quicker where it is stronger', () => {
    expect(motionOf(figures, base, rung({ changes: ['speed'] }))?.natural).toBeCloseTo(4.2, 6);
    expect(motionOf(figures, base, rung({ changes: ['speed'], rung: 1 }))?.natural).toBeCloseTo(2.16, 6);
  });

  it('sits on a chair where the rung is done sitting', () => {
    const seated = motionOf(figures, base, rung({ posture: 'seated', kit: ['chair'] }));
    expect(seated?.props?.map(({ kind }) => kind)).toEqual(['chair']);
    expect(seated?.keyframes.every((pose) => jointsOf(pose).pelvis[1] === 0.305)).toBe(true);
  });

  it('holds a wall or a chair that the rung adds, within reach all the way', () => {
    for (const kit of ['wall', 'chair'] as const) {
      const held = motionOf(figures, base, rung({ changes: ['support'], kit: [kit] }));
      for (const pose of held?.keyframes ?? []) {
        const arm = pose.leftArm;
        if (arm.kind !== 'planted') throw new Error('The hand holds on.');
        expect(
          Math.hypot(...jointsOf(pose).arms.left.wrist.map((at, axis) => at - (arm.wrist[axis] ?? 0))),
        ).toBeLessThan(0.01);
      }
      expect(held?.props?.map(({ kind }) => kind)).toContain(kit);
    }
  });

  it('is its author’s where it is drawn', () => {
    const own: Motion = { ...squat, natural: 7 };
    expect(rungMotion({ base: squat, rungs: { other: own } }, base, rung({})).natural).toBe(7);
  });

  it('is the posture’s where the drill has no figure, and nothing where there is none for that', () => {
    const [first] = base.ladder;
    if (!first) throw new Error('There is a base.');
    expect(motionOf(figures, { ...base, figure: '', posture: 'supine' }, first)?.natural).toBe(9);
    expect(motionOf(figures, { ...base, figure: '', posture: 'prone' }, first)).toBeUndefined();
  });
});

describe('a mirrored pose', () => {
  it('draws the same front view, flipped', () => {
    fc.assert(
      fc.property(anyPose, (pose) => {
        const motion: Motion = { ...squat, keyframes: [pose, pose] };
        const other: Motion = { ...squat, keyframes: [mirrored(pose), mirrored(pose)] };
        const hair = (one: Motion) => arcsIn(drawingAt(one, beat, 'right', 0, 'front'), 'hair')[0]?.centre[0] ?? NaN;
        expect(hair(other)).toBeCloseTo(-hair(motion), 9);
      }),
    );
  });
});
