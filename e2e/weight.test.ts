import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { expect, it } from 'vitest';

/** The most JavaScript that may come before the door or Today is shown, packed; the others bring what they do as well. */
const MOST_BYTES = 200_000;
/** What only a large part says of itself, by the name of the part: no page waits for one that it does not begin with. */
const PARTS = [
  ['the charts', 'is not a registered '],
  ['the calendar', 'v-date-picker'],
] as const;

/** What the build says of a file: its name, and the files that come with it. */
interface Built {
  readonly file: string;
  readonly imports?: readonly string[];
}

const DIST = join(import.meta.dirname, '../web/dist');
const MANIFEST = JSON.parse(readFileSync(join(DIST, '.vite/manifest.json'), 'utf8')) as Readonly<Record<string, Built>>;

/** The scripts that must be there before some sources can run, the application itself among them. */
function scriptsOf(sources: readonly string[]): readonly string[] {
  const files = new Set<string>();
  function bring(name: string): void {
    const built = MANIFEST[name];
    if (!built) throw new Error(`The build has no ${name}.`);
    if (files.has(built.file)) return;
    files.add(built.file);
    for (const other of built.imports ?? []) bring(other);
  }
  for (const source of ['index.html', ...sources]) bring(source);
  return [...files].map((file) => readFileSync(join(DIST, file), 'utf8'));
}

it.each([
  ['the door', ['door/DoorPage.vue', 'door/SignInForm.vue', 'door/DoorPicture.vue'], MOST_BYTES],
  ['Today', ['today/TodayPage.vue'], MOST_BYTES],
  ['the drills', ['drills/DrillsPage.vue'], 220_000],
  ['the circuits', ['circuits/CircuitsPage.vue'], 220_000],
  ['the sheet', ['sheet/SheetPage.vue'], 290_000],
])('little comes before %s is shown, and no part that it does not begin with', (_, sources, most) => {
  const scripts = scriptsOf(sources);
  const early = PARTS.filter(([, says]) => scripts.some((script) => script.includes(says)));
  expect(early.map(([part]) => part)).toEqual([]);
  const bytes = scripts.reduce((sum, script) => sum + gzipSync(script).byteLength, 0);
  expect(bytes).toBeLessThanOrEqual(most);
});

it('tells those parts where they are', () => {
  for (const [part, source] of [
    ['the charts', 'log/RunOverTime.vue'],
    ['the calendar', 'log/LogPage.vue'],
  ] as const) {
    const says = PARTS.find(([name]) => name === part)?.[1] ?? '';
    expect([part, scriptsOf([source]).some((script) => script.includes(says))]).toEqual([part, true]);
  }
});
