import { readWhiteboard } from '@prompt-spark/core/whiteboard/readWhiteboard';
import { timeCircuit } from '@prompt-spark/core/timeline/timeCircuit';
import { occasionOf } from '@prompt-spark/core/occasion/occasion';
import type { Segment } from '@prompt-spark/core/timeline/timeline';
import type { Plates } from '@prompt-spark/core/dose/lift';
import { testLibrary } from '@prompt-spark/core/testing/drills';
import { describe, expect, it } from 'vitest';
import type { MarkKind } from '@prompt-spark/core/session/marks';
import { markLines } from './markWords.ts';
import { cueFor, howWords, kindWord, nextWords, sideName, slotOf } from './stageWords.ts';

const board = [
  'mobilise 2 rounds rest 10s',
  ' loop step 4/way',
  ' all-fours sway 8/side alt rest 5s',
  ' tall reach 2x5s "Grow, do not lift"',
].join('\n');
const { circuit } = readWhiteboard(board, testLibrary);
const { segments } = timeCircuit(circuit, occasionOf({ library: testLibrary }));
const find = (test: (segment: Segment) => boolean): Segment => {
  const found = segments.find(test);
  if (!found) throw new Error('There is no such segment.');
  return found;
};
const work = (drillId: string) => find(({ kind, drillId: id }) => kind === 'work' && id === drillId);

describe('notes by a tap', () => {
  it('are a line each in the log, with the second they were made at', () => {
    const mark = (at: number, kind: MarkKind) => ({ at, slotId: 'a', drillId: 'sit', kind });
    const sit = { name: 'Deep sit', fault: { seen: 'heels up', fix: 'heels on a plate' } };
    const marks = [mark(92.7, 'too hard'), mark(131, 'niggle'), mark(140, 'fault')];
    expect(markLines(marks, () => sit)).toBe('1:32 Deep sit: too hard\n2:11 Deep sit: niggle\n2:20 Deep sit: heels up');
    expect(markLines([mark(5, 'fault')], () => undefined)).toBe('0:05 sit: its usual fault');
    expect(markLines([], () => undefined)).toBe('');
  });
});

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
    expect(
      kindWord(
        find(({ kind }) => kind === 'ready'),
        { shownFirst: true },
      ),
    ).toBe('Watch first');
    expect(
      kindWord(
        find(({ kind, round }) => kind === 'ready' && round === 2),
        { shownFirst: true },
      ),
    ).toBe('Again');
    expect(kindWord(find(({ kind }) => kind === 'switch'))).toBe('Turn round');
    expect(kindWord(find(({ restAfter }) => restAfter === 'slot'))).toBe('Rest');
    expect(kindWord(find(({ restAfter }) => restAfter === 'round'))).toBe('Rest before the next round');
  });

  it('says what to aim for, but for the number that a gentler track has', () => {
    const reach = work('tall-reach');
    const slot = slotOf(circuit, reach);
    if (!slot) throw new Error('the reach has no slot');
    const aimed = { ...slot, aim: { gentler: 6, planned: 10, more: 15 } };
    expect(howWords(reach, aimed, 8)[0]).toBe('aim for 6, 10 or 15');
    const tracks = [{ track: 'gentler', drillId: 'tall-reach', variantId: '' }] as const;
    expect(howWords(reach, { ...aimed, tracks }, 8)[0]).toBe('aim for 10 or 15');
  });

  it('counts repetitions and holds, and nothing else', () => {
    const sway = work('all-fours-sway');
    expect(howWords(sway, slotOf(circuit, sway), 7)).toEqual(['rep 3 of 16']);
    const reach = work('tall-reach');
    expect(howWords(reach, slotOf(circuit, reach), 8)).toEqual(['hold 2 of 2']);
    expect(
      howWords(
        find(({ kind }) => kind === 'ready'),
        slotOf(circuit, sway),
        1,
      ),
    ).toEqual([]);
  });

  it('says what is in the hands while people get ready, and third by third how it grows', () => {
    const grows = readWhiteboard('mobilise\n tall reach 30s with 5kg small to big', testLibrary).circuit;
    const [ready, reach] = timeCircuit(grows, occasionOf({ library: testLibrary })).segments;
    if (!ready || !reach) throw new Error('Nothing is to be done.');
    const words = (into: number) => howWords(reach, slotOf(grows, reach), into);
    expect(howWords(ready, slotOf(grows, ready), 0)).toEqual(['5 kg']);
    expect(words(0)).toEqual(['5 kg', 'start small']);
    expect(words(11)).toEqual(['5 kg', 'bigger']);
    expect(words(29)).toEqual(['5 kg', 'as big as it goes easily']);
  });

  it('says the step of a climb that is under way, each as long as it is', () => {
    const climb = readWhiteboard('raise\n tall reach ramp 3 mph at 1>5% 20/10/30s', testLibrary).circuit;
    const step = timeCircuit(climb, occasionOf({ library: testLibrary })).segments.find(({ kind }) => kind === 'work');
    if (!step) throw new Error('Nothing is done.');
    const words = (into: number) => howWords(step, slotOf(climb, step), into);
    expect([0, 19, 20, 29, 30, 60].map((into) => words(into).join())).toEqual([
      '3 mph at 1 %',
      '3 mph at 1 %',
      '3 mph at 3 %',
      '3 mph at 3 %',
      '3 mph at 5 %',
      '3 mph at 5 %',
    ]);
  });

  it('shows the load of every set on the way up, as the plates of the site make it', () => {
    const climb = readWhiteboard('potentiate\n tall reach lift 100kg x5', testLibrary).circuit;
    const sets = timeCircuit(climb, occasionOf({ library: testLibrary })).segments.filter(
      ({ kind }) => kind === 'work',
    );
    const words = (plates?: Plates) => sets.map((set) => howWords(set, slotOf(climb, set), 0, plates).join());
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
