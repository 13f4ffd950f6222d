import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { MOST_SAID_INSTEAD } from '../circuit/bounds.ts';
import { slotsOf, type Circuit } from '../circuit/circuit.ts';
import { changeSlot } from '../circuit/edit.ts';
import { occasionOf } from '../occasion/occasion.ts';
import { anyCircuit } from '../testing/arbitrary.ts';
import { testLibrary } from '../testing/drills.ts';
import { often } from '../testing/often.ts';
import { timeCircuit } from '../timeline/timeCircuit.ts';
import { readWhiteboard } from '../whiteboard/readWhiteboard.ts';
import { guessedLength, TALKS, type Talk } from './prompt.ts';
import { withSaidInstead } from './saidInstead.ts';
import { writePrompts } from './writePrompts.ts';

const occasion = occasionOf({ library: testLibrary });

function scriptOf(circuit: Circuit, talk: Talk = 'usual', lengthOf = guessedLength) {
  const { segments } = timeCircuit(circuit, occasion);
  return { segments, ...writePrompts({ circuit, segments, library: testLibrary, talk, lengthOf }) };
}
const read = (board: string) => readWhiteboard(board, testLibrary).circuit;
const said = (board: string, talk?: Talk) => scriptOf(read(board), talk).prompts.map(({ text }) => text);

describe('what is said', () => {
  it('is the name with its amount, a cue, halfway, the fix, and the end', () => {
    const texts = said('raise\n tall reach 40s', 'usual');
    expect(texts[0]).toMatch(/^Tall reach/);
    expect(texts).toContain('Halfway.');
    expect(texts.at(-1)).toBe('Done. Well worked.');
  });

  it('is the coach’s own cue before the drill’s', () => {
    expect(said('raise\n tall reach 40s "Long neck, soft ribs"')).toContain('Long neck, soft ribs.');
  });

  it('is a number to aim for inside the time, after the first cue', () => {
    const texts = said('raise\n tall reach 40s aim 6/10/15');
    expect(texts.indexOf('Aim for 6, 10 or 15.')).toBe(2);
    expect(said('raise\n tall reach 40s')).not.toContain('Aim for 6, 10 or 15.');
  });

  it('has what is new to them watched first, once', () => {
    const texts = said('mobilise 2 rounds\n tall reach 5 new\n deep sit 30s');
    expect(texts[0]).toMatch(/^Tall reach.* Watch first\./);
    expect(texts.filter((text) => text.includes('Watch first'))).toHaveLength(1);
  });

  it('tells every change of side, with names only too', () => {
    const { prompts, segments } = scriptOf(read('mobilise\n tall reach 6/side'), 'names only');
    expect(segments.filter(({ kind }) => kind === 'switch')).toHaveLength(1);
    expect(prompts.filter(({ kind }) => kind === 'side')).toHaveLength(1);
    expect(prompts.map(({ kind }) => kind)).not.toContain('cue');
  });

  it('is short in later rounds', () => {
    const { prompts, segments } = scriptOf(
      read('mobilise 2 rounds rest 20s\n tall reach 30s\n deep sit 30s'),
      'teaching',
    );
    const second = segments.find(({ round, kind }) => round === 2 && kind !== 'rest')?.start ?? Infinity;
    const words = (of: readonly { readonly text: string }[]) =>
      of.reduce((sum, { text }) => sum + text.split(' ').length, 0);
    const end = segments.at(-1)?.end ?? 0;
    const [one, two] = [prompts.filter(({ at }) => at < second), prompts.filter(({ at }) => at >= second && at < end)];
    expect(words(two)).toBeLessThan(words(one));
    expect(two.filter(({ kind }) => kind === 'name')).toHaveLength(2);
  });

  it('tells what is left out, and how much room there was', () => {
    const { leftOut } = scriptOf(read('raise\n tall reach 4s\n deep sit 4s'), 'teaching');
    expect(leftOut.length).toBeGreaterThan(0);
    expect(leftOut.every(({ room, text }) => room >= 0 && text !== '')).toBe(true);
  });
});

describe('over circuits at random', () => {
  const lengths = fc.constantFrom(
    guessedLength,
    (text: string) => text.length / 14,
    (text: string) => 0.4 + text.length / 30,
  );

  it('is never two things at once, nothing outside its stretch, every drill named and every change of side told', () => {
    fc.assert(
      fc.property(anyCircuit, fc.constantFrom(...TALKS), lengths, (circuit, talk, lengthOf) => {
        const { segments, prompts, leftOut } = scriptOf(circuit, talk, lengthOf);
        const end = segments.at(-1)?.end ?? 0;
        prompts.forEach(({ at, length, text, kind }, index) => {
          expect(length).toBeCloseTo(lengthOf(text), 9);
          const next = prompts[index + 1];
          if (next) expect(next.at).toBeGreaterThanOrEqual(at + length);
          expect(at).toBeGreaterThanOrEqual(0);
          if (kind !== 'end') expect(at + length).toBeLessThanOrEqual(end + 1e-9);
          else expect(at).toBeGreaterThanOrEqual(end);
        });
        const turns = new Set(
          segments.filter(({ kind }) => kind !== 'rest').map(({ slotId, round }) => `${slotId} ${String(round)}`),
        );
        const names = prompts.filter(({ kind }) => kind === 'name').length;
        const missing = leftOut.filter(({ kind }) => kind === 'name').length;
        const known = circuit.blocks.flatMap(slotsOf).filter((slot) => testLibrary.byId.has(slot.drillId)).length;
        if (known === circuit.blocks.flatMap(slotsOf).length) expect(names + missing).toBe(turns.size);
        const changes = segments.filter(({ kind }) => kind === 'switch').length;
        const told = prompts.filter(({ kind }) => kind === 'side').length;
        expect(told + leftOut.filter(({ kind }) => kind === 'side').length).toBeGreaterThanOrEqual(changes);
      }),
      { numRuns: often(300, 2000) },
    );
  });

  it('names every drill that has four seconds, and tells every change that leads to four, at a quick voice', () => {
    fc.assert(
      fc.property(anyCircuit, (circuit) => {
        const { segments, leftOut } = scriptOf(circuit, 'usual', (text) => 0.3 + text.length / 40);
        for (const { slotId } of leftOut.filter(({ kind }) => kind === 'name')) {
          const own = segments.filter((one) => one.slotId === slotId && one.kind !== 'rest');
          const shortest = Math.min(
            ...own
              .map(({ round }) => round)
              .map((round) => own.filter((one) => one.round === round).reduce((sum, one) => sum + one.length, 0)),
          );
          expect(shortest).toBeLessThan(4);
        }
        for (const { slotId } of leftOut.filter(({ kind }) => kind === 'side')) {
          const sided = segments.filter((one) => one.slotId === slotId && one.kind === 'work');
          const work = sided.filter(({ side }) => side !== sided[0]?.side);
          expect(Math.min(...work.map(({ length }) => length))).toBeLessThan(4);
        }
      }),
      { numRuns: often(300, 2000) },
    );
  });
});

describe('a line that the coach has said otherwise', () => {
  const board = 'raise\n tall reach 40s';
  const changed = (line: string, instead: string | null) => {
    const circuit = read(board);
    const [slot] = circuit.blocks.flatMap(slotsOf);
    return scriptOf(slot ? changeSlot(circuit, slot.id, (now) => withSaidInstead(now, line, instead)) : circuit);
  };

  it('is said in those words, at its place, and is known by what it was', () => {
    const { prompts, silenced } = changed('Halfway.', 'half the way');
    expect(prompts.find(({ text }) => text === 'Half the way.')).toMatchObject({ line: 'Halfway.', kind: 'halfway' });
    expect(prompts.map(({ text }) => text)).not.toContain('Halfway.');
    expect(silenced).toEqual([]);
  });

  it('is silent, told as such, and said again when it is as it was', () => {
    const { prompts, silenced } = changed('Halfway.', '');
    expect(prompts.map(({ line }) => line)).not.toContain('Halfway.');
    expect(silenced.map(({ line }) => line)).toEqual(['Halfway.']);
    const [slot] = read(board).blocks.flatMap(slotsOf);
    if (!slot) throw new Error('There is no slot.');
    const silent = withSaidInstead(slot, 'Halfway.', '');
    expect(withSaidInstead(silent, 'Halfway.', null).said).toEqual([]);
    expect(withSaidInstead(silent, 'Halfway.', 'Halfway.').said).toEqual([]);
  });

  it('is one of a limited number: the oldest change is forgotten', () => {
    const [slot] = read(board).blocks.flatMap(slotsOf);
    if (!slot) throw new Error('There is no slot.');
    const many = Array.from({ length: MOST_SAID_INSTEAD + 2 }, (_, at) => `Line ${String(at)}.`).reduce(
      (so, line) => withSaidInstead(so, line, ''),
      slot,
    );
    expect(many.said).toHaveLength(MOST_SAID_INSTEAD);
    expect(many.said[0]?.line).toBe('Line 2.');
  });
});
