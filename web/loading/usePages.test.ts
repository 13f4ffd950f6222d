import { expect, it } from 'vitest';
import { usePages } from './usePages.ts';

interface Page {
  readonly names: readonly string[];
  readonly next: string | null;
}

/** A list of names whose pages come when the test lets them. */
function names() {
  const waiting: { readonly asked: string; readonly answer: (page: Page) => void }[] = [];
  const shown: string[] = [];
  const pages = usePages<string, Page>(
    'all',
    (wish, after) =>
      new Promise((answer) => waiting.push({ asked: after === null ? wish : `${wish} after ${after}`, answer })),
    (page, below) => {
      if (!below) shown.length = 0;
      shown.push(...page.names);
    },
  );
  const answer = (asked: string, page: Page): void => {
    const at = waiting.findIndex((one) => one.asked === asked);
    const [found] = waiting.splice(at, 1);
    if (at < 0 || !found) throw new Error(`Nobody asked for ${asked}.`);
    found.answer(page);
  };
  return { pages, shown, answer, asked: () => waiting.map(({ asked }) => asked) };
}

it('shows the first page, and each further one below it, until there is none', async () => {
  const { pages, shown, answer, asked } = names();
  const first = pages.load();
  answer('all', { names: ['Anneke'], next: 'Anneke' });
  await first;
  const second = pages.more();
  answer('all after Anneke', { names: ['Bram'], next: null });
  await second;
  expect(shown).toEqual(['Anneke', 'Bram']);
  await pages.more();
  expect(asked()).toEqual([]);
});

it('drops an answer that a later question has overtaken, whichever comes first', async () => {
  const { pages, shown, answer } = names();
  const all = pages.load();
  const some = pages.load('B');
  answer('B', { names: ['Bram'], next: null });
  answer('all', { names: ['Anneke', 'Bram'], next: 'Bram' });
  await Promise.all([all, some]);
  expect(shown).toEqual(['Bram']);
  expect(pages.next.value).toBeNull();
  expect(pages.wish.value).toBe('B');
});

it('puts no further page of one list below another', async () => {
  const { pages, shown, answer } = names();
  const first = pages.load();
  answer('all', { names: ['Anneke'], next: 'Anneke' });
  await first;
  const more = pages.more();
  const other = pages.load('C');
  answer('all after Anneke', { names: ['Bram'], next: null });
  answer('C', { names: ['Carla'], next: null });
  await Promise.all([more, other]);
  expect(shown).toEqual(['Carla']);
});

it('asks for the same again where nothing else is asked for', async () => {
  const { pages, answer, asked } = names();
  const one = pages.load('B');
  answer('B', { names: [], next: null });
  await one;
  const again = pages.load();
  expect(asked()).toEqual(['B']);
  answer('B', { names: [], next: null });
  await again;
});
