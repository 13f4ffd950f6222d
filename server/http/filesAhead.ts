import { readFileSync } from 'node:fs';
import { join } from 'node:path';

/** Which page an address shows, by its source in the build's manifest. Others are fetched when the router asks for them. */
const PAGES: readonly (readonly [RegExp, string])[] = [
  [/^\/door$/, 'door/DoorPage.vue'],
  [/^\/(?:today)?$/, 'today/TodayPage.vue'],
  [/^\/circuits$/, 'circuits/CircuitsPage.vue'],
  [/^\/circuits\/[^/]+$/, 'sheet/SheetPage.vue'],
  [/^\/stage\/[^/]+$/, 'stage/StagePage.vue'],
  [/^\/drills$/, 'drills/DrillsPage.vue'],
  [/^\/people$/, 'people/PeoplePage.vue'],
  [/^\/log$/, 'log/LogPage.vue'],
  [/^\/studio$/, 'studio/StudioPage.vue'],
];

/** A chunk of the build, as Vite's manifest has it. */
interface Chunk {
  readonly file: string;
  readonly imports?: readonly string[];
  readonly css?: readonly string[];
}

/**
 * For every address, the tags that have a browser fetch what its page is made of together with the application, and not
 * only once that runs: on a slow connection each round saved is half a second.
 */
export function filesAhead(folder: string): (path: string) => string {
  // Written by the build that wrote everything else in this folder.
  const manifest = JSON.parse(readFileSync(join(folder, '.vite/manifest.json'), 'utf8')) as Readonly<
    Record<string, Chunk>
  >;
  const entry = new Set(reached(manifest, 'index.html'));
  const made = new Map(PAGES.map(([, source]) => [source, tagsFor(manifest, source, entry)]));
  return (path) => {
    const page = PAGES.find(([pattern]) => pattern.test(path));
    return page ? (made.get(page[1]) ?? '') : '';
  };
}

function tagsFor(manifest: Readonly<Record<string, Chunk>>, source: string, there: ReadonlySet<string>): string {
  const chunks = reached(manifest, source)
    .filter((name) => !there.has(name))
    .flatMap((name) => manifest[name] ?? []);
  const scripts = chunks.map(
    ({ file }) => `<link rel="modulepreload" fetchpriority="low" crossorigin href="/${file}">`,
  );
  const styles = chunks.flatMap(({ css = [] }) =>
    css.map((file) => `<link rel="preload" as="style" crossorigin href="/${file}">`),
  );
  return [...scripts, ...styles].join('');
}

/** A chunk and everything it imports, each once. */
function reached(manifest: Readonly<Record<string, Chunk>>, source: string): readonly string[] {
  const seen = new Set<string>();
  const left = [source];
  for (let name = left.pop(); name !== undefined; name = left.pop()) {
    const chunk = manifest[name];
    if (!chunk || seen.has(name)) continue;
    seen.add(name);
    left.push(...(chunk.imports ?? []));
  }
  return [...seen];
}
