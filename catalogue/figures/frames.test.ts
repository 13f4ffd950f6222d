import { catalogue } from '@prompt-spark/catalogue';
import { baseOf } from '@prompt-spark/core/drills/drill';
import type { Point } from '@prompt-spark/core/figure/camera';
import { drawingOf, type Drawing } from '@prompt-spark/core/figure/drawing';
import { frameOf } from '@prompt-spark/core/figure/frame';
import { jointsOf } from '@prompt-spark/core/figure/joints';
import { keyframeAt } from '@prompt-spark/core/figure/poseAt';
import { motionOf } from '@prompt-spark/core/figure/rungMotion';
import { LONG } from '@prompt-spark/core/testing/often';
import { expect, it } from 'vitest';
import { figures } from './index.ts';

const drawn = catalogue.flatMap((drill) =>
  // Every night each version of a drill; at every change the drill as it is named.
  (LONG ? drill.ladder : [baseOf(drill)]).flatMap((rung) => {
    const motion = motionOf(figures, drill, rung);
    return motion ? [{ name: `${drill.id} / ${rung.name}`, motion, camera: motion.view ?? drill.view }] : [];
  }),
);
/** As many as a frame looks at. */
const INSTANTS = 12;
const MARGIN = 0.05;

/** All that is painted of a drawing but the ground kept free round its parts; of a wall where it stands. */
function painted({ pieces, props, discs, behind }: Drawing): readonly Point[] {
  const round = (centre: Point, radius: number): readonly Point[] =>
    [0, 1, 2, 3].map((quarter) => [
      centre[0] + radius * Math.cos((quarter * Math.PI) / 2),
      centre[1] + radius * Math.sin((quarter * Math.PI) / 2),
    ]);
  return [
    ...pieces.flatMap((piece) => {
      if (piece.kind === 'line') return piece.strokes.flatMap(({ points }) => points);
      if (piece.tone === 'halo') return [];
      return piece.outlines.flat().flatMap(({ centre, radius }) => round(centre, radius));
    }),
    ...props.flatMap(({ points }) => points),
    ...discs.flatMap(({ centre, radius }) => round(centre, radius)),
    ...behind.flatMap(({ points }) => points.slice(0, 1)),
  ];
}

it('a frame is as wide and as high as what is painted, and no wider or higher, of every figure', () => {
  const wrong: string[] = [];
  for (const { name, motion, camera } of drawn.filter((one) => one.motion.close !== true)) {
    const points = Array.from({ length: INSTANTS }, (_, index) => index / INSTANTS).flatMap((share) =>
      painted(drawingOf(motion, jointsOf(keyframeAt(motion, share)), share, 'right', camera, [], 'full')),
    );
    const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)];
    const wide = Math.max(...xs) - Math.min(...xs) + 2 * MARGIN;
    // So wide or so narrow a picture that its height, or its width, is that of the figure alone.
    const across = frameOf(motion, camera, 1e-3, 0).width;
    const up = frameOf(motion, camera, 1e3, 0);
    if (Math.abs(across - wide) > 1e-9) wrong.push(`${name}: ${String(across)} wide, not ${String(wide)}`);
    if (Math.abs(up.y - (Math.min(...ys) - MARGIN)) > 1e-9) wrong.push(`${name}: from ${String(up.y)}`);
  }
  expect(wrong).toEqual([]);
});
