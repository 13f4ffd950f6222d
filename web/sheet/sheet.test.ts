import { readWhiteboard } from '@prompt-spark/core/whiteboard/readWhiteboard';
import { timeCircuit } from '@prompt-spark/core/timeline/timeCircuit';
import { occasionOf } from '@prompt-spark/core/occasion/occasion';
import { approachOf } from '@prompt-spark/core/approach/approaches';
import { effortOf } from '@prompt-spark/core/effort/effortOf';
import { reviewCircuit } from '@prompt-spark/core/review/reviewCircuit';
import { testLibrary } from '@prompt-spark/core/testing/drills';
import { TEST_FLOOR } from '@prompt-spark/core/testing/places';
import { describe, expect, it } from 'vitest';
import { doseWords } from '../wording/doseWords.ts';
import { effortData, effortOptions, endsBetween } from './margin/effortChart.ts';
import { marginNotes } from './margin/marginNotes.ts';

const occasion = occasionOf({ library: testLibrary, approach: approachOf('') });
const circuitOf = (board: string) => readWhiteboard(board, testLibrary).circuit;
const notesOf = (board: string) => {
  const circuit = circuitOf(board);
  const findings = reviewCircuit(circuit, occasion);
  return marginNotes(circuit, findings, testLibrary);
};

describe('margin notes', () => {
  it('say what was not read, and nothing of what was guessed: the row asks that', () => {
    const titles = notesOf('raise\ntall reech 8\nwobble 9').map(({ title }) => title);
    expect(titles.filter((title) => title.includes('not read'))).toEqual(['“wobble 9” was not read']);
  });

  it('say each thing once, with its source, tied to its line', () => {
    const notes = notesOf('in: 0:20\nraise\ntall reach 60s');
    expect(new Set(notes.map(({ id }) => id)).size).toBe(notes.length);
    const over = notes.find(({ title }) => title.includes('over the'));
    expect(over?.source).toBe('common practice');
    expect(over?.lineIds).toEqual([]);
  });
});

describe('a dose in words', () => {
  const wordsOf = (line: string) => {
    const slot = circuitOf(`raise\n${line}`).blocks[0]?.lines[0];
    const drill = slot?.kind === 'slot' ? testLibrary.byId.get(slot.drillId) : undefined;
    return slot?.kind === 'slot' && drill ? doseWords(slot, drill, TEST_FLOOR) : 'unread';
  };
  it.each([
    ['tall reach 10m x4 @2m/s', '4 × 10 m · 2 m/s'],
    ['tall reach 2 lengths/side', '2 lengths a side · 2 m/s'],
    ['tall reach 1 lap', '1 lap · 2 m/s'],
    ['tall reach 3 lengths 50/75/100%', '3 lengths at 50, 75, 100 % · 2 m/s'],
    ['tall reach ramp 0.5>2.5 mph at 10% 5x60s', '5 × 60 s, 0.5 → 1 → 1.5 → 2 → 2.5 mph at 10 %'],
    ['tall reach ramp effort 3>6 4x60s', '4 × 60 s, effort 3 → 4 → 5 → 6'],
    ['tall reach ramp effort 3>6 90/60/60/45s', '90, 60, 60, 45 s, effort 3 → 4 → 5 → 6'],
    ['tall reach ramp 3 mph at 1>5% 3x60s', '3 × 60 s, 3 mph at 1 → 3 → 5 %'],
    ['tall reach lift 100kg x5', '40 × 5, 55 × 5, 70 × 3, 85 × 2 on the way to 100 kg × 5'],
    ['tall reach 10yd step 6in', '10 yd, 60 steps a length · 0.05 m/s'],
    ['tall reach 8/side left +4', '8 a side · 20 total · 4 more on the left · 3 s each'],
    ['tall reach 20m alt', '20 m, alternating · 2 m/s'],
  ])('“%s” is read as “%s”', (line, words) => {
    expect(wordsOf(line)).toBe(words);
  });
});

describe('the effort chart', () => {
  const timeline = timeCircuit(circuitOf('raise\ntall reach 60s\ndeep sit 60s'), occasion);
  const curve = effortOf(timeline, [60, 25]);
  const ink = { ink: '#000', soft: '#111', line: '#222', effort: '#333', pulse: '#444', band: '#555' };

  it('draws effort alone for people whose pulse does not tell, and the band between the ages for the others', () => {
    expect(effortData(curve, ink, false).datasets.map(({ label }) => label)).toEqual(['planned effort']);
    expect(effortData(curve, ink, true).datasets).toHaveLength(3);
    expect(effortOptions(120, ink, false).scales?.['pulse']?.display).toBe(false);
  });

  it('runs along the same seconds as the fuse', () => {
    expect(effortOptions(480, ink, true).scales?.['x']?.max).toBe(480);
  });

  it('says where a warm pulse lies: lower for the eldest than for the youngest', () => {
    const [low, high] = endsBetween(curve);
    expect(low).toBe(Math.round(65 + 0.45 * (166 - 65)));
    expect(high).toBe(Math.round(65 + 0.6 * (190.5 - 65)));
  });
});
