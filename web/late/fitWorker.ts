import { fitCurve, type FitCurve } from '@prompt-spark/core/fit/search/fitCurve';
import type { Circuit } from '@prompt-spark/core/circuit/circuit';
import type { Drill } from '@prompt-spark/core/drills/drill';
import type { Segment } from '@prompt-spark/core/timeline/timeline';
import type { FitRecipe } from '@prompt-spark/core/circuit/shortVersion';
import { libraryOf } from '@prompt-spark/core/drills/library';
import type { Occasion } from '@prompt-spark/core/occasion/occasion';
import { refitRun, type Refit } from '@prompt-spark/core/fit/refitRun';
import type { Seconds } from '@prompt-spark/core/units';
import { expose } from 'comlink';

/** What the fit depends on, as it travels: the library is told by itself, and only when it is another than before. */
export type PlainOccasion = Omit<Occasion, 'library'>;

/** Where a run stands that is to be fitted. */
export interface RunPlace {
  readonly segments: readonly Segment[];
  readonly position: Seconds;
  readonly left: Seconds;
}

let library = libraryOf([]);
const withLibrary = (plain: PlainOccasion): Occasion => ({ ...plain, library });

const fitting = {
  know(drills: readonly Drill[]): void {
    library = libraryOf(drills);
  },
  curve(circuit: Circuit, occasion: PlainOccasion, recipe: FitRecipe, onProgress: (share: number) => void): FitCurve {
    return fitCurve(circuit, withLibrary(occasion), recipe, onProgress);
  },
  refit(circuit: Circuit, occasion: PlainOccasion, recipe: FitRecipe, run: RunPlace): Refit {
    return refitRun(circuit, run.segments, run.position, run.left, withLibrary(occasion), recipe);
  },
};

/** What is fitted beside the page. */
export type Fitting = typeof fitting;

expose(fitting);
