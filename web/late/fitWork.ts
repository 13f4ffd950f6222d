import type { Circuit } from '@prompt-spark/core/circuit/circuit';
import type { DrillLibrary } from '@prompt-spark/core/drills/library';
import type { FitCurve } from '@prompt-spark/core/fit/search/fitCurve';
import type { FitRecipe } from '@prompt-spark/core/circuit/shortVersion';
import type { Occasion } from '@prompt-spark/core/occasion/occasion';
import type { OnProgress } from '@prompt-spark/core/fit/search/fitCurve';
import type { Refit } from '@prompt-spark/core/fit/refitRun';
import { proxy, type Remote } from 'comlink';
import type { Fitting, PlainOccasion, RunPlace } from './fitWorker.ts';
import { Workshop } from '../workers/workshop.ts';

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
    occasion: Occasion,
    recipe: FitRecipe,
    onProgress: OnProgress = () => undefined,
  ): Promise<FitCurve | undefined> {
    return this.workshop.ask(async (api) => {
      const plain = await this.plain(api, occasion);
      return api.curve(circuit, plain, recipe, proxy(onProgress));
    });
  }

  /**
   * What is still to come of a run, fitted; undefined where it was called off.
   *
   * @throws WorkFailed
   */
  refit(circuit: Circuit, occasion: Occasion, recipe: FitRecipe, run: RunPlace): Promise<Refit | undefined> {
    return this.workshop.ask(async (api) => api.refit(circuit, await this.plain(api, occasion), recipe, run));
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

  /** The occasion without its library, which is told once to each worker. */
  private async plain(api: Remote<Fitting>, { library, ...occasion }: Occasion): Promise<PlainOccasion> {
    const by = this.workshop.now;
    if (this.told?.library !== library || this.told.by !== by) {
      this.told = { library, by };
      await api.know(library.drills);
    }
    return occasion;
  }
}
