import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { just } from '../units.ts';
import { readAimField, writeAim } from '../whiteboard/aimReader.ts';
import { readWhiteboard } from '../whiteboard/readWhiteboard.ts';
import { testLibrary } from '../testing/drills.ts';
import { allSlots } from './circuit.ts';
import { aimWords, mainAimWords } from './aim.ts';
import { withDose } from './slot.ts';

const AIM = { gentler: 6, planned: 10, more: 15 };
const name = testLibrary.drills[0]?.name.toLowerCase() ?? '';
const slotOf = (line: string) => {
  const { circuit } = readWhiteboard(`mobilise\n ${line}`, testLibrary);
  const [slot] = allSlots(circuit);
  if (!slot) throw new Error(`"${line}" is not read`);
  return slot;
};
const seconds = (amount: number) => ({ kind: 'time', seconds: just(amount) }) as const;

describe('what people aim at inside a time', () => {
  it('is told once where all aim at the same', () => {
    expect(aimWords(AIM)).toBe('6, 10 or 15');
    expect(aimWords({ gentler: 12, planned: 12, more: 12 })).toBe('12');
    expect(aimWords({ gentler: 6, planned: 10, more: 10 })).toBe('6 or 10');
    expect(mainAimWords(AIM, true)).toBe('10 or 15');
    expect(mainAimWords(AIM, false)).toBe('6, 10 or 15');
  });

  it.each([
    [`${name} 45s aim 6/10/15`, AIM],
    [`${name} 45s aim for 12`, { gentler: 12, planned: 12, more: 12 }],
    [`${name} 45s 6/10/15`, AIM],
    [`${name} 45 secs: 6, 10 or 15`, AIM],
    [`${name} for 45 seconds, aiming for 12 reps`, { gentler: 12, planned: 12, more: 12 }],
    [`${name} 45s - beginners 6, others 10, strong 15`, AIM],
    [`${name} 45s, 10 (6 easier, 15 harder)`, AIM],
    [`${name} 45s, max 8`, { gentler: 8, planned: 8, more: 8 }],
    [`${name} 45s, aim for 10-12`, { gentler: 10, planned: 10, more: 12 }],
    [`${name} 45s`, null],
  ])('"%s"', (line, aim) => {
    const slot = slotOf(line);
    expect(slot.aim).toEqual(aim);
    expect(slot.dose).toEqual(seconds(45));
  });

  it('that falls is no aim, and stays with the row as a cue', () => {
    expect(slotOf(`${name} 45s aim 15/10/6`)).toMatchObject({ aim: null, cue: 'aim 15/10/6', dose: seconds(45) });
  });

  it('goes with the seconds, and with no time there is none', () => {
    const slot = slotOf(`${name} 45s aim 6/10/15`);
    expect(withDose(slot, seconds(30)).aim).toEqual({ gentler: 4, planned: 7, more: 10 });
    expect(withDose(slot, seconds(90)).aim).toEqual({ gentler: 12, planned: 20, more: 30 });
    expect(withDose(slot, { kind: 'reps', count: just(8), tempo: { kind: 'even', seconds: 3 } }).aim).toBeNull();
  });

  it('stays from the fewest to the most, and at least one, at any time', () => {
    const count = fc.integer({ min: 1, max: 60 });
    const slot = slotOf(`${name} 45s`);
    fc.assert(
      fc.property(fc.tuple(count, count, count), fc.integer({ min: 5, max: 300 }), (counts, length) => {
        const [gentler = 1, planned = 1, more = 1] = counts.toSorted((one, other) => one - other);
        const aim = withDose({ ...slot, aim: { gentler, planned, more } }, seconds(length)).aim;
        if (!aim) throw new Error('the aim is gone');
        expect(aim.gentler).toBeGreaterThanOrEqual(1);
        expect([aim.gentler, aim.planned, aim.more]).toEqual(
          [aim.gentler, aim.planned, aim.more].toSorted((a, b) => a - b),
        );
      }),
    );
  });

  it('is typed into a field as it is on the board', () => {
    expect(readAimField('6/10/15')).toEqual({ ok: true, value: AIM });
    expect(readAimField(' ')).toEqual({ ok: true, value: null });
    expect(readAimField('six')).toMatchObject({ ok: false, expected: expect.stringContaining('such as 12') as string });
    expect(readAimField('15/10/6')).toMatchObject({ expected: 'Expected three numbers from the fewest to the most' });
    expect(readAimField('0')).toMatchObject({ ok: false });
    expect(writeAim(AIM)).toBe('6/10/15');
    expect(writeAim({ gentler: 12, planned: 12, more: 12 })).toBe('12');
  });
});
