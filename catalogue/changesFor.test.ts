import { occasionOf } from '@prompt-spark/core/occasion/occasion';
import { libraryOf } from '@prompt-spark/core/drills/library';
import type { Person } from '@prompt-spark/core/people/person';
import { permits } from '@prompt-spark/core/people/conflictsOf';
import { ceilingsOf } from '@prompt-spark/core/people/ceilings';
import { changesFor } from '@prompt-spark/core/swaps/changesFor';
import { instructed } from '@prompt-spark/core/swaps/swap';
import { limit, TEST_DAY, testPerson } from '@prompt-spark/core/testing/people';
import { readWhiteboard } from '@prompt-spark/core/whiteboard/readWhiteboard';
import { describe, expect, it } from 'vitest';
import { catalogue } from './index.ts';

const library = libraryOf(catalogue);
const occasion = occasionOf({ library, day: TEST_DAY });
const BOARD = 'raise\n march on the spot 60s\nintegrate\n push-up 45s aim 6/10/15\n hip flexor stretch 20s/side';
const { circuit } = readWhiteboard(BOARD, library);
const of = (person: Person) => changesFor(person, [person], circuit, occasion, 'circuit', []);
const pushUp = (person: Person) => of(person).find(({ place }) => place.drill.name === 'Push-up');
const came = (day: string): Person['seen'][number] => ({
  runId: day,
  day,
  title: '',
  state: 'fine',
  where: null,
  side: null,
  pain: null,
  reached: [],
  technique: [],
  effort: null,
  signs: [],
});
const seen = (day: string, amount: number): Person['seen'][number] => ({
  ...came(day),
  reached: [{ drillId: 'push-up', drillName: 'Push-up', amount, unit: 'reps' }],
});
const sagging = {
  drillId: 'push-up',
  drillName: 'Push-up',
  fault: library.byId.get('push-up')?.fault.seen ?? '',
  version: null,
};

describe('what a circuit changes for one person', () => {
  it('is nothing but a number to aim for where they can do it all', () => {
    expect(of(testPerson()).map(({ place, does }) => [place.drill.name, does.kind])).toEqual([
      ['Push-up', 'as planned'],
    ]);
  });

  it('is what they do instead, with the limit behind it', () => {
    const person = { ...testPerson(), limits: [limit('wrist', 'avoid')] };
    const change = pushUp(person);
    expect(change?.because).toEqual([{ kind: 'limit', limit: limit('wrist', 'avoid') }]);
    const rung = change?.does.kind === 'instead' ? instructed(library, change.does)?.rung : undefined;
    expect(rung && permits(rung, ceilingsOf(person, TEST_DAY))).toBe(true);
  });

  it('is a little more for the side that is behind', () => {
    const change = of({ ...testPerson(), stiffer: { hip: 'left' } }).find(({ extra }) => extra);
    expect(change?.extra).toEqual({ side: 'left', more: 5 });
  });

  it('is a little more for that side in the version that is theirs, too', () => {
    const person = { ...testPerson(), limits: [limit('no-floor', 'avoid')], stiffer: { hip: 'left' as const } };
    for (const { does, extra } of of(person)) if (does.kind === 'one to one') expect(extra).toBeNull();
    const own = of(person).find(({ does, extra }) => does.kind === 'instead' && extra);
    expect(own?.extra?.side).toBe('left');
  });

  it.each([
    ['nothing known', {}, { amount: 10, reached: null }],
    ['a gentle push', { ability: { push: 'gentle' } }, { amount: 6, reached: null }],
    ['a strong push', { ability: { push: 'strong' } }, { amount: 15, reached: null }],
    ['eleven last time', { seen: [seen('2026-01-08', 11), seen('2026-01-01', 9)] }, { amount: 11, reached: 11 }],
  ] as const)('is a number of their own in a shared time: %s', (_, facts: Partial<Person>, aim) => {
    expect(pushUp({ ...testPerson(), ...facts })?.aim).toEqual(aim);
  });

  it('is what to mind in a drill where it was wrong lately, unless they do another one', () => {
    const sagged = [{ ...came('2026-01-08'), technique: [sagging] }];
    expect(pushUp({ ...testPerson(), seen: sagged })?.before).toEqual(sagging);
    expect(pushUp({ ...testPerson(), seen: [came('2026-01-09'), ...sagged] })?.before).toEqual(sagging);
    const other = { ...testPerson(), limits: [limit('no-floor', 'avoid'), limit('wrist', 'avoid')], seen: sagged };
    expect(pushUp(other)?.before).toBeNull();
  });

  it('is no number where they do another drill', () => {
    const change = pushUp({ ...testPerson(), limits: [limit('no-floor', 'avoid'), limit('wrist', 'avoid')] });
    expect(change?.does.kind === 'instead' && change.does.drillId === 'push-up' ? null : change?.aim).toBeNull();
  });
});
