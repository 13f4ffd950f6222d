import { fitCurve, type Circuit, type Drill, type FitCurve, type Segment } from '@prompt-spark/core';
import type { FitRecipe } from '@prompt-spark/core/circuit/shortVersion';
import { libraryOf } from '@prompt-spark/core/drills/library';
import type { FitContext } from '@prompt-spark/core/fit/fitContext';
import { refitRun, type Refit } from '@prompt-spark/core/fit/refitRun';
import type { Seconds } from '@prompt-spark/core/units';
import { expose } from 'comlink';

/** What the fit depends on, as it travels: the library is told by itself, and only when it is another than before. */
export type PlainContext = Omit<FitContext, 'setting'> & { readonly setting: Omit<FitContext['setting'], 'library'> };

/** Where a run stands that is to be fitted. */
export interface RunPlace {
  readonly segments: readonly Segment[];
  readonly position: Seconds;
  readonly left: Seconds;
}

let library = libraryOf([]);
const withLibrary = (context: PlainContext): FitContext => ({
  ...context,
  setting: { ...context.setting, library },
});

const fitting = {
  know(drills: readonly Drill[]): void {
    library = libraryOf(drills);
  },
  curve(circuit: Circuit, context: PlainContext, recipe: FitRecipe, onProgress: (share: number) => void): FitCurve {
    return fitCurve(circuit, withLibrary(context), recipe, onProgress);
  },
  refit(circuit: Circuit, context: PlainContext, recipe: FitRecipe, run: RunPlace): Refit {
    return refitRun(circuit, run.segments, run.position, run.left, withLibrary(context), recipe);
  },
};

/** What is fitted beside the page. */
export type Fitting = typeof fitting;

expose(fitting);
