import fc from 'fast-check';
import { LONG } from './often.ts';

/**
 * A change is judged by what it changes: `npm test` tries the same examples every time, so that a failure belongs to the
 * change at hand. New examples are looked for every night, and one that fails is written down as a case of its own.
 */
if (!LONG) fc.configureGlobal({ ...fc.readConfigureGlobal(), seed: 20_261 });
