import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Circuit, Slot } from '../circuit/circuit.ts';
import { anyCircuit } from '../testing/arbitrary.ts';
import { often } from '../testing/often.ts';
import { testLibrary } from '../testing/drills.ts';
import { readLine, readPlainLine } from './lineReader.ts';
import { readWhiteboard } from './readWhiteboard.ts';
import { writeLine, writeWhiteboard } from './writeWhiteboard.ts';

const read = (line: string) => readLine(line, testLibrary, 'id');

function slot(line: string): Slot {
  const found = read(line);
  if (found.kind !== 'slot') throw new Error(JSON.stringify(found));
  return found.slot;
}

function problem(line: string) {
  const found = readPlainLine(line, testLibrary, 'id');
  if (found.kind !== 'problem') throw new Error(`"${line}" was read: ${JSON.stringify(found)}`);
  return found.problem;
}

describe('a whiteboard line', () => {
  it('reads repetitions, with a range, on each side', () => {
    expect(slot('tall reach 8-10/side')).toMatchObject({
      dose: { kind: 'reps', count: { low: 8, high: 10 }, tempo: { kind: 'even', seconds: 3 } },
      sides: 'each',
    });
  });

  it('reads alternating sides', () => {
    expect(slot('tall reach 8-10/side alt').sides).toBe('alternate');
    expect(slot('tall reach 30s alt')).toMatchObject({ dose: { kind: 'time' }, sides: 'alternate' });
  });

  it('reads seconds, minutes, clock times and ranges of them, and a rest', () => {
    expect(slot('rope turn 60s rest 10s')).toMatchObject({ dose: { seconds: { low: 60, high: 60 } }, rest: 10 });
    expect(slot('rope turn 1-3min').dose).toEqual({ kind: 'time', seconds: { low: 60, high: 180 } });
    expect(slot('rope turn 1:30').dose).toEqual({ kind: 'time', seconds: { low: 90, high: 90 } });
    expect(slot('rope turn 20-40 s').dose).toEqual({ kind: 'time', seconds: { low: 20, high: 40 } });
  });

  it('tells sets of repetitions from holds by the unit', () => {
    expect(slot('tall reach 3x8')).toMatchObject({
      sets: { low: 3, high: 3 },
      dose: { kind: 'reps', count: { low: 8 } },
    });
    expect(slot('tall reach 5x5s')).toMatchObject({
      sets: { low: 1, high: 1 },
      dose: { kind: 'holds', count: { low: 5, high: 5 }, hold: { low: 5, high: 5 }, positions: 1, move: 2 },
    });
  });

  it('reads holds in positions, with ranges in either place', () => {
    expect(slot('tall reach 4-5x5s x4pos/side')).toMatchObject({
      sides: 'each',
      dose: { count: { low: 4, high: 5 }, positions: 4 },
    });
    expect(slot('tall reach 8x3-5s/side').dose).toMatchObject({ count: { low: 8 }, hold: { low: 3, high: 5 } });
  });

  it('reads tempos', () => {
    expect(slot('floor bridge 10 @2-1-2 !')).toMatchObject({
      pinned: true,
      dose: { tempo: { kind: 'phased', lower: 2, hold: 1, lift: 2 } },
    });
    expect(slot('all-fours sway 8 @4s').dose).toMatchObject({ tempo: { kind: 'even', seconds: 4 } });
  });

  it('reads "feel", marks and the coach’s own cue', () => {
    expect(slot('lean feel 20-40s/side ? "slow ""like honey"""')).toMatchObject({
      dose: { kind: 'feel', seconds: { low: 20, high: 40 } },
      optional: true,
      cue: 'slow "like honey"',
    });
  });

  it('takes the longest name, with its digits, commas and slashes', () => {
    expect(slot('90/90 lean, slow 30s/side').drillId).toBe('90-90-lean-slow');
    expect(slot('easy run, 2 by 2 2min')).toMatchObject({ drillId: 'run', dose: { seconds: { low: 120 } } });
    expect(slot('RUN 20s').drillId).toBe('run');
  });

  it('gives a name alone its usual dose', () => {
    expect(slot('tall reach')).toMatchObject({ dose: { kind: 'reps', count: { low: 8, high: 8 } }, sides: 'both' });
  });

  it('opens a block with its rounds and their rest', () => {
    expect(read('mobilise 2 rounds rest 20s')).toEqual({
      kind: 'block',
      phase: 'mobilise',
      rounds: { low: 2, high: 2 },
      roundRest: 20,
      noGaps: false,
      stations: false,
      pick: null,
      pickWithin: null,
    });
    expect(read('Raise 3-4 rounds')).toMatchObject({ phase: 'raise', rounds: { low: 3, high: 4 }, roundRest: 0 });
  });

  it.each([
    ['mobilise 2 of these', 2, 1],
    ['mobilise 2 of 6', 2, 1],
    ['mobilise 2 of these 6 2 rounds', 2, 2],
    ['Mobility - pick two', 2, 1],
    ['mobilise, two of these four:', 2, 1],
    ['Mobilise: pick 2', 2, 1],
    ['Mobility (choose 3 of these)', 3, 1],
    ['Mobility, any two of the following six:', 2, 1],
    ['mobility 2 exercises from these', 2, 1],
  ])('opens a block of which some are done at a time: %s', (line, pick, rounds) => {
    expect(read(line)).toMatchObject({
      kind: 'block',
      phase: 'mobilise',
      pick,
      rounds: { low: rounds, high: rounds },
    });
  });

  it.each([
    ['two of these six:', 2],
    ['Pick 3', 3],
    ['do one of these', 1],
    ['choose any two of the following', 2],
    ['2 out of these 4', 2],
  ])('says of the part that is open how many are done at a time: %s', (line, pick) => {
    expect(read(line)).toEqual({ kind: 'pick', pick, pickWithin: null });
  });

  it.each([
    ['mobilise 3:00 of these', 180],
    ['mobilise 90s of these', 90],
    ['Mobility: three minutes of what you need', 180],
    ['mobility – 4 mins of these', 240],
    ['Mobility (5 min of whatever they need)', 300],
    ['dynamic stretching, what the group needs, 3 min:', 180],
  ])('opens a block that picks as many as fit into a time: %s', (line, pickWithin) => {
    expect(read(line)).toMatchObject({ kind: 'block', phase: 'mobilise', pick: 1, pickWithin });
  });

  it.each([
    ['three minutes of what you need', 180],
    ['3 min of these:', 180],
    ['Take two minutes of what you need most', 120],
    ['3 minutes worth of these drills', 180],
    ['90 sec from the following', 90],
    ['What they need (4 min)', 240],
  ])('says of the part that is open for how long its drills are picked: %s', (line, pickWithin) => {
    expect(read(line)).toEqual({ kind: 'pick', pick: 1, pickWithin });
  });

  it.each(['3 min of your choice', 'what you need', '300 min of these', '0 min of these'])(
    'does not take for a time to pick for: %s',
    (line) => expect(read(line).kind).not.toMatch(/pick|block/),
  );

  it('reads headings', () => {
    expect(read('# Thursday')).toEqual({ kind: 'title', title: 'Thursday' });
    expect(read('in: 8:00')).toEqual({ kind: 'available', available: 480 });
    expect(read('people: 14')).toEqual({ kind: 'people', people: 14 });
    expect(read('lanes: 4')).toEqual({ kind: 'lanes', lanes: 4 });
    expect(read('for: squat day')).toEqual({ kind: 'purpose', purpose: 'squat day' });
  });
});

describe('a line that cannot be read', () => {
  it('says where, what was expected, and the nearest names', () => {
    expect(problem('  tall reech 8')).toEqual({
      line: 1,
      column: 3,
      text: 'tall reech 8',
      expected: 'the name of a drill or a phase; "tall reech" is neither',
      unknown: true,
      nearest: ['Tall reach'],
    });
  });

  it.each([
    ['tall reach ten', 12, 'a dose'],
    ['tall reach 10-8', 12, 'from the smaller to the larger, such as 8-10'],
    ['tall reach 0', 12, 'between 1 and 999'],
    ['tall reach 8 9', 14, 'only one dose'],
    ['tall reach 30s @2-1-2', 22, 'repetitions to go with the tempo'],
    ['tall reach 30s/side alt', 15, 'one total'],
    ['tall reach 8 rest 5-10s', 14, 'not a range'],
    ['tall reach 30.3s', 12, 'half seconds'],
    ['mobilise twice', 10, 'rounds'],
    ['people: several', 9, 'a whole number'],
    ['in: a while', 5, 'a length of time'],
  ])('%s: column %i, %s', (line, column, expected) => {
    const found = problem(line);
    expect(found.column).toBe(column);
    expect(found.expected).toContain(expected);
  });

  it('offers no name for what resembles none', () => {
    expect(problem('zzzzqqqq 30s').nearest).toEqual([]);
  });

  it('stays in the circuit where it stood while the rest loads', () => {
    const { circuit, problems } = readWhiteboard(
      '# Test\nnonsense\nraise\n  run 20s\n  wobble 9\n  lean 10s',
      testLibrary,
    );
    expect(circuit.unread.map((line) => line.text)).toEqual(['nonsense']);
    expect(circuit.blocks[0]?.lines.map((line) => (line.kind === 'slot' ? line.drillId : line.text))).toEqual([
      'run',
      'wobble 9',
      '90-90-lean-slow',
    ]);
    expect(problems.map(({ line, column }) => [line, column])).toEqual([
      [2, 1],
      [5, 3],
    ]);
  });
});

/** A circuit of which nobody knows yet how many drills fit where they are picked for a time. */
const untimed = (circuit: Circuit): Circuit => ({
  ...circuit,
  blocks: circuit.blocks.map((block) => (block.pickWithin === null ? block : { ...block, pick: 1 })),
});

describe('a whole whiteboard', () => {
  it('opens a block in the first drill’s phase where none was named', () => {
    expect(readWhiteboard('run 20s', testLibrary).circuit.blocks.map((block) => block.phase)).toEqual(['mobilise']);
  });

  it('keeps a second title as a line that could not be read', () => {
    const { circuit, problems } = readWhiteboard('# One\n# Two', testLibrary);
    expect(circuit.title).toBe('One');
    expect(problems.map((found) => found.text)).toEqual(['# Two']);
  });

  it('reads back as the same circuit when it is written', () => {
    fc.assert(
      fc.property(anyCircuit, (circuit) => {
        const text = writeWhiteboard(circuit, testLibrary);
        expect(withoutIds(readWhiteboard(text, testLibrary).circuit)).toEqual(withoutIds(untimed(circuit)));
      }),
      { numRuns: 1000 },
    );
  });

  it('never throws and never loses a line, whatever is on it', () => {
    const bits = [
      'tall reach',
      'raise',
      '8',
      '-',
      '10',
      's',
      '/side',
      'alt',
      'x',
      '@',
      '"',
      '!',
      ':',
      '#',
      ' ',
      '\t',
      '½',
    ];
    const line = fc.array(fc.oneof(fc.constantFrom(...bits), fc.string({ maxLength: 4 })), { maxLength: 10 });
    fc.assert(
      fc.property(fc.array(line, { maxLength: 6 }), (lines) => {
        const texts = lines.map((parts) => parts.join(' ').replaceAll(/[\r\n]/g, ' '));
        const reading = readWhiteboard(texts.join('\n'), testLibrary);
        const kept = reading.circuit.blocks.flatMap((block) => block.lines).concat(reading.circuit.unread);
        for (const { text } of reading.problems) {
          expect(kept.some((entry) => entry.kind === 'unread' && entry.text === text)).toBe(true);
        }
        const slots = texts.map(read).flatMap((line) => (line.kind === 'slot' ? [line.slot, ...line.then] : []));
        expect(kept.filter((entry) => entry.kind === 'slot')).toHaveLength(slots.length);
      }),
      { numRuns: often(7_000, 30_000) },
    );
  });

  it.each([
    [`# ${'long '.repeat(40)}`, 'a title of at most 120 letters'],
    [`for: ${'long '.repeat(40)}`, 'a main session of at most 120 letters'],
    [`tags: ${'x'.repeat(41)}`, 'tags of at most 40 letters'],
    [`tags: ${Array.from({ length: 21 }, (_, at) => `t${String(at)}`).join(',')}`, 'at most 20 tags'],
    [`tall reach 8 "${'x'.repeat(201)}"`, 'a cue of at most 200 letters'],
  ])('says where a text is too long to be kept', (line, expected) => {
    expect(readWhiteboard(line, testLibrary).problems).toMatchObject([{ expected }]);
  });

  it('keeps every letter of a line too long to be one, as several', () => {
    const text = Array.from({ length: 300 }, (_, at) => `word${String(at)}`).join(' ');
    const { circuit } = readWhiteboard(`raise\n${text}\ntall reach 8`, testLibrary);
    const [block] = circuit.blocks;
    expect(block?.lines.map((line) => (line.kind === 'unread' ? line.text : '')).join('')).toBe(text);
    expect(new Set(block?.lines.map(({ id }) => id)).size).toBe(block?.lines.length);
  });

  it('shows what is no letter at all as such, in place of it', () => {
    expect(readWhiteboard('wobble\0 \ud800 30s', testLibrary).problems).toMatchObject([{ text: 'wobble� � 30s' }]);
  });

  it('writes the way a coach would', () => {
    const lines = [
      'rope turn 60s rest 10s',
      'floor bridge 10 @2-1-2 !',
      '90/90 lean, slow 2x10s/side',
      'loop step 8-12/way',
    ];
    for (const line of lines) expect(writeLine(slot(line), testLibrary)).toBe(line);
  });
});

function withoutIds(circuit: Circuit): unknown {
  return JSON.parse(JSON.stringify(circuit, (key, value: unknown) => (key === 'id' ? undefined : value)));
}
