import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readPersonCsv } from '@prompt-spark/core/formats/personCsv';
import { readDrillCsv } from '@prompt-spark/core/formats/drillCsv';
import { testLibrary } from '@prompt-spark/core/testing/drills';
import { readWhiteboard } from '@prompt-spark/core/whiteboard/readWhiteboard';

/** What expressions that go back over what they have read choke on. */
const RUNS = [
  ' ',
  'a',
  '"',
  '1',
  ';',
  '=',
  '-',
  '/',
  '(',
  ',',
  '\t',
  '\n',
  '\r',
  'a ',
  '" ',
  '"a',
  'a =',
  'a"\n',
  'x=1 ',
  '1-',
];
const LONG = 2_000_000;
const SHORT = LONG / 16;
const MOST_RATIO = 90;

const seconds = (work: () => unknown): number => {
  const start = performance.now();
  work();
  return (performance.now() - start) / 1000;
};

/**
 * What is read in one go through the text takes sixteen times as long for sixteen times the text; what goes back over it
 * takes 256 times as long. The bound lies far above the first and below the second. Both are taken again where they are
 * too far apart, for a busy machine is slow once, and an expression that goes back is slow every time.
 */
function expectLinear(read: (text: string) => unknown, run: string, around: (text: string) => string): void {
  const text = (length: number) => around(run.repeat(Math.floor(length / run.length)));
  const [few, many] = [text(SHORT), text(LONG)];
  const ratio = () =>
    seconds(() => read(many)) /
    Math.max(
      0.05,
      seconds(() => read(few)),
    );
  let least = ratio();
  for (let again = 0; again < 2 && least >= MOST_RATIO; again += 1) least = Math.min(least, ratio());
  expect(least).toBeLessThan(MOST_RATIO);
}

describe('two million letters of outside text', () => {
  it.each(RUNS)('such as %j are read in one go as a board, and nothing of them is lost', (run) => {
    const board = (text: string) => readWhiteboard(text, testLibrary);
    expectLinear(board, run, (text) => text);
    expectLinear(board, run, (text) => `mobilise\n deep sit ${text}`);
    expectLinear(board, run, (text) => `# ${text}`);
  });

  it.each(RUNS)('such as %j are read in one go as people', (run) => {
    expectLinear(readPersonCsv, run, (text) => text);
    expectLinear(readPersonCsv, run, (text) => `name,limits\nEbba,"x${text.replaceAll('"', '""')}y"`);
    expectLinear(readPersonCsv, run, (text) => `name,ability\nEbba,"x${text.replaceAll('"', '""')}y"`);
  });

  it.each(RUNS)('such as %j are read in one go as drills', (run) => {
    expectLinear(readDrillCsv, run, (text) => text);
  });
});

it('keeps every letter of a board that is far too long', () => {
  fc.assert(
    fc.property(
      fc.array(fc.constantFrom('deep sit 20s', 'no such thing', 'x'.repeat(1500)), { maxLength: 40 }),
      (lines) => {
        const { circuit } = readWhiteboard(lines.join('\n').repeat(60), testLibrary);
        const kept = [...circuit.unread, ...circuit.blocks.flatMap(({ lines: rows }) => rows)].flatMap((line) =>
          line.kind === 'unread' ? [line.text] : [],
        );
        const unread = lines
          .join('\n')
          .repeat(60)
          .split('\n')
          .filter((line) => line.includes('x'.repeat(1500)));
        const letters = (text: string) => text.replace(/[^x]/g, '').length;
        expect(letters(kept.join(''))).toBe(letters(unread.join('')));
      },
    ),
    { numRuns: 10 },
  );
});
