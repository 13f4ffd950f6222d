import { allSlots, slotsOf, type Circuit, type Slot } from '@prompt-spark/core/circuit/circuit';
import { libraryOf } from '@prompt-spark/core/drills/library';
import { approachOf } from '@prompt-spark/core/approach/approaches';
import { mainSessionOf } from '@prompt-spark/core/approach/meantSession';
import { fitCircuit, type Fitted } from '@prompt-spark/core/fit/fitCircuit';
import { occasionOf } from '@prompt-spark/core/occasion/occasion';
import { countAt, secondsAt } from '@prompt-spark/core/units';
import { readWhiteboard } from '@prompt-spark/core/whiteboard/readWhiteboard';
import { writeWhiteboard } from '@prompt-spark/core/whiteboard/writeWhiteboard';
import { describe, expect, it } from 'vitest';
import { catalogue } from '../index.ts';
import { boardOf, casesIn, lookedAt, named, putAside, rateOf } from './cases.ts';

const library = libraryOf(catalogue);

/** A fitted circuit, and what it was made from. */
interface Outcome {
  readonly planned: Circuit;
  readonly fitted: Fitted;
}

const nameOf = ({ drillId }: Slot): string => library.byId.get(drillId)?.name ?? drillId;
const has = (circuit: Circuit, name: string): Slot | undefined =>
  allSlots(circuit).find((slot) => nameOf(slot) === name);

/** The number that a coach calls of a dose: repetitions, or seconds. */
function called({ dose }: Slot): number {
  switch (dose.kind) {
    case 'reps':
      return countAt(dose.count, 'plan');
    case 'holds':
      return countAt(dose.count, 'plan');
    case 'time':
    case 'feel':
      return secondsAt(dose.seconds, 'plan');
    case 'distance':
      return countAt(dose.lengths, 'plan');
    case 'ramp':
      return secondsAt(dose.each, 'plan');
    case 'lift':
      return dose.steps.length;
  }
}

const dosesIn = (circuit: Circuit, phase: string): readonly number[] =>
  circuit.blocks.filter((block) => block.phase === phase).flatMap((block) => slotsOf(block).map(called));
const percentsOf = (circuit: Circuit): readonly number[] =>
  allSlots(circuit).flatMap(({ dose }) => (dose.kind === 'lift' ? dose.steps.map(({ percent }) => percent) : []));
const jumps = (steps: readonly number[]): readonly number[] =>
  [...steps, 100].slice(1).map((step, at) => step - (steps[at] ?? 0));
/** Counts, or seconds, that a plan made smaller. */
const cut = ({ planned, fitted }: Outcome, kinds: readonly string[]): readonly number[] =>
  allSlots(fitted.circuit).flatMap((slot) => {
    const before = allSlots(planned).find(({ id }) => id === slot.id);
    return before && kinds.includes(slot.dose.kind) && called(slot) < called(before) ? [called(slot)] : [];
  });

type Claim = (outcome: Outcome, words: readonly string[]) => boolean;

/** What a case may say, as a pattern and what it means. */
const CLAIMS: readonly (readonly [RegExp, Claim])[] = [
  [/^keeps (.+)$/, ({ fitted }, [name = '']) => has(fitted.circuit, name) !== undefined],
  [
    /^drops (.+) and keeps (.+)$/,
    ({ fitted }, [one = '', other = '']) => !has(fitted.circuit, one) && has(fitted.circuit, other) !== undefined,
  ],
  [/^drops (.+)$/, ({ fitted }, [name = '']) => has(fitted.circuit, name) === undefined],
  [/^at most (\d+) moves$/, ({ fitted }, [most]) => fitted.moves.length <= Number(most)],
  [/^at least (\d+) moves$/, ({ fitted }, [least]) => fitted.moves.length >= Number(least)],
  [/^alike (\w+)$/, ({ fitted }, [phase = '']) => new Set(dosesIn(fitted.circuit, phase)).size <= 1],
  [
    /^more than one (?:interval|count)$/,
    ({ planned, fitted }) =>
      planned.blocks.some(
        ({ phase }) => new Set(dosesIn(fitted.circuit, phase)).size > new Set(dosesIn(planned, phase)).size,
      ),
  ],
  [/^first set at most (\d+)$/, ({ fitted }, [most]) => (percentsOf(fitted.circuit)[0] ?? 101) <= Number(most)],
  [
    /^no jump above (\d+)$/,
    ({ fitted }, [most]) => jumps(percentsOf(fitted.circuit)).every((jump) => jump <= Number(most)),
  ],
  [/^count under (\d+)$/, (outcome, [least]) => cut(outcome, ['reps', 'holds']).some((one) => one < Number(least))],
  [/^seconds under (\d+)$/, (outcome, [least]) => cut(outcome, ['time', 'feel']).some((one) => one < Number(least))],
  [
    /^(.+) at least (\d+)$/,
    ({ fitted }, [name = '', least]) => {
      const slot = has(fitted.circuit, name);
      return slot !== undefined && called(slot) >= Number(least);
    },
  ],
  [
    /^(.+) under (\d+)$/,
    ({ fitted }, [name = '', least]) => {
      const slot = has(fitted.circuit, name);
      return slot !== undefined && called(slot) < Number(least);
    },
  ],
];

function holds(claim: string, outcome: Outcome): boolean {
  for (const [pattern, means] of CLAIMS) {
    const found = pattern.exec(claim);
    if (found) return means(outcome, found.slice(1));
  }
  throw new Error(`What is "${claim}"?`);
}

const CASES = casesIn('fits.txt').map(({ fields }) => {
  const [board, seconds, must, never, why = ''] = fields;
  return { board: boardOf(board), seconds: Number(seconds), must: named(must), never: named(never), why };
});

function fitted({ board, seconds }: (typeof CASES)[number]): Outcome | undefined {
  const { circuit, problems } = readWhiteboard(board, library);
  const unsure = allSlots(circuit).filter(({ guess }) => guess !== '');
  if (problems.length > 0 || unsure.length > 0) throw new Error(`Not read: ${JSON.stringify(problems)} ${board}`);
  const session = mainSessionOf(circuit.purpose);
  const occasion = occasionOf({ library, session, approach: approachOf('') });
  const found = fitCircuit(circuit, occasion, seconds);
  return found.kind === 'fitted' ? { planned: circuit, fitted: found } : undefined;
}

describe('what is kept when there is less time (common practice, no source)', () => {
  // The rates of today. They may rise, and never fall.
  it.each([
    ['looked at', lookedAt(CASES), 95],
    ['put aside', putAside(CASES), 95],
  ] as const)('is what a good coach would keep, in the cases %s', (_, cases, least) => {
    const outcomes = cases.map((one) => {
      const outcome = fitted(one);
      const wrong = outcome
        ? [
            ...one.must.filter((claim) => !holds(claim, outcome)),
            ...one.never.filter((claim) => holds(claim, outcome)).map((claim) => `not ${claim}`),
          ]
        : ['it does not fit'];
      const said = outcome ? writeWhiteboard(outcome.fitted.circuit, library).replaceAll('\n', ' / ') : '';
      return { right: wrong.length === 0, said: `${one.why}: ${wrong.join(', ')} -- ${said}` };
    });
    const wrong = outcomes.filter(({ right }) => !right).map(({ said }) => said);
    expect(rateOf(outcomes.map(({ right }) => right)), wrong.join('\n')).toBeGreaterThanOrEqual(least);
  });
});
