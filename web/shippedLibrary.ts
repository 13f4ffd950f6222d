import { rolldown } from 'rolldown';
import type { Plugin } from 'vite';

const MODULE = 'virtual:shipped-library';
const FILES = ['drills', 'figures'] as const;
type File = (typeof FILES)[number];

/**
 * Makes files of the build of the drills and figures that ship, under the digest of what is in them: a browser keeps
 * them for good, and only what a studio added comes from the API. A virtual module lists their addresses.
 */
export function shippedLibrary(): Plugin {
  let contents: Promise<Readonly<Record<File, string>>> | undefined;
  let building = false;
  return {
    name: 'shipped-library',
    configResolved: ({ command }) => {
      building = command === 'build';
    },
    resolveId: (id) => (id === MODULE ? `\0${MODULE}` : undefined),
    async load(id) {
      if (id !== `\0${MODULE}`) return undefined;
      if (!building) return FILES.map((file) => `export const ${file} = '/@shipped/${file}.json';`).join('\n');
      const made = await (contents ??= readCatalogue());
      return FILES.map((file) => {
        const reference = this.emitFile({ type: 'asset', name: `${file}.json`, source: made[file] });
        return `export const ${file} = import.meta.ROLLUP_FILE_URL_${reference};`;
      }).join('\n');
    },
    configureServer: ({ middlewares }) => {
      middlewares.use('/@shipped', (request, response, next) => {
        const file = FILES.find((one) => request.url === `/${one}.json`);
        if (!file) return next();
        void (contents ??= readCatalogue()).then((made) => {
          response.setHeader('Content-Type', 'application/json');
          response.end(made[file]);
        }, next);
      });
    },
  };
}

/** The catalogue, bundled and run without change. */
async function readCatalogue(): Promise<Readonly<Record<File, string>>> {
  const bundle = await rolldown({
    input: `${import.meta.dirname}/../catalogue/shipped.ts`,
    platform: 'node',
    logLevel: 'silent',
  });
  const { output } = await bundle.generate({ format: 'esm' });
  await bundle.close();
  const shipped = (await import(
    `data:text/javascript;base64,${Buffer.from(output[0].code).toString('base64')}`
  )) as Readonly<Record<File, unknown>>;
  return { drills: JSON.stringify(shipped.drills), figures: JSON.stringify(shipped.figures) };
}
