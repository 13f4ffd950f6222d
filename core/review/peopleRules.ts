import type { Finding, GraveRule } from './finding.ts';

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
        facts: { drill: slot.drill.name },
        source: 'trade',
      },
    ];
  });

/** Somebody for whom two more instructions find nothing. */
export const noSwap: GraveRule = ({ placed, tracks }) =>
  tracks.flatMap(({ slotId, oneToOne }): readonly Finding[] => {
    const slot = placed.find(({ slot: { id } }) => id === slotId);
    if (!slot || oneToOne.length === 0) return [];
    return [
      {
        rule: 'no-swap',
        severity: 'warn',
        slotIds: [slotId],
        facts: { drill: slot.drill.name, people: oneToOne.length },
        source: 'trade',
      },
    ];
  });
