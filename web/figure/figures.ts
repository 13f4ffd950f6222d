import type { Drill } from '@prompt-spark/core/drills/drill';
import type { Variant } from '@prompt-spark/core/drills/drill';
import type { Figures, Motion } from '@prompt-spark/core/figure/motion';
import { motionOf as motionIn } from '@prompt-spark/core/figure/rungMotion';
import { defineStore } from 'pinia';
import { shallowRef } from 'vue';
import { shippedFigures } from '../api/shipped.ts';
import { turn } from '../loading/turn.ts';

/** What drills look like. Loaded when the first figure is shown; until then, and where it fails, there is no picture. */
export const useFiguresStore = defineStore('figures', () => {
  const figures = shallowRef<Figures>({});
  const motions = new WeakMap<Variant, Motion>();
  let loading: Promise<void> | undefined;

  /** Loads the figures once; a failed load is tried again at the next call. Never rejects: words do without pictures. */
  function load(): Promise<void> {
    // In a turn of its own: to begin a request takes a phone about as long as to draw a row.
    loading ??= turn()
      .then(shippedFigures)
      .then(
        (found) => {
          figures.value = found;
        },
        () => {
          loading = undefined;
        },
      );
    return loading;
  }

  /** How a rung of a drill moves; undefined while there are no figures. */
  function motionOf(drill: Drill, rung: Variant): Motion | undefined {
    const known = motions.get(rung);
    if (known) return known;
    const motion = motionIn(figures.value, drill, rung);
    if (motion) motions.set(rung, motion);
    return motion;
  }

  return { figures, load, motionOf };
});
