// @vitest-environment jsdom
import { flushPromises } from '@vue/test-utils';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { fakeBrowser } from '../testing/fakeBrowser.ts';
import { button, mountPart, settled, takeAway } from '../testing/mountPart.ts';
import CsvFile from './CsvFile.vue';

const saved: { name: string; text: Promise<string> }[] = [];

beforeEach(() => {
  vi.useFakeTimers();
  fakeBrowser(() => ({ status: 200, body: { done: 3, total: 12 } }));
  saved.length = 0;
  let handed = new Blob();
  vi.stubGlobal('URL', {
    createObjectURL: (content: Blob) => {
      handed = content;
      return 'blob:here';
    },
    revokeObjectURL: () => undefined,
  });
  vi.spyOn(HTMLAnchorElement.prototype, 'click').mockImplementation(function (this: HTMLAnchorElement) {
    saved.push({ name: this.download, text: handed.text() });
  });
});
afterEach(() => {
  vi.restoreAllMocks();
  takeAway();
});

const nothing = () => Promise.resolve({ added: 0, same: 0, problems: [] });
const part = (props: Record<string, unknown>) =>
  mountPart(CsvFile, { name: 'Log.csv', out: 'Save as CSV', write: () => '', read: nothing, ...props });

/** Gives the part a file, as the browser's own window does. */
async function give(page: ReturnType<typeof part>, text: string): Promise<void> {
  const input = page.find<HTMLInputElement>('input[type="file"]');
  Object.defineProperty(input.element, 'files', { value: [{ text: () => Promise.resolve(text) }] });
  await input.trigger('change');
  await flushPromises();
}

it('saves what is written, under its name', async () => {
  const page = part({ write: () => Promise.resolve('day,time\r\n') });
  await button(page, 'Save as CSV').trigger('click');
  await settled();
  expect(saved.map(({ name }) => name)).toEqual(['Log.csv']);
  expect(await saved[0]?.text).toBe('day,time\r\n');
});

it('says why nothing was saved', async () => {
  const page = part({ write: () => Promise.reject(new Error('The server cannot be reached.')) });
  await button(page, 'Save as CSV').trigger('click');
  await settled();
  expect(page.find('[role="alert"]').text()).toBe('The server cannot be reached.');
  expect(saved).toEqual([]);
});

it('says what of a file came in', async () => {
  const read = vi.fn(() => Promise.resolve({ added: 4, same: 1, problems: [] }));
  const page = part({ read });
  await give(page, 'day,time\n');
  expect(read).toHaveBeenCalledWith('day,time\n', expect.stringMatching(/^[0-9a-f-]{36}$/));
  expect(page.text()).toContain('4 added, 1 already here.');
});

it.each([
  [1, '1 thing to fix:', 1],
  [2, '2 things to fix:', 2],
  [100, '100 or more things to fix:', 20],
])('says of a file with %i faults that nothing came in, and what is to be mended', async (faults, heading, shown) => {
  const problems = Array.from({ length: faults }, (_, index) => ({ line: index + 2, message: 'There is no circuit' }));
  const page = part({ read: () => Promise.resolve({ added: 0, same: 0, problems }) });
  await give(page, 'day\n');
  expect(page.find('.bad').text().replaceAll(/\s+/g, ' ')).toBe(`Nothing was imported. ${heading}`);
  const lines = page.findAll('ol li').map((line) => line.text());
  expect(lines).toHaveLength(shown);
  expect(lines[0]).toBe('Line 2: There is no circuit');
});

it('tells how far it is, lets it be called off, and takes no second file meanwhile', async () => {
  let end: (report: unknown) => void = () => undefined;
  const page = part({ read: () => new Promise((done) => (end = done)) });
  await give(page, 'day\n');
  await vi.advanceTimersByTimeAsync(800);
  expect(page.find('[role="status"]').text()).toContain('3 of 12 taken in …');
  expect(button(page, 'Import a file').attributes()).toHaveProperty('disabled');
  await button(page, 'Cancel').trigger('click');
  end({ added: 0, same: 0, problems: [] });
  await settled();
  expect(page.text()).toContain('0 added, 0 already here.');
  expect(button(page, 'Import a file').attributes()).not.toHaveProperty('disabled');
});
