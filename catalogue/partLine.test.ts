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

  it('sets the rounds of a part that was opened by its phase a moment ago', () => {
    expect(board('raise\n3 rounds:\njumping jacks 30s')).toContain('raise 3 rounds\n  jumping jack 30s');
  });

  it.each([
    ['Warm-up for squats', { kind: 'warm-up', purpose: 'squats', available: 0 }],
    ['Warm up:', { kind: 'warm-up', purpose: '', available: 0 }],
    ['Warmup - 10 minutes', { kind: 'warm-up', purpose: '', available: 600 }],
    ['Circuit A', { kind: 'rounds', rounds: { low: 1, high: 1 } }],
    ['3 rounds', { kind: 'rounds', rounds: { low: 3, high: 3 } }],
    ['Part 2: x3', { kind: 'rounds', rounds: { low: 3, high: 3 } }],
    ['2 rounds of:', { kind: 'rounds', rounds: { low: 2, high: 2 } }],
    ['rest 45 sec between each round', { kind: 'round rest', rest: 45 }],
  ])('%s', (line, said) => expect(readLine(line, library, 'x')).toMatchObject(said));

  it.each([
    ['warm up jog 2 min', 'slot'],
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
