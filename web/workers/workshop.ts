import { wrap, type Endpoint, type Remote } from 'comlink';
import { say } from './say.ts';

/** Work beside the page that came to nothing: the worker could not be started, or what it did threw. */
export class WorkFailed extends Error {
  constructor(why: string) {
    super(say.workshop.couldNotBeWorkedOut(why));
  }
}

/** As much of a worker as a workshop needs. */
export interface WorkshopWorker extends Endpoint {
  onerror: ((event: ErrorEvent) => void) | null;
  readonly terminate: () => void;
}

interface Running<Api> {
  readonly worker: WorkshopWorker;
  readonly api: Remote<Api>;
  /** Settles when the worker is ended or fails: nothing may wait for its answers any more. */
  readonly over: Promise<'called off'>;
  readonly callOff: () => void;
}

/** A worker that is started when it is first needed, answers or says why not, and can be called off. */
export class Workshop<Api> {
  private running: Running<Api> | undefined;
  private waiting = 0;

  constructor(private readonly start: () => WorkshopWorker) {}

  /**
   * Has something worked out beside the page; undefined where it was called off.
   *
   * @throws WorkFailed
   */
  async ask<Answer>(question: (api: Remote<Api>) => Promise<Answer>): Promise<Answer | undefined> {
    const { api, over } = (this.running ??= this.open());
    this.waiting += 1;
    try {
      const answer = await Promise.race([question(api).then((found) => ({ found })), over]);
      return answer === 'called off' ? undefined : answer.found;
    } catch (error) {
      if (error instanceof WorkFailed) throw error;
      throw new WorkFailed(error instanceof Error ? error.message : String(error));
    } finally {
      this.waiting -= 1;
    }
  }

  /** Gets ready, so that the first answer does not wait for it. */
  warm(): void {
    this.running ??= this.open();
  }

  /** Calls off what is being worked out, if anything is. */
  cancel(): void {
    if (this.waiting > 0) this.end();
  }

  /** Lets the worker go. What it was told before is to be told again. */
  end(): void {
    this.running?.worker.terminate();
    this.running?.callOff();
    this.running = undefined;
  }

  /** The worker that runs now, to tell whether it is still the one that was told something. */
  get now(): unknown {
    return this.running;
  }

  private open(): Running<Api> {
    const worker = this.start();
    let callOff = (): void => undefined;
    const over = new Promise<'called off'>((resolve, reject) => {
      callOff = () => resolve('called off');
      worker.onerror = (event) => {
        event.preventDefault();
        reject(new WorkFailed(event.message || say.workshop.notStarted));
        this.end();
      };
    });
    // Nobody may be waiting when it fails; the next question starts another.
    over.catch(() => undefined);
    return { worker, api: wrap<Api>(worker), over, callOff };
  }
}
