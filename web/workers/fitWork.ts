import type { Circuit, DrillLibrary, FitCurve } from '@prompt-spark/core';
import type { FitRecipe } from '@prompt-spark/core/circuit/shortVersion';
import type { FitContext } from '@prompt-spark/core/fit/fitContext';
import type { OnProgress } from '@prompt-spark/core/fit/fitCurve';
import type { Refit } from '@prompt-spark/core/fit/refitRun';
import type { FitAnswer, FitQuestion, RunPlace } from './fitWorker.ts';

interface Pending {
  readonly done: (answer: FitAnswer | undefined) => void;
  readonly onProgress: OnProgress | undefined;
}

/** Fits circuits beside the page. */
export class FitWork {
  private worker: Worker | undefined;
  private sent: DrillLibrary | undefined;
  private last = 0;
  private readonly pending = new Map<number, Pending>();

  /** The whole curve of a circuit; undefined where it was called off. */
  async curve(
    circuit: Circuit,
    context: FitContext,
    recipe: FitRecipe,
    onProgress?: OnProgress,
  ): Promise<FitCurve | undefined> {
    const answer = await this.ask(circuit, context, recipe, null, onProgress);
    return answer?.kind === 'curve' ? answer.curve : undefined;
  }

  /** What is still to come of a run, fitted; undefined where it was called off. */
  async refit(circuit: Circuit, context: FitContext, recipe: FitRecipe, run: RunPlace): Promise<Refit | undefined> {
    const answer = await this.ask(circuit, context, recipe, run);
    return answer?.kind === 'refit' ? answer.refit : undefined;
  }

  /** Gets ready, so that the first answer does not wait for it. */
  warm(): void {
    this.worker ??= this.start();
  }

  /** Calls off whatever is being worked out. */
  cancel(): void {
    if (this.pending.size > 0) this.end();
  }

  /** Lets the worker go. */
  end(): void {
    this.worker?.terminate();
    this.worker = undefined;
    this.sent = undefined;
    for (const { done } of this.pending.values()) done(undefined);
    this.pending.clear();
  }

  private ask(
    circuit: Circuit,
    { setting: { library, ...setting }, ...context }: FitContext,
    recipe: FitRecipe,
    run: RunPlace | null,
    onProgress?: OnProgress,
  ): Promise<FitAnswer | undefined> {
    const worker = (this.worker ??= this.start());
    const drills = library === this.sent ? null : library.drills;
    this.sent = library;
    this.last += 1;
    const question: FitQuestion = { number: this.last, circuit, context: { ...context, setting }, recipe, run, drills };
    return new Promise((done) => {
      this.pending.set(question.number, { done, onProgress });
      worker.postMessage(question);
    });
  }

  private start(): Worker {
    const worker = new Worker(new URL('./fitWorker.ts', import.meta.url), { type: 'module' });
    worker.onmessage = ({ data }: MessageEvent<FitAnswer>) => {
      const waiting = this.pending.get(data.number);
      if (data.kind === 'progress') return waiting?.onProgress?.(data.share);
      this.pending.delete(data.number);
      waiting?.done(data);
    };
    return worker;
  }
}
