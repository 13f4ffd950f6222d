import { catalogue } from '@prompt-spark/catalogue';
import { figures } from '@prompt-spark/catalogue/figures/index';
import { baseOf } from '@prompt-spark/core/drills/drill';
import { drawingAt } from '@prompt-spark/core/figure/drawing';
import { motionOf } from '@prompt-spark/core/figure/rungMotion';
import { bench, describe } from 'vitest';

const beat = { out: 1, wait: 0, back: 1 };
const drawn = catalogue.flatMap((drill) => {
  const motion = motionOf(figures, drill, baseOf(drill));
  return motion ? [{ motion, camera: motion.view ?? drill.view }] : [];
});
const paint = (count: number) => {
  for (const { motion, camera } of drawn.slice(0, count)) drawingAt(motion, beat, 'right', 0.7, camera);
};

describe('a frame of figures', () => {
  for (const count of [1, 60, 240])
    bench(`${String(count)} drawn`, () => {
      paint(count);
    });
});
