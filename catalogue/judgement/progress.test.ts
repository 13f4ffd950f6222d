import type { Amount } from '@prompt-spark/core/circuit/amount';
import { approachOf } from '@prompt-spark/core/approach/approaches';
import { mainSessionOf } from '@prompt-spark/core/approach/meantSession';
import { libraryOf } from '@prompt-spark/core/drills/library';
import { floorOf } from '@prompt-spark/core/occasion/floor';
import { occasionOf } from '@prompt-spark/core/occasion/occasion';
import { nextStep, type PastRun } from '@prompt-spark/core/progress/nextStep';
import { progressRules } from '@prompt-spark/core/progress/rules';
import { steppedCircuit } from '@prompt-spark/core/progress/steppedCircuit';
import { stepFacts, type StepFacts } from '@prompt-spark/core/progress/stepFacts';
import { MARK_KINDS, type MarkKind } from '@prompt-spark/core/session/marks';
import { readWhiteboard } from '@prompt-spark/core/whiteboard/readWhiteboard';
import { describe, expect, it } from 'vitest';
import { catalogue } from '../index.ts';
import { boardOf, casesIn, named } from './cases.ts';

const STEPS = { up: 1, same: 0, down: -1, 'two down': -2 } as const;
const isStep = (word: string): word is keyof typeof STEPS => word in STEPS;

/** "9:4 niggle": nine days ago, effort 4, with a niggle tapped. */
function runFrom(text: string): PastRun {
  const [when = '', ...words] = text.split(' ');
  const [daysAgo, effort] = when.split(':');
  const marked = named(words.join(' '), ',');
  const marks = marked.filter((word): word is MarkKind => MARK_KINDS.some((kind) => kind === word));
  return {
    daysAgo: Number(daysAgo),
    effort: effort === '-' ? null : Number(effort),
    endedEarly: marked.includes('early'),
    marks: marks.map((kind) => ({ slotId: 'slot', kind })),
  };
}

describe('whether the next time is harder or easier (common practice, no source)', () => {
  it.each(casesIn('progress.txt').map(({ line, fields }) => ({ line, fields })))('$line', ({ fields }) => {
    const [runs = '', more = '', expected = ''] = fields;
    const rules = progressRules(approachOf(/approach: ([a-z ]+)/.exec(more)?.[1]?.replaceAll(' ', '-') ?? '').id);
    const changed = /changed: (\d+)/.exec(more)?.[1];
    const step =
      rules &&
      nextStep(named(runs, '/').map(runFrom), rules, {
        sore: more.includes('sore'),
        ...(changed === undefined ? {} : { changedDaysAgo: Number(changed) }),
      });
    expect(step?.steps).toBe(isStep(expected) ? STEPS[expected] : undefined);
  });
});

/** What a case says of a change: "Glute bridge 12 instead of 10", "Integrate: 1 round instead of 2". */
function told(facts: StepFacts): string {
  switch (facts.kind) {
    case 'rounds': {
      const { phase, before, now } = facts;
      const rounds = now.high === 1 ? '1 round' : `${String(now.high)} rounds`;
      return `${phase.charAt(0).toUpperCase()}${phase.slice(1)}: ${rounds} instead of ${String(before.high)}`;
    }
    case 'version':
      return `${facts.now} instead of ${facts.before}`;
    case 'amount': {
      const aSide = facts.before.slot.sides === 'both' ? '' : ' a side';
      return `${facts.drill} ${amount(facts.now)} instead of ${amount(facts.before)}${aSide}`;
    }
  }
}

function amount({ slot: { dose } }: Amount): string {
  if (dose.kind === 'reps') return String(dose.count.high);
  return dose.kind === 'time' ? `${String(dose.seconds.high)} s` : dose.kind;
}

describe('what a step changes (common practice, no source)', () => {
  const library = libraryOf(catalogue);
  it.each(casesIn('progressSteps.txt').map(({ line, fields }) => ({ line, fields })))('$line', ({ fields }) => {
    const [board = '', step = '', expected = ''] = fields;
    const { circuit, problems } = readWhiteboard(boardOf(board), library);
    expect(problems).toEqual([]);
    const occasion = occasionOf({
      library,
      approach: approachOf(circuit.approach),
      session: mainSessionOf(circuit.purpose),
    });
    const steps = isStep(step) ? STEPS[step] : 0;
    if (steps === 0) throw new Error(`"${step}" is no step.`);
    const changes = steppedCircuit(circuit, occasion, steps)?.changes ?? [];
    const floor = floorOf(circuit, occasion);
    const facts = changes.flatMap((change) => stepFacts(change, library, floor) ?? []);
    expect(facts.map(told)).toEqual(named(expected, ' / '));
  });
});
