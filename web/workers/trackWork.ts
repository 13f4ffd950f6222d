import type { Circuit, DrillLibrary, SlotTracks } from '@prompt-spark/core';
import type { Person } from '@prompt-spark/core/limits/person';
import type { SwapSetting } from '@prompt-spark/core/limits/swap';
import type { TracksAnswer, TracksQuestion } from './tracksWorker.ts';

/** Works tracks out beside the page. Only the answer to the last question is given; earlier ones have been overtaken. */
export class TrackWork {
  private worker: Worker | undefined;
  private sent: DrillLibrary | undefined;
  private last = 0;

  constructor(private readonly answer: (tracks: readonly SlotTracks[]) => void) {}

  ask(circuit: Circuit, people: readonly Person[], { library, ...setting }: SwapSetting): void {
    this.worker ??= this.start();
    const drills = library === this.sent ? null : library.drills;
    this.sent = library;
    this.last += 1;
    // What Vue watches cannot be cloned; what the core computes with is plain data.
    const question: TracksQuestion = { number: this.last, circuit, people, setting, drills };
    this.worker.postMessage(question);
  }

  /** Whatever is being worked out is no longer wanted. */
  overtake(): void {
    this.last += 1;
  }

  private start(): Worker {
    const worker = new Worker(new URL('./tracksWorker.ts', import.meta.url), { type: 'module' });
    worker.onmessage = ({ data }: MessageEvent<TracksAnswer>) => {
      if (data.number === this.last) this.answer(data.tracks);
    };
    return worker;
  }
}
