import type { CircuitRecord, CircuitSave } from '@prompt-spark/contract/circuit';
import { emptyCircuit } from '@prompt-spark/core/circuit/circuit';
import { ServerAway, ServerProblem } from '../api/call.ts';
import type { BrowserKeep } from '../saving/browserKeep.ts';
import { CircuitKeeper, type SaveState } from '../saving/circuitKeeper.ts';

export const BENCH_ID = '5f0d5f8e-6a1e-4f43-8f0b-2f3f0b8f4e11';
export const draft = (title: string) => ({ circuit: emptyCircuit(title), groupId: null, siteId: null });
export const recordOf = (title: string, version: number): CircuitRecord => ({
  ...draft(title),
  id: BENCH_ID,
  version,
  savedAt: '2026-11-25T19:42:00.000Z',
});

const keepIn = (map: Map<string, CircuitSave>): BrowserKeep<CircuitSave> => ({
  put: (id, value) => {
    map.set(id, value);
    return true;
  },
  get: (id) => map.get(id),
  drop: (id) => void map.delete(id),
  all: () => [...map],
});

/** A server, a browser's storage and a clock that the test moves by hand. */
export class KeeperBench {
  states: SaveState[] = [];
  kept = new Map<string, CircuitSave>();
  doubted = new Map<string, CircuitSave>();
  stored = recordOf('As it was', 1);
  lastSave = '';
  away = false;
  answerLost = false;
  private ids = 0;
  private waiting: { run: () => void; milliseconds: number }[] = [];

  keep = keepIn(this.kept);
  doubts = keepIn(this.doubted);

  keeper = this.open();

  open(): CircuitKeeper {
    return new CircuitKeeper(BENCH_ID, this.stored, {
      send: (_id, save) => this.send(save),
      tellState: (state) => void this.states.push(state),
      keep: this.keep,
      doubts: this.doubts,
      newId: () => `save ${String((this.ids += 1))}`,
      later: (run, milliseconds) => {
        const entry = { run, milliseconds };
        this.waiting.push(entry);
        return () => void (this.waiting = this.waiting.filter((other) => other !== entry));
      },
    });
  }

  private send(save: CircuitSave): Promise<CircuitRecord> {
    if (this.away) return Promise.reject(new ServerAway());
    if (save.saveId !== this.lastSave) {
      if (save.version !== this.stored.version) {
        const problem = { type: 'about:blank', title: '', status: 409, detail: '', current: this.stored };
        return Promise.reject(new ServerProblem(problem));
      }
      this.stored = recordOf(save.circuit.title, save.version + 1);
      this.lastSave = save.saveId;
    }
    if (!this.answerLost) return Promise.resolve(this.stored);
    this.answerLost = false;
    return Promise.reject(new ServerAway());
  }

  /** Lets the time pass until nothing waits, or so often. */
  async pass(times = 1): Promise<void> {
    for (let turn = 0; turn < times; turn += 1) {
      const due = this.waiting;
      this.waiting = [];
      for (const { run } of due) run();
      await new Promise((resolve) => setTimeout(resolve, 0));
    }
  }

  get state(): SaveState['kind'] | undefined {
    return this.states.at(-1)?.kind;
  }
}
