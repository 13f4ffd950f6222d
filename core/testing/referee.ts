import loadHighs, { type Highs } from 'highs';
import type { ChoiceSet } from '../fit/choice.ts';
import type { Seconds } from '../units.ts';
import { fitProgram, WORTH_UNIT } from './fitProgram.ts';

/** Seconds that highs may take for one program; the usual one takes a tenth of a second. */
const PATIENCE = 20;

/** What the referee says: the best worth, that nothing fits, or nothing. */
export type Verdict =
  | { readonly kind: 'best'; readonly worth: number }
  | { readonly kind: 'nothing fits' }
  | { readonly kind: 'no answer' };

/**
 * Solves fit programs with highs. Its build for WebAssembly breaks down now and then, after many programs or while it presolves
 * a certain one: then it is loaded afresh and asked once more, and then to do without presolving, which may take too long.
 */
export class Referee {
  private highs: Promise<Highs> = loadHighs();

  /** The best worth of any plan for a number of seconds, names only or not. */
  async best(set: ChoiceSet, seconds: Seconds): Promise<Verdict> {
    const modes = set.mayNameOnly ? [false, true] : [false];
    const values: number[] = [];
    for (const namesOnly of modes) {
      const { Status, ObjectiveValue } = await this.solve(fitProgram(set, seconds, namesOnly));
      if (Status === 'Optimal') values.push(ObjectiveValue * WORTH_UNIT);
      else if (Status !== 'Infeasible') return { kind: 'no answer' };
    }
    return values.length > 0 ? { kind: 'best', worth: Math.max(...values) } : { kind: 'nothing fits' };
  }

  private async solve(program: string): Promise<Pick<ReturnType<Highs['solve']>, 'Status' | 'ObjectiveValue'>> {
    const options = { mip_rel_gap: 0, mip_abs_gap: 1e-6, time_limit: PATIENCE };
    for (const attempt of [options, options, { ...options, presolve: 'off' as const }]) {
      try {
        return (await this.highs).solve(program, attempt);
      } catch {
        this.highs = loadHighs();
      }
    }
    return { Status: 'Unknown', ObjectiveValue: NaN };
  }
}
