import { rolldown } from 'rolldown';
import type { Plugin } from 'vite';

const MODULE = 'virtual:shipped-library';
/** The files, by what they hold. */
const FILES = { drills: 'drills.json', figures: 'figures.txt' } as const;
type Held = keyof typeof FILES;
const HELD = Object.keys(FILES) as readonly Held[];

/**
 * Makes files of the build of the drills and figures that ship, under the digest of what is in them: a browser keeps
 * them for good, and only what a studio added comes from the API. A virtual module lists their addresses.
 */
export function shippedLibrary(): Plugin {
  let contents: Promise<Readonly<Record<Held, string>>> | undefined;
  let building = false;
  return {
    name: 'shipped-library',
    configResolved: ({ command }) => {
      building = command === 'build';
    },
    resolveId: (id) => (id === MODULE ? `\0${MODULE}` : undefined),
    async load(id) {
      if (id !== `\0${MODULE}`) return undefined;
      if (!building) return HELD.map((held) => `export const ${held} = '/@shipped/${FILES[held]}';`).join('\n');
      const made = await (contents ??= readCatalogue());
      return HELD.map((held) => {
        const reference = this.emitFile({ type: 'asset', name: FILES[held], source: made[held] });
        return `export const ${held} = import.meta.ROLLUP_FILE_URL_${reference};`;
      }).join('\n');
    },
    configureServer: ({ middlewares }) => {
      middlewares.use('/@shipped', (request, response, next) => {
        const held = HELD.find((one) => request.url === `/${FILES[one]}`);
        if (!held) return next();
        void (contents ??= readCatalogue()).then((made) => {
          response.setHeader('Content-Type', held === 'drills' ? 'application/json' : 'text/plain; charset=utf-8');
          response.end(made[held]);
        }, next);
      });
    },
  };
}

/** The catalogue, bundled and run without change. */
async function readCatalogue(): Promise<Readonly<Record<Held, string>>> {
  const bundle = await rolldown({
    input: `${import.meta.dirname}/../catalogue/shipped.ts`,
    platform: 'node',
    logLevel: 'silent',
  });
  const { output } = await bundle.generate({ format: 'esm' });
  await bundle.close();
  const shipped = (await import(`data:text/javascript;base64,${Buffer.from(output[0].code).toString('base64')}`)) as {
    readonly drills: unknown;
    readonly figures: Readonly<Record<string, unknown>>;
  };
  return { drills: JSON.stringify(shipped.drills), figures: linesOf(shipped.figures) };
}

/** Entries as lines that can be parsed one by one (api/entriesLater.ts). JSON has neither tabs nor line ends of its own. */
export function linesOf(entries: Readonly<Record<string, unknown>>): string {
  return Object.entries(entries)
    .map(([name, entry]) => `${name}\t${JSON.stringify(entry)}`)
    .join('\n');
}
