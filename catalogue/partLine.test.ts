import { libraryOf } from '@prompt-spark/core/drills/library';
import { readWhiteboard } from '@prompt-spark/core/whiteboard/readWhiteboard';
import { writeWhiteboard } from '@prompt-spark/core/whiteboard/writeWhiteboard';
import { readLine } from '@prompt-spark/core/whiteboard/lineReader';
import { describe, expect, it } from 'vitest';
import { catalogue } from './index.ts';

const library = libraryOf(catalogue);
const board = (text: string): string => {
  const { circuit, problems } = readWhiteboard(text, library);
  expect(problems).toEqual([]);
  return writeWhiteboard(circuit, library);
};

describe('a plan as it is pasted from a note', () => {
  it('has its heading, its parts with their rounds, and the rest between them', () => {
    const written = board(
      'WARM UP (8 min)\nBlock 1 – 3 rounds\n- :30 jumping jacks\n- 30s high knees\n1 min rest between rounds\nMobility:\n10 leg swings each side\n2 rounds:\n:30 front plank\n10 air squats',
    );
    expect(written).toBe(
      [
        '# Untitled circuit',
        'in: 8:00',
        '',
        'mobilise 3 rounds rest 60s',
        '  jumping jack 30s',
        '  high knees 30s alt',
        '',
        'mobilise',
        '  leg swing, front to back 10/side',
        '',
        'mobilise 2 rounds',
        '  front plank 30s',
        '  body-weight squat 10',
        '',
      ].join('\n'),
    );
  });

  it.each([
    ['Swim dryland', 'arm swings 30s\nsquats 10', 'Swim dryland'],
    ['Back care class', 'pelvic tilts x 10\ncat cow x 8', 'Back care class'],
    ['TUES 6.30 – Over 60s', 'shoulder rolls 8\nheel raises 10', 'TUES 6.30 – Over 60s'],
    ['Over 50s Thursday', 'squats 10\nlunges 10', 'Over 50s Thursday'],
    // A drill that is misspelt or guessed, and a board that says no amounts, are asked about.
    ['jumpin jaks', 'squats 10\nlunges 10', 'Untitled circuit'],
    ['hip opners', 'squats 10\nlunges 10', 'Untitled circuit'],
    ['Swim dryland', 'arm swings\nsquats', 'Untitled circuit'],
    ['Swim dryland', 'squats 10', 'Untitled circuit'],
  ])('has “%s” over “%s” as the title “%s”', (first, rest, title) => {
    expect(readWhiteboard(`${first}\n${rest}`, library).circuit.title).toBe(title);
  });

  it('may number its lines with dashes, and have a part and its drills on one line', () => {
    const numbered = '1 – 10 jumping jacks\n2 – 8 squats\n3 – 6 push ups';
    expect(board(numbered)).toContain('  jumping jack 10\n  body-weight squat 8\n  push-up 6');
    expect(board('3 – 5 push ups\n8 squats')).toContain('  push-up 3-5\n');
    expect(board('Mobility: cat cow x10, hip circles x10\nActivation: glute bridge x10')).toContain(
      'mobilise\n  cat-cow 10\n  hip circles 10/way\n\nactivate\n  glute bridge 10\n',
    );
  });

  it('sets the rounds of a part that was opened by its phase a moment ago', () => {
    expect(board('raise\n3 rounds:\njumping jacks 30s')).toContain('raise 3 rounds\n  jumping jack 30s');
  });

  it.each([
    ['Warm-up for squats', { kind: 'warm-up', purpose: 'squats', available: 0 }],
    ['Warm up:', { kind: 'warm-up', purpose: '', available: 0 }],
    ['Warmup - 10 minutes', { kind: 'warm-up', purpose: '', available: 600 }],
    ['Boxing warm up', { kind: 'warm-up', purpose: 'boxing', available: 0 }],
    ['Rugby warm-up 10 min', { kind: 'warm-up', purpose: 'rugby', available: 600 }],
    ['Our quick warm-up', { kind: 'warm-up', purpose: '', available: 0 }],
    ['Mobility (5 min)', { kind: 'block', phase: 'mobilise' }],
    ['General – 4 mins', { kind: 'block', phase: 'raise' }],
    ['Core activation', { kind: 'block', phase: 'activate' }],
    ['3 rounds for quality:', { kind: 'rounds', rounds: { low: 3, high: 3 } }],
    ['Circuit A', { kind: 'rounds', rounds: { low: 1, high: 1 } }],
    ['3 rounds', { kind: 'rounds', rounds: { low: 3, high: 3 } }],
    ['Part 2: x3', { kind: 'rounds', rounds: { low: 3, high: 3 } }],
    ['2 rounds of:', { kind: 'rounds', rounds: { low: 2, high: 2 } }],
    ['rest 45 sec between each round', { kind: 'round rest', rest: 45 }],
  ])('%s', (line, said) => expect(readLine(line, library, 'x')).toMatchObject(said));

  it.each([
    ['warm up jog 2 min', 'slot'],
    ['bike warm up 5 min', 'slot'],
    ['warm-up sets for the bench 3x5', 'slot'],
    ['round the world lunge 5 each', 'slot'],
    ['2 rounds of cat cow', 'slot'],
    ['block jumps 5', 'slot'],
    ['20 seconds rest', 'rest'],
    ['3 rounds foam rolling', 'block'],
  ])('%s is no such line', (line, kind) => {
    const read = readLine(line, library, 'x');
    expect(['warm-up', 'rounds', 'round rest']).not.toContain(read.kind);
    if (kind !== 'slot') expect(read.kind).toBe(kind);
  });
});
