import { fitCurve, type Circuit, type Drill, type DrillLibrary, type FitCurve, type Segment } from '@prompt-spark/core';
import type { FitRecipe } from '@prompt-spark/core/circuit/shortVersion';
import { libraryOf } from '@prompt-spark/core/drills/library';
import type { FitContext } from '@prompt-spark/core/fit/fitContext';
import { refitRun, type Refit } from '@prompt-spark/core/fit/refitRun';
import type { Seconds } from '@prompt-spark/core/units';

/** What the fit depends on, as it travels: the library goes as its drills, and only when they are others than before. */
export type PlainContext = Omit<FitContext, 'setting'> & { readonly setting: Omit<FitContext['setting'], 'library'> };

/** Where a run stands that is to be fitted. */
export interface RunPlace {
  readonly segments: readonly Segment[];
  readonly position: Seconds;
  readonly left: Seconds;
}

export interface FitQuestion {
  readonly number: number;
  readonly circuit: Circuit;
  readonly context: PlainContext;
  readonly recipe: FitRecipe;
  /** Null for the whole curve of the circuit. */
  readonly run: RunPlace | null;
  readonly drills: readonly Drill[] | null;
}

export type FitAnswer =
  | { readonly number: number; readonly kind: 'progress'; readonly share: number }
  | { readonly number: number; readonly kind: 'curve'; readonly curve: FitCurve }
  | { readonly number: number; readonly kind: 'refit'; readonly refit: Refit };

let library: DrillLibrary = libraryOf([]);

self.onmessage = ({ data }: MessageEvent<FitQuestion>) => {
  const { number, circuit, recipe, run, drills } = data;
  if (drills) library = libraryOf(drills);
  const context: FitContext = { ...data.context, setting: { ...data.context.setting, library } };
  const answer = (said: FitAnswer): void => {
    self.postMessage(said);
  };
  if (run) {
    answer({ number, kind: 'refit', refit: refitRun(circuit, run.segments, run.position, run.left, context, recipe) });
    return;
  }
  const curve = fitCurve(circuit, context, recipe, (share) => answer({ number, kind: 'progress', share }));
  answer({ number, kind: 'curve', curve });
};
