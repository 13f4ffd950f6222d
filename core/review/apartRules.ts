import { isKeptFrom } from '../schedule/keptApart.ts';
import type { GraveRule } from './finding.ts';

/** A circuit for the very session that it must not come before. */
export const forWhatItAvoids: GraveRule = ({ circuit: { notBefore, purpose } }) =>
  isKeptFrom(notBefore, purpose)
    ? [
        {
          rule: 'kept-apart',
          severity: 'warn',
          slotIds: [],
          facts: { notBefore, purpose },
          source: 'trade',
        },
      ]
    : [];
