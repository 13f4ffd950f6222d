import { TRADE, type Finding, type GraveRule } from './finding.ts';

/** A drill that nobody present may do as planned. */
export const nobodyMay: GraveRule = ({ placed, tracks, people }) =>
  tracks.flatMap(({ slotId, main }): readonly Finding[] => {
    const slot = placed.find(({ slot: { id } }) => id === slotId);
    if (!slot || people === 0 || main.length > 0) return [];
    return [
      {
        rule: 'nobody-may',
        severity: 'stop',
        slotIds: [slotId],
        title: `Nobody present may do ${slot.drill.name.toLowerCase()} as planned`,
        words: 'Take another drill, or an easier version, for all of them.',
        source: TRADE,
      },
    ];
  });

/** Somebody for whom two more instructions find nothing. */
export const noSwap: GraveRule = ({ placed, tracks }) =>
  tracks.flatMap(({ slotId, oneToOne }): readonly Finding[] => {
    const slot = placed.find(({ slot: { id } }) => id === slotId);
    if (!slot || oneToOne.length === 0) return [];
    const many = oneToOne.length === 1 ? 'One person has' : `${oneToOne.length} people have`;
    return [
      {
        rule: 'no-swap',
        severity: 'warn',
        slotIds: [slotId],
        title: `${many} nothing to do in ${slot.drill.name.toLowerCase()}`,
        words:
          'No track serves them: see them one-to-one there, or plan another drill. Swaps shows what they could do.',
        source: TRADE,
      },
    ];
  });
