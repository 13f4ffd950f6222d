import type { CircuitRecord } from '@prompt-spark/contract/circuit';
import { beforeEach, describe, expect, it } from 'vitest';
import { BENCH_ID as ID, draft, KeeperBench, recordOf } from '../testing/keeperBench.ts';

let bench: KeeperBench;
beforeEach(() => {
  bench = new KeeperBench();
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
    // The first may have arrived for all anybody knows: it goes first.
    expect(bench.stored).toMatchObject({ version: 3, circuit: { title: 'Offline too' } });
    expect(bench.state).toBe('saved');
  });

  it('takes a save whose answer was lost for what it is, not for somebody else’s', async () => {
    bench.answerLost = true;
    bench.keeper.change(draft('Once'));
    await bench.pass(3);
    expect(bench.stored).toMatchObject({ version: 2, circuit: { title: 'Once' } });
    expect(bench.state).toBe('saved');
  });

  it('does not take what it wrote itself for somebody else’s, when more was typed after the answer was lost', async () => {
    bench.answerLost = true;
    bench.keeper.change(draft('Once'));
    await bench.pass();
    bench.keeper.change(draft('Once more'));
    await bench.pass(3);
    expect(bench.stored).toMatchObject({ version: 3, circuit: { title: 'Once more' } });
    expect(bench.state).toBe('saved');
    expect(bench.states.map(({ kind }) => kind)).not.toContain('conflict');
  });

  it('nor at the next visit', async () => {
    bench.answerLost = true;
    bench.keeper.change(draft('Once'));
    await bench.pass();
    bench.keeper.change(draft('Once more'));
    bench.keeper.stop();
    bench.keeper = bench.open();
    expect(bench.keeper.takeUpLeft(bench.stored)?.circuit.title).toBe('Once more');
    await bench.pass(3);
    expect(bench.stored).toMatchObject({ version: 3, circuit: { title: 'Once more' } });
    expect(bench.state).toBe('saved');
    expect([bench.kept.size, bench.doubted.size]).toEqual([0, 0]);
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
