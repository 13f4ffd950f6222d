import { readWhiteboard, timeCircuit, usualSetting, type Segment } from '@prompt-spark/core';
import type { Plates } from '@prompt-spark/core/dose/lift';
import { testLibrary } from '@prompt-spark/core/testing/drills';
import { describe, expect, it } from 'vitest';
import { cueFor, kindWord, nextWords, repetitionWords, sideName, slotOf } from './stageWords.ts';

const board = [
  'mobilise 2 rounds rest 10s',
  ' loop step 4/way',
  ' all-fours sway 8/side alt rest 5s',
  ' tall reach 2x5s "Grow, do not lift"',
].join('\n');
const { circuit } = readWhiteboard(board, testLibrary);
const { segments } = timeCircuit(circuit, usualSetting(testLibrary));
const find = (test: (segment: Segment) => boolean): Segment => {
  const found = segments.find(test);
  if (!found) throw new Error('There is no such segment.');
  return found;
};
const work = (drillId: string) => find(({ kind, drillId: id }) => kind === 'work' && id === drillId);

describe('what the Stage says', () => {
  it('names ways and sides as people speak of them', () => {
    const first = work('loop-step');
    expect(sideName(first)).toBe('First way');
    expect(sideName({ ...first, side: 'right' })).toBe('Other way');
    expect(sideName({ ...first, sideWord: 'side' })).toBe('Left');
    expect(sideName(work('all-fours-sway'))).toBe('Alternating');
    expect(sideName(work('tall-reach'))).toBe('');
  });

  it('says what is being done', () => {
    expect(kindWord(find(({ kind }) => kind === 'ready'))).toBe('Get ready');
    expect(kindWord(find(({ kind, round }) => kind === 'ready' && round === 2))).toBe('Again');
    expect(kindWord(find(({ kind }) => kind === 'switch'))).toBe('Turn round');
    expect(kindWord(find(({ restAfter }) => restAfter === 'slot'))).toBe('Rest');
    expect(kindWord(find(({ restAfter }) => restAfter === 'round'))).toBe('Rest before the next round');
  });

  it('counts repetitions and holds, and nothing else', () => {
    const sway = work('all-fours-sway');
    expect(repetitionWords(sway, slotOf(circuit, sway), 7)).toBe('rep 3 of 16');
    const reach = work('tall-reach');
    expect(repetitionWords(reach, slotOf(circuit, reach), 8)).toBe('hold 2 of 2');
    expect(
      repetitionWords(
        find(({ kind }) => kind === 'ready'),
        slotOf(circuit, sway),
        1,
      ),
    ).toBe('');
  });

  it('shows the load of every set on the way up, as the plates of the site make it', () => {
    const climb = readWhiteboard('potentiate\n tall reach lift 100kg x5', testLibrary).circuit;
    const sets = timeCircuit(climb, usualSetting(testLibrary)).segments.filter(({ kind }) => kind === 'work');
    const words = (plates?: Plates) => sets.map((set) => repetitionWords(set, slotOf(climb, set), 0, plates));
    expect(words()).toEqual(['40 kg × 5', '55 kg × 5', '70 kg × 3', '85 kg × 2']);
    expect(words({ unit: 'kg', bar: 20, smallest: 5 })).toEqual(['40 kg × 5', '60 kg × 5', '70 kg × 3', '90 kg × 2']);
  });

  it('shows the coach’s own cue before the drill’s', () => {
    const reach = work('tall-reach');
    expect(cueFor(reach, slotOf(circuit, reach), testLibrary.byId.get('tall-reach'))).toBe('Grow, do not lift');
    const sway = work('all-fours-sway');
    expect(cueFor(sway, slotOf(circuit, sway), testLibrary.byId.get('all-fours-sway'))).toBe('Stand tall');
    expect(cueFor(sway, undefined, undefined)).toBe('');
  });

  it('announces a new position with what is next, and leaves an old one out', () => {
    const [step, sway] = [work('loop-step'), work('all-fours-sway')];
    expect(nextWords(sway, step, testLibrary.byId.get(sway.drillId))).toBe('All-fours sway, on hands and knees');
    expect(nextWords(step, work('tall-reach'), testLibrary.byId.get(step.drillId))).toBe('Loop step');
  });
});
