import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { BENCH_ID, draft, KeeperBench, recordOf } from '../testing/keeperBench.ts';

/** What can happen to a page that saves. */
type Event =
  | 'type'
  | 'wait'
  | 'go away'
  | 'come back'
  | 'lose the next answer'
  | 'reload'
  | 'save elsewhere'
  | 'keep mine'
  | 'take theirs';

const ALONE: readonly Event[] = [
  'type',
  'type',
  'wait',
  'wait',
  'go away',
  'come back',
  'lose the next answer',
  'reload',
];
const WITH_OTHERS: readonly Event[] = [...ALONE, 'save elsewhere', 'keep mine', 'take theirs'];

/** One page against one server, with what was typed and what was saved elsewhere written down. */
class Page {
  readonly bench = new KeeperBench();
  typed = 'As it was';
  /** What was saved elsewhere and then overwritten from here without being asked. */
  readonly trodden: string[] = [];
  private elsewhere: string | undefined;
  private settled = false;
  private count = 0;

  async happen(event: Event): Promise<void> {
    const { bench } = this;
    switch (event) {
      case 'type':
        this.typed = `Typed ${String((this.count += 1))}`;
        bench.keeper.change(draft(this.typed));
        break;
      case 'wait':
        await bench.pass();
        break;
      case 'go away':
      case 'come back':
        bench.away = event === 'go away';
        break;
      case 'lose the next answer':
        bench.answerLost = true;
        break;
      case 'reload': {
        bench.keeper.stop();
        bench.keeper = bench.open();
        const left = bench.keeper.takeUpLeft(bench.stored);
        this.typed = left ? left.circuit.title : bench.stored.circuit.title;
        // Nothing was left: the page shows what stands on the server, and builds on it.
        if (!left) this.settled = true;
        break;
      }
      case 'save elsewhere':
        this.elsewhere = `Elsewhere ${String((this.count += 1))}`;
        this.settled = false;
        bench.stored = recordOf(this.elsewhere, bench.stored.version + 1);
        break;
      case 'keep mine':
      case 'take theirs': {
        const state = bench.states.at(-1);
        if (state?.kind !== 'conflict') return;
        this.settled = state.theirs.circuit.title === this.elsewhere;
        if (event === 'keep mine') bench.keeper.keepMine(state.theirs);
        else {
          bench.keeper.takeTheirs(state.theirs);
          this.typed = state.theirs.circuit.title;
        }
      }
    }
    const now = bench.stored.circuit.title;
    if (this.elsewhere !== undefined && now !== this.elsewhere) {
      if (!this.settled) this.trodden.push(this.elsewhere);
      this.elsewhere = undefined;
    }
  }

  /** The server is back, answers, and there is time enough. */
  async rest(): Promise<void> {
    this.bench.away = false;
    this.bench.answerLost = false;
    await this.bench.pass(12);
  }
}

const eventsOf = (events: readonly Event[]) => fc.array(fc.constantFrom(...events), { maxLength: 30 });

describe('whatever happens to the network and the page', () => {
  it('what was typed last is on the server in the end, and a page that is alone is never told of somebody else', async () => {
    await fc.assert(
      fc.asyncProperty(eventsOf(ALONE), async (events) => {
        const page = new Page();
        for (const event of events) await page.happen(event);
        await page.rest();
        expect(page.bench.stored.circuit.title).toBe(page.typed);
        expect(page.bench.states.map(({ kind }) => kind)).not.toContain('conflict');
        expect([page.bench.kept.size, page.bench.doubted.size]).toEqual([0, 0]);
      }),
      { numRuns: 200 },
    );
  });

  it('what was saved elsewhere is never overwritten unasked, and what was typed stays in the browser until it is settled', async () => {
    await fc.assert(
      fc.asyncProperty(eventsOf(WITH_OTHERS), async (events) => {
        const page = new Page();
        for (const event of events) await page.happen(event);
        await page.rest();
        expect(page.trodden).toEqual([]);
        const { bench } = page;
        if (bench.state === 'conflict') expect(bench.kept.get(BENCH_ID)?.circuit.title).toBe(page.typed);
        else expect(bench.kept.size).toBe(0);
      }),
      // A page that finds its changes left over beside somebody else's save, and is typed in before that is settled.
      { numRuns: 200, examples: [[['save elsewhere', 'type', 'reload', 'type', 'wait']]] },
    );
  });
});
