import type { Circuit, DrillLibrary, FitCurve } from '@prompt-spark/core';
import type { FitRecipe } from '@prompt-spark/core/circuit/shortVersion';
import type { FitContext } from '@prompt-spark/core/fit/fitContext';
import type { OnProgress } from '@prompt-spark/core/fit/fitCurve';
import type { Refit } from '@prompt-spark/core/fit/refitRun';
import { proxy, type Remote } from 'comlink';
import type { Fitting, PlainContext, RunPlace } from './fitWorker.ts';
import { Workshop } from './workshop.ts';

/** Fits circuits beside the page. */
export class FitWork {
  private readonly workshop: Workshop<Fitting>;
  private told: { readonly library: DrillLibrary; readonly by: unknown } | undefined;

  constructor(start = () => new Worker(new URL('./fitWorker.ts', import.meta.url), { type: 'module' })) {
    this.workshop = new Workshop(start);
  }

  /**
   * The whole curve of a circuit; undefined where it was called off.
   *
   * @throws WorkFailed
   */
  curve(
    circuit: Circuit,
    context: FitContext,
    recipe: FitRecipe,
    onProgress: OnProgress = () => undefined,
  ): Promise<FitCurve | undefined> {
    return this.workshop.ask(async (api) => {
      const plain = await this.plain(api, context);
      return api.curve(circuit, plain, recipe, proxy(onProgress));
    });
  }

  /**
   * What is still to come of a run, fitted; undefined where it was called off.
   *
   * @throws WorkFailed
   */
  refit(circuit: Circuit, context: FitContext, recipe: FitRecipe, run: RunPlace): Promise<Refit | undefined> {
    return this.workshop.ask(async (api) => api.refit(circuit, await this.plain(api, context), recipe, run));
  }

  warm(): void {
    this.workshop.warm();
  }

  cancel(): void {
    this.workshop.cancel();
  }

  end(): void {
    this.workshop.end();
  }

  /** The context without its library, which is told once to each worker. */
  private async plain(
    api: Remote<Fitting>,
    { setting: { library, ...setting }, ...context }: FitContext,
  ): Promise<PlainContext> {
    const by = this.workshop.now;
    if (this.told?.library !== library || this.told.by !== by) {
      this.told = { library, by };
      await api.know(library.drills);
    }
    return { ...context, setting };
  }
}
