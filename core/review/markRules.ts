import { isKeptFrom } from '../schedule/keptApart.ts';
import { TRADE, type GraveRule } from './finding.ts';

/** A circuit that is marked against the very session it is for. */
export const markedAgainst: GraveRule = ({ circuit: { notBefore, purpose } }) =>
  isKeptFrom(notBefore, purpose)
    ? [
        {
          rule: 'marked-against',
          severity: 'warn',
          slotIds: [],
          title: `Marked “not before ${notBefore}”, and it is for ${purpose}`,
          words: 'Take another warm-up for that session, or take the mark away.',
          source: TRADE,
        },
      ]
    : [];
