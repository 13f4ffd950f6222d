import { expose } from 'comlink';
import { describe, expect, it } from 'vitest';
import { Workshop, WorkFailed } from './workshop.ts';

const adding = {
  add: (one: number, other: number) => one + other,
  never: () => new Promise<number>(() => undefined),
  torn: () => {
    throw new RangeError('torn in two');
  },
};

/** A worker as a browser has them, in this process: a channel with its work at the other end. */
class HandWorker extends EventTarget {
  onerror: ((event: { message: string; preventDefault: () => void }) => void) | null = null;
  private readonly channel = new MessageChannel();

  constructor() {
    super();
    expose(adding, this.channel.port2);
    this.channel.port1.addEventListener('message', ({ data }: MessageEvent) =>
      this.dispatchEvent(new MessageEvent('message', { data })),
    );
    this.channel.port1.start();
  }

  postMessage(message: unknown, transfer: Transferable[] = []): void {
    this.channel.port1.postMessage(message, transfer);
  }

  terminate(): void {
    this.channel.port1.close();
    this.channel.port2.close();
  }
}

function workshop() {
  const workers: HandWorker[] = [];
  const made = new Workshop<typeof adding>(() => {
    const worker = new HandWorker();
    workers.push(worker);
    return worker;
  });
  return { made, workers };
}

describe('work beside the page', () => {
  it('is answered, by one worker for all questions', async () => {
    const { made, workers } = workshop();
    expect(await made.ask((api) => api.add(2, 3))).toBe(5);
    expect(await made.ask((api) => api.add(4, 5))).toBe(9);
    expect(workers).toHaveLength(1);
    made.end();
  });

  it('says why it came to nothing, and the next question is answered', async () => {
    const { made, workers } = workshop();
    await expect(made.ask((api) => api.torn())).rejects.toThrow('That could not be worked out: torn in two');
    expect(await made.ask((api) => api.add(2, 3))).toBe(5);
    const waiting = made.ask((api) => api.never());
    workers[0]?.onerror?.({ message: 'no such file', preventDefault: () => undefined });
    await expect(waiting).rejects.toBeInstanceOf(WorkFailed);
    expect(await made.ask((api) => api.add(2, 3))).toBe(5);
    expect(workers).toHaveLength(2);
    made.end();
  });

  it('is given up when it is called off, and nobody waits for ever', async () => {
    const { made } = workshop();
    const waiting = made.ask((api) => api.never());
    made.cancel();
    expect(await waiting).toBeUndefined();
    expect(await made.ask((api) => api.add(1, 1))).toBe(2);
    made.end();
  });
});
