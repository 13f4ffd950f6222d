import { isKeptFrom } from '../schedule/keptApart.ts';
import { TRADE, type GraveRule } from './finding.ts';

/** A circuit for the very session that it must not come before. */
export const forWhatItAvoids: GraveRule = ({ circuit: { notBefore, purpose } }) =>
  isKeptFrom(notBefore, purpose)
    ? [
        {
          rule: 'kept-apart',
          severity: 'warn',
          slotIds: [],
          title: `Marked “not before ${notBefore}”, and it is for ${purpose}`,
          words: 'Take another warm-up for that session, or take the mark away.',
          source: TRADE,
        },
      ]
    : [];
