import { fork, type ChildProcess } from 'node:child_process';
import { setTimeout, clearTimeout } from 'node:timers';
import { fileURLToPath } from 'node:url';
import type { Highs } from 'highs';
import type { ChoiceSet } from '../fit/search/choice.ts';
import type { Seconds } from '../units.ts';
import { fitProgram, WORTH_UNIT } from './fitProgram.ts';

/** Seconds that highs may take for one program; the usual one takes a tenth of a second. */
const PATIENCE: Seconds = 20;
/** Seconds after which its process is ended: it does not always keep to its own limit. */
const END_OF_PATIENCE: Seconds = 30;
type Options = NonNullable<Parameters<Highs['solve']>[1]>;
const EXACTLY: Options = { mip_rel_gap: 0, mip_abs_gap: 1e-6, time_limit: PATIENCE };

/** What the referee says: the best worth, that nothing fits, or nothing. */
export type Verdict =
  | { readonly kind: 'best'; readonly worth: number }
  | { readonly kind: 'nothing fits' }
  | { readonly kind: 'no answer' };

/** What highs says of a program. */
interface Answer {
  readonly status: string;
  readonly value: number;
  /** Its solution keeps to the program. */
  readonly holds: boolean;
}

/**
 * Solves fit programs with highs, in a process of its own. Where it breaks down or does not come to an end, a new process is
 * asked once more, without presolving.
 */
export class Referee {
  private process: ChildProcess | undefined;

  /** The best worth of any plan of any set of choices for a number of seconds. */
  async best(sets: readonly ChoiceSet[], seconds: Seconds): Promise<Verdict> {
    const values: number[] = [];
    for (const set of sets) {
      const program = fitProgram(set, seconds);
      const answer =
        (await this.solve(program, EXACTLY)) ?? (await this.solve(program, { ...EXACTLY, presolve: 'off' }));
      if (answer?.status === 'Optimal' && answer.holds) values.push(answer.value * WORTH_UNIT);
      else if (answer?.status !== 'Infeasible') return { kind: 'no answer' };
    }
    return values.length > 0 ? { kind: 'best', worth: Math.max(...values) } : { kind: 'nothing fits' };
  }

  /** Ends the process. */
  close(): void {
    this.process?.kill('SIGKILL');
    this.process = undefined;
  }

  /** Nothing where the process broke down or did not answer in time. */
  private solve(program: string, options: Options): Promise<Answer | undefined> {
    const solver = (this.process ??= fork(fileURLToPath(new URL('highsProcess.js', import.meta.url)), {
      execArgv: [],
      // What highs prints as it breaks down.
      stdio: ['ignore', 'ignore', 'ignore', 'ipc'],
    }));
    return new Promise((resolve) => {
      const end = (answer: Answer | undefined): void => {
        clearTimeout(patience);
        solver.off('message', heard).off('exit', gone);
        resolve(answer);
      };
      const heard = (answer: unknown): void => end(answer as Answer);
      const gone = (): void => {
        if (this.process === solver) this.process = undefined;
        end(undefined);
      };
      const patience = setTimeout(() => {
        this.close();
        end(undefined);
      }, END_OF_PATIENCE * 1000);
      solver.once('message', heard).once('exit', gone);
      solver.send({ program, options });
    });
  }
}
