import { readWhiteboard, timeCircuit, usualSetting } from '@prompt-spark/core';
import { approachOf } from '@prompt-spark/core/approach/approaches';
import { effortOf } from '@prompt-spark/core/effort/effortOf';
import { reviewCircuit } from '@prompt-spark/core/review/reviewCircuit';
import { testLibrary } from '@prompt-spark/core/testing/drills';
import { describe, expect, it } from 'vitest';
import { doseWords } from '@prompt-spark/core/dose/inWords';
import { effortData, effortOptions, endsBetween } from './effortChart.ts';
import { marginNotes } from './marginNotes.ts';

const setting = usualSetting(testLibrary);
const circuitOf = (board: string) => readWhiteboard(board, testLibrary).circuit;
const notesOf = (board: string) => {
  const circuit = circuitOf(board);
  const findings = reviewCircuit(circuit, { setting, approach: approachOf(''), kitCounts: {} });
  return marginNotes(circuit, findings, testLibrary);
};

describe('margin notes', () => {
  it('offer a rewrite for a name that is nearly right, and a fix for a dose in words', () => {
    const [unread, vague] = notesOf('raise\ntall reech 8\ntall reach a few').filter(
      ({ severity }) => severity === 'warn',
    );
    expect(unread?.rewrites.map(({ text }) => text)).toEqual(['Tall reach 8']);
    expect(vague?.title).toContain('a few');
    expect(vague?.fix?.label).toBe('Give it its usual dose');
  });

  it('say each thing once, with its source, tied to its line', () => {
    const notes = notesOf('in: 0:20\nraise\ntall reach 60s');
    expect(new Set(notes.map(({ id }) => id)).size).toBe(notes.length);
    const over = notes.find(({ title }) => title.includes('over the'));
    expect(over?.source).toBe('common practice');
    expect(over?.lineId).toBe('');
  });
});

describe('a dose in words', () => {
  const wordsOf = (line: string) => {
    const slot = circuitOf(`raise\n${line}`).blocks[0]?.lines[0];
    const drill = slot?.kind === 'slot' ? testLibrary.byId.get(slot.drillId) : undefined;
    return slot?.kind === 'slot' && drill ? doseWords(slot, drill) : 'unread';
  };
  it.each([
    ['tall reach 10m x4 @2m/s', '4 × 10 m · 2 m/s'],
    ['tall reach 2 lengths/side', '2 lengths a side · 2 m/s'],
    ['tall reach 1 lap', '1 lap · 2 m/s'],
    ['tall reach 3 lengths 50/75/100%', '3 lengths at 50, 75, 100 % · 2 m/s'],
    ['tall reach ramp 0.5>2.5 mph at 10% 5x60s', '5 × 60 s, 0.5 → 1 → 1.5 → 2 → 2.5 mph at 10 %'],
    ['tall reach ramp effort 3>6 4x60s', '4 × 60 s, effort 3 → 4 → 5 → 6'],
    ['tall reach lift 100kg x5', '40 × 5, 55 × 5, 70 × 3, 85 × 2 on the way to 100 kg × 5'],
    ['tall reach 10yd step 6in', '10 yd, 60 steps a length · 2 m/s'],
    ['tall reach 8/side left +4', '8 a side · 4 more on the left · 3 s each'],
    ['tall reach 20m alt', '20 m, alternating · 2 m/s'],
  ])('“%s” is read as “%s”', (line, words) => {
    expect(wordsOf(line)).toBe(words);
  });
});

describe('the effort chart', () => {
  const timeline = timeCircuit(circuitOf('raise\ntall reach 60s\ndeep sit 60s'), setting);
  const curve = effortOf(timeline, testLibrary, [60, 25]);
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
