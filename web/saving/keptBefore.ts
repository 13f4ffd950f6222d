import { SCHEMA_VERSIONS, type DocumentKind } from '@prompt-spark/contract/documents';
import { KEPT, keysOf } from './browserKeep.ts';

/** Something that an earlier version of the application kept in the browser, with how it was kept. */
export interface KeptBefore {
  readonly key: string;
  readonly kind: DocumentKind;
  readonly version: number;
  readonly drawer: string;
  readonly id: string;
}

const UUID = '[0-9a-f-]{36}';
/** How names were made before they carried a version. */
const FIRST_NAMES: readonly (readonly [RegExp, (parts: readonly string[]) => Omit<KeptBefore, 'key' | 'version'>])[] = [
  [
    new RegExp(`^prompt-spark circuit in doubt (${UUID})$`),
    ([, id = '']) => ({ kind: 'circuit', drawer: 'in doubt', id }),
  ],
  [new RegExp(`^prompt-spark circuit (${UUID})$`), ([, id = '']) => ({ kind: 'circuit', drawer: 'unsent', id })],
  [new RegExp(`^prompt-spark run (${UUID}) (${UUID})$`), ([, drawer = '', id = '']) => ({ kind: 'run', drawer, id })],
];

/** Everything in a storage that was kept under an older schema. */
export function keptBefore(storage: Storage): readonly KeptBefore[] {
  return keysOf(storage).flatMap((key) => {
    if (key.startsWith(KEPT)) return versioned(key);
    for (const [pattern, made] of FIRST_NAMES) {
      const parts = pattern.exec(key);
      if (parts) return [{ key, version: 0, ...made(parts) }];
    }
    return [];
  });
}

function versioned(key: string): readonly KeptBefore[] {
  const parts = /^prompt-spark\/(circuit|run)@(\d{1,4})\/([^/]+)\/(.+)$/.exec(key);
  if (!parts) return [];
  const [, kindName, number = '', drawer = '', id = ''] = parts;
  const kind = kindName === 'run' ? 'run' : 'circuit';
  const version = Number(number);
  return version < SCHEMA_VERSIONS[kind] ? [{ key, kind, version, drawer, id }] : [];
}
