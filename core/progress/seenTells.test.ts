import { describe, expect, it } from 'vitest';
import type { Seen } from '../people/seen.ts';
import type { Technique } from '../people/technique.ts';
import { circuitOf, repsOf, testSlot } from '../testing/drills.ts';
import { seenTells } from './seenTells.ts';

const circuit = circuitOf([testSlot('Tall reach', repsOf(8), 'both', { id: 'reach' })]);
const drillId = circuit.blocks[0]?.lines.flatMap((line) => (line.kind === 'slot' ? [line.drillId] : []))[0] ?? '';
const how = (change: Partial<Technique>): Technique => ({
  drillId,
  drillName: 'Tall reach',
  fault: '',
  version: null,
  ...change,
});
const fine: Seen = {
  ...{ runId: 'run', day: '2026-11-20', title: '', state: 'fine', where: null, side: null, pain: null },
  ...{ reached: [], technique: [], effort: null, signs: [] },
};
const came = (change: Partial<Seen> = {}) => ({ seen: [{ ...fine, ...change }] });
const fell = came({ technique: [how({ fault: 'ribs flare' })] });
const tells = (...people: readonly ReturnType<typeof came>[]) => seenTells(people, 'run', circuit);
const times = <Item>(count: number, item: Item): readonly Item[] => Array.from({ length: count }, () => item);

// What a good coach makes of it for the whole class: one of fourteen is helped alone. Common practice, no source.
describe('what was seen of people in a run tells of the class', () => {
  it('nothing where nobody was noted, or nobody was there', () => {
    expect(tells()).toEqual({ effort: null, marks: [] });
    expect(tells(came({ state: 'not there' }))).toEqual({ effort: null, marks: [] });
    expect(seenTells([fell], 'another run', circuit)).toEqual({ effort: null, marks: [] });
  });

  it('a fault that a quarter of them showed, once for each; not that of one in fourteen', () => {
    expect(tells(...times(2, fell), ...times(6, came()))).toEqual({
      effort: null,
      marks: times(2, { slotId: 'reach', kind: 'fault' }),
    });
    expect(tells(fell, ...times(13, came())).marks).toEqual([]);
    expect(tells(fell).marks).toEqual([{ slotId: 'reach', kind: 'fault' }]);
  });

  it('a niggle or a stop of a quarter of them', () => {
    const sore = came({ state: 'niggle', where: 'knee' });
    const out = came({ state: 'stopped' });
    expect(tells(sore, out, ...times(6, came())).marks).toEqual([{ slotId: '', kind: 'niggle' }]);
    expect(tells(out, ...times(3, came())).marks).toEqual([{ slotId: '', kind: 'stopped' }]);
    expect(tells(sore, ...times(13, came())).marks).toEqual([]);
  });

  it('too hard where half of them took an easier version, too easy where half took a harder one', () => {
    const [easier, harder] = [
      came({ technique: [how({ version: 'easier' })] }),
      came({ technique: [how({ version: 'harder' })] }),
    ];
    expect(tells(easier, came()).marks).toEqual([{ slotId: 'reach', kind: 'too hard' }]);
    expect(tells(harder, harder, came()).marks).toEqual([{ slotId: 'reach', kind: 'too easy' }]);
    expect(tells(easier, came(), came()).marks).toEqual([]);
  });

  it('an effort: the mean of those who were asked', () => {
    expect(tells(came({ effort: 4 }), came({ effort: 7 }), came()).effort).toBe(5.5);
  });
});
