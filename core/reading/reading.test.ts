import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { libraryOf } from '../drills/library.ts';
import { often } from '../testing/often.ts';
import { testLibrary } from '../testing/drills.ts';
import { readLine } from '../whiteboard/lineReader.ts';
import { plainText } from './plainText.ts';
import { spokenLine } from './spokenDose.ts';
import { mayMean, nameSaid, readAs, understand } from './understand.ts';
import { nameWords } from './words.ts';

describe('a line in one spelling', () => {
  it.each([
    ['• Cat – Cow × ten', 'cat - cow x 10'],
    ['2) “Tall” reach', '"tall" reach'],
    ['- [ ] tall reach', 'tall reach'],
    ['A1. Tall reach', 'tall reach'],
    ['1\tTall reach\t10', 'tall reach 10'],
    ['½ kneeling reach', 'half kneeling reach'],
    ['a couple of reaches', '2 reaches'],
    ['twenty-five reaches', '25 reaches'],
    ['one leg stand', 'one leg stand'],
    ['figure 4 stretch', 'figure four stretch'],
    ['tall reach 10ea', 'tall reach 10 ea'],
    ['tall reach 8reps', 'tall reach 8 reps'],
  ])('%s is %s', (typed, plain) => expect(plainText(typed).replace(/\s+/g, ' ')).toBe(plain));

  it('grows no longer by being put into that spelling again', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 60, unit: 'binary' }), (text) => {
        // A bullet may stand behind a bullet, four deep and no more.
        const plain = plainText(plainText(plainText(text)));
        expect(plainText(plain).length).toBeLessThanOrEqual(plain.length);
      }),
      { numRuns: often(2000, 20_000) },
    );
  });
});

describe('the words of a name', () => {
  it.each([
    ['Single-leg glute bridges', 'one leg glute bridge'],
    ['press-ups', 'pushup'],
    ['BW squats', 'body weight squat'],
    ['T-spine rotations', 'thoracic twist'],
    ['mini-band walks', 'loop band walk'],
    ['marching in place', 'march on the spot'],
  ])('are the same in “%s” and “%s”', (one, other) =>
    expect(nameWords(plainText(one))).toEqual(nameWords(plainText(other))),
  );
});

describe('a dose as it is said', () => {
  const said = (line: string) => spokenLine(plainText(line)).said;
  it.each([
    ['10 reps', { count: { low: 10, high: 10 } }],
    ['8 to 10', { count: { low: 8, high: 10 } }],
    ['3 sets of 10', { sets: { low: 3, high: 3 }, count: { low: 10, high: 10 } }],
    ['10 a side', { count: { low: 10, high: 10 }, sides: 'each' }],
    ['20 total', { count: { low: 20, high: 20 }, inAll: true }],
    ['30s on 10s off', { seconds: { low: 30, high: 30 }, rest: 10 }],
    ['8, new to them', { count: { low: 8, high: 8 }, shownFirst: true }],
    ['5 (new)', { count: { low: 5, high: 5 }, shownFirst: true }],
    ['5 each side – show it first', { count: { low: 5, high: 5 }, sides: 'each', shownFirst: true }],
    ['demo this first, 6 reps', { count: { low: 6, high: 6 }, shownFirst: true }],
    ['5 breaths', { seconds: { low: 20, high: 20 } }],
    ['1:30', { seconds: { low: 90, high: 90 } }],
    ['there and back', { back: true }],
    ['15-20 yd', { measure: { amount: 17.5, unit: 'yd' } }],
    ['10 left 14 right', { count: { low: 10, high: 10 }, extra: { side: 'right', more: 4 } }],
    ['3 cw 3 ccw', { count: { low: 3, high: 3 }, sides: 'each' }],
    ['50/75/100%', { percents: [50, 75, 100] }],
    ['5 min to effort 5', { seconds: { low: 300, high: 300 }, effort: { to: 5, rising: true } }],
    ['as many as possible', { feel: true }],
    ['10 lb', { load: { amount: 10, unit: 'lb' } }],
    ['tempo 3-1-1', { tempo: { kind: 'phased', lower: 3, hold: 1, lift: 1 } }],
  ])('%s', (line, expected) => expect(said(`reach ${line}`)).toMatchObject(expected));
});

describe('a line that is understood', () => {
  it('is sure where every word is known, and a guess that keeps the line where one is not', () => {
    expect(understand('10 tall reaches', testLibrary, 'id')).toMatchObject({ sure: true, slot: { guess: '' } });
    expect(understand('tall reech x10', testLibrary, 'id')).toMatchObject({
      sure: false,
      slot: { drillId: 'tall-reach', guess: 'tall reech x10' },
    });
    expect(understand('zigzag 10', testLibrary, 'id')).toBeUndefined();
  });

  it('asks about a line that begins with something said to the class, and takes no seconds for sets', () => {
    const said = understand('everybody grab a mat, tall reach 6', testLibrary, 'one');
    expect(said?.sure).toBe(false);
    expect(said?.slot).toMatchObject({ drillId: 'tall-reach', dose: { kind: 'reps', count: { low: 6, high: 6 } } });
    expect(understand('barbell bench press, tall reach 6', testLibrary, 'one')).toBeUndefined();
    const twice = understand('tall reach 2 min easy, 30s hard', testLibrary, 'one');
    expect(twice?.slot).toMatchObject({ dose: { kind: 'time', seconds: { low: 120, high: 120 } }, sets: { low: 1 } });
  });

  it('goes by what a studio taught before anything else, and asks where it taught two', () => {
    const word = { said: 'sky reach', drillId: 'tall-reach', rung: '' };
    const taught = libraryOf(testLibrary.drills, [word]);
    expect(readLine('sky reaches x8', taught, 'id')).toMatchObject({ slot: { drillId: 'tall-reach', guess: '' } });
    const two = libraryOf(testLibrary.drills, [word, { ...word, drillId: 'run' }]);
    expect(readLine('sky reaches x8', two, 'id')).toMatchObject({ slot: { guess: 'sky reaches x8' } });
    expect(
      mayMean('sky reaches x8', two)
        .map(({ drill }) => drill.id)
        .toSorted(),
    ).toEqual(['run', 'tall-reach']);
  });

  it('is read as a drill that it is said to mean, with its dose', () => {
    const drill = testLibrary.byId.get('run');
    if (!drill) throw new Error('There is no run.');
    expect(nameSaid('3. harbour wobble 20s')).toBe('harbour wobble');
    expect(readAs('harbour wobble 20s', { drill, rungId: '' }, 'id')).toMatchObject({
      drillId: 'run',
      dose: { kind: 'time', seconds: { low: 20, high: 20 } },
    });
  });

  it('loses nothing that it can make no dose of: it is a cue', () => {
    expect(understand('10 tall reaches @ effort 5, every third step, 5 kg', testLibrary, 'id')?.slot.cue).toBe(
      'every third step, effort 5',
    );
  });

  it('never throws, and gives only what a circuit may hold', () => {
    const bits =
      'tall reach|run|10|8-10|x|30s|each side|/leg|there and back|hold|5 breaths|@|%|half|left|total|–|×|"|¦|90/90|0|9999|1:30|min|kg'.split(
        '|',
      );
    const line = fc.array(fc.oneof(fc.constantFrom(...bits), fc.string({ maxLength: 5 })), { maxLength: 9 });
    fc.assert(
      fc.property(line, (parts) => {
        const read = readLine(parts.join(' ').replaceAll(/[\r\n]/g, ' '), testLibrary, 'id');
        if (read.kind !== 'slot') return;
        const { dose, sets } = read.slot;
        expect(sets.low).toBeGreaterThanOrEqual(1);
        expect(JSON.stringify(dose)).not.toMatch(/null,"|NaN|Infinity/);
      }),
      { numRuns: often(4000, 20_000) },
    );
  });
});
