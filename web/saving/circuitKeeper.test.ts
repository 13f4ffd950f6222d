import type { CircuitRecord, CircuitSave } from '@prompt-spark/contract/circuit';
import { emptyCircuit } from '@prompt-spark/core/circuit/circuit';
import { beforeEach, describe, expect, it } from 'vitest';
import { ServerAway, ServerProblem } from '../api/request.ts';
import type { BrowserKeep } from './browserKeep.ts';
import { CircuitKeeper, type SaveState } from './circuitKeeper.ts';

const ID = '5f0d5f8e-6a1e-4f43-8f0b-2f3f0b8f4e11';
const draft = (title: string) => ({ circuit: emptyCircuit(title), groupId: null, siteId: null });
const recordOf = (title: string, version: number): CircuitRecord => ({
  ...draft(title),
  id: ID,
  version,
  savedAt: '2026-11-25T19:42:00.000Z',
});

/** A server, a browser's storage and a clock that the test moves by hand. */
class Bench {
  states: SaveState[] = [];
  kept = new Map<string, CircuitSave>();
  stored = recordOf('As it was', 1);
  lastSave = '';
  away = false;
  answerLost = false;
  private waiting: { run: () => void; milliseconds: number }[] = [];

  keep: BrowserKeep<CircuitSave> = {
    put: (id, value) => void this.kept.set(id, value),
    get: (id) => this.kept.get(id),
    drop: (id) => void this.kept.delete(id),
    all: () => [...this.kept],
  };

  keeper = this.open();

  open(): CircuitKeeper {
    let ids = 0;
    return new CircuitKeeper(ID, this.stored, {
      send: (_id, save) => this.send(save),
      tellState: (state) => void this.states.push(state),
      keep: this.keep,
      newId: () => `save ${String((ids += 1))} of ${String(this.stored.version)}`,
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

let bench: Bench;
beforeEach(() => {
  bench = new Bench();
});

describe('saving a circuit', () => {
  it('keeps a change in the browser before it is sent, and lets go of it once the server has it', async () => {
    bench.keeper.change(draft('New'));
    expect(bench.kept.get(ID)?.circuit.title).toBe('New');
    expect(bench.state).toBe('saving');
    await bench.pass();
    expect(bench.stored.circuit.title).toBe('New');
    expect(bench.kept.size).toBe(0);
    expect(bench.state).toBe('saved');
  });

  it('sends only the last of many changes typed in a row', async () => {
    for (const title of ['N', 'Ne', 'New']) bench.keeper.change(draft(title));
    await bench.pass();
    expect(bench.stored).toMatchObject({ version: 2, circuit: { title: 'New' } });
  });

  it('builds a change made while another is under way on the version that comes back', async () => {
    bench.keeper.change(draft('One'));
    const first = bench.keeper.flush();
    bench.keeper.change(draft('Two'));
    await first;
    await bench.pass(2);
    expect(bench.stored).toMatchObject({ version: 3, circuit: { title: 'Two' } });
    expect(bench.state).toBe('saved');
  });

  it('goes on while the server is away, says so, and sends when it is back', async () => {
    bench.away = true;
    bench.keeper.change(draft('Offline'));
    await bench.pass(3);
    expect(bench.state).toBe('away');
    bench.keeper.change(draft('Offline too'));
    await bench.pass();
    expect(bench.kept.get(ID)?.circuit.title).toBe('Offline too');
    bench.away = false;
    await bench.pass(2);
    expect(bench.stored).toMatchObject({ version: 2, circuit: { title: 'Offline too' } });
    expect(bench.state).toBe('saved');
  });

  it('takes a save whose answer was lost for what it is, not for somebody else’s', async () => {
    bench.answerLost = true;
    bench.keeper.change(draft('Once'));
    await bench.pass(3);
    expect(bench.stored).toMatchObject({ version: 2, circuit: { title: 'Once' } });
    expect(bench.state).toBe('saved');
  });

  it('takes up at the next visit what was not sent at the last', async () => {
    bench.away = true;
    bench.keeper.change(draft('Left behind'));
    bench.keeper.stop();
    bench.away = false;
    const next = bench.open();
    expect(next.takeUpLeft(bench.stored)?.circuit.title).toBe('Left behind');
    await bench.pass(2);
    expect(bench.stored.circuit.title).toBe('Left behind');
  });
});

describe('a change made elsewhere', () => {
  async function conflict(): Promise<CircuitRecord> {
    bench.stored = recordOf('Theirs', 2);
    bench.keeper.change(draft('Mine'));
    await bench.pass();
    const state = bench.states.at(-1);
    if (state?.kind !== 'conflict') throw new Error('There was no conflict.');
    return state.theirs;
  }

  it('is offered, not overwritten, and mine stays in the browser', async () => {
    expect((await conflict()).circuit.title).toBe('Theirs');
    expect(bench.stored.circuit.title).toBe('Theirs');
    expect(bench.kept.get(ID)?.circuit.title).toBe('Mine');
  });

  it('gives way to mine where the coach says so', async () => {
    bench.keeper.keepMine(await conflict());
    await bench.pass();
    expect(bench.stored).toMatchObject({ version: 3, circuit: { title: 'Mine' } });
  });

  it('stays where the coach takes it, and later changes build on it', async () => {
    bench.keeper.takeTheirs(await conflict());
    expect(bench.kept.size).toBe(0);
    bench.keeper.change(draft('Next'));
    await bench.pass();
    expect(bench.stored).toMatchObject({ version: 3, circuit: { title: 'Next' } });
  });

  it('is found at the next visit too, when changes were left behind', async () => {
    bench.away = true;
    bench.keeper.change(draft('Mine'));
    bench.keeper.stop();
    bench.away = false;
    bench.stored = recordOf('Theirs', 2);
    bench.open().takeUpLeft(bench.stored);
    await bench.pass();
    expect(bench.state).toBe('conflict');
    expect(bench.stored.circuit.title).toBe('Theirs');
  });
});
