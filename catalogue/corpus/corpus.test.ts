import { readFileSync } from 'node:fs';
import type { Slot } from '@prompt-spark/core/circuit/circuit';
import { libraryOf } from '@prompt-spark/core/drills/library';
import { readLine } from '@prompt-spark/core/whiteboard/lineReader';
import { writeLine } from '@prompt-spark/core/whiteboard/writeWhiteboard';
import { describe, expect, it } from 'vitest';
import { catalogue } from '../index.ts';

const library = libraryOf(catalogue);

/** A line with what it means, in the plain form of the whiteboard. */
interface Spoken {
  readonly line: string;
  readonly meaning: string;
}

function linesOf(file: string): readonly Spoken[] {
  const text = readFileSync(new URL(file, import.meta.url), 'utf8');
  return text.split('\n').flatMap((row) => {
    const [line, meaning] = row.startsWith('#') ? [] : row.split(' => ');
    return line !== undefined && meaning !== undefined ? [{ line, meaning }] : [];
  });
}

/** What counts of a slot here: its words beside the dose, and its marks, are not part of what is measured. */
function meant(slot: Slot): string {
  // As many on each side are as many, whether people take turns or do one side first.
  const counted = slot.dose.kind === 'reps' || slot.dose.kind === 'holds';
  const sides = counted && slot.sides === 'alternate' ? 'each' : slot.sides;
  return writeLine({ ...slot, sides, cue: '', guess: '', pinned: false, optional: false, shownFirst: false }, library);
}

interface Outcome extends Spoken {
  readonly right: boolean;
  readonly guessed: boolean;
  readonly got: string;
}

/** The slots of a meaning, which stand apart by a semicolon where one drill goes straight into another. */
function slotsMeant(meaning: string): readonly Slot[] {
  return meaning.split(' ; ').map((part) => {
    const wanted = readLine(part, library, 'wanted');
    if (wanted.kind !== 'slot' || wanted.slot.guess !== '') throw new Error(`"${part}" is no plain line.`);
    return wanted.slot;
  });
}

function outcome({ line, meaning }: Spoken): Outcome {
  const read = readLine(line, library, 'read');
  const slots = read.kind === 'slot' ? [read.slot, ...read.then] : [];
  const got = slots.map(meant).join(' ; ') || read.kind;
  const right = got === slotsMeant(meaning).map(meant).join(' ; ');
  return { line, meaning, got, right, guessed: slots.some(({ guess }) => guess !== '') };
}

const shown = ({ line, got, meaning, guessed }: Outcome): string =>
  `${line}\n   ${guessed ? 'guessed' : 'read'} ${got}\n   meant ${meaning}`;

describe('lines in coaches’ own words', () => {
  const outcomes = linesOf('spoken.txt').map(outcome);

  it('are read or guessed rightly, ninety-seven of a hundred', () => {
    const wrong = outcomes.filter(({ right }) => !right);
    expect(outcomes.length).toBeGreaterThanOrEqual(600);
    expect(wrong.length / outcomes.length, wrong.map(shown).join('\n')).toBeLessThanOrEqual(0.03);
  });

  it('are never read wrongly without a mark that it was a guess', () => {
    const silent = outcomes.filter(({ right, guessed, got }) => !right && !guessed && got !== 'problem');
    expect(silent.map(shown)).toEqual([]);
  });

  it('name every drill', () => {
    const named = new Set(outcomes.flatMap(({ meaning }) => slotsMeant(meaning).map(({ drillId }) => drillId)));
    expect(catalogue.filter(({ id }) => !named.has(id)).map(({ name }) => name)).toEqual([]);
  });
});

describe('lines that the reader was not tuned to', () => {
  it('are read or guessed rightly, nineteen of twenty', () => {
    const outcomes = linesOf('kept.txt').map(outcome);
    const wrong = outcomes.filter(({ right }) => !right);
    expect(wrong.length / outcomes.length, wrong.map(shown).join('\n')).toBeLessThanOrEqual(0.05);
  });
});
