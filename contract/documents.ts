/** What is stored whole, as a document. */
export type DocumentKind =
  'circuit' | 'drill' | 'approach' | 'main session' | 'measure' | 'fit' | 'person' | 'run' | 'site';

/** The version of each kind's schema that is written today. A document kept with it was checked as it came in. */
export const SCHEMA_VERSIONS: Readonly<Record<DocumentKind, number>> = {
  circuit: 10,
  drill: 2,
  approach: 2,
  'main session': 2,
  measure: 1,
  fit: 1,
  person: 6,
  run: 4,
  site: 1,
};
