import type { Circuit, TrackDrill } from '../circuit/circuit.ts';
import type { SlotTracks } from './tracksFor.ts';

/** The tracks that a coach accepted for a slot. */
export function acceptedIn(circuit: Circuit, slotId: string): readonly TrackDrill[] {
  for (const { lines } of circuit.blocks) {
    const line = lines.find(({ id }) => id === slotId);
    if (line) return line.kind === 'slot' ? line.tracks : [];
  }
  return [];
}

/** Who cannot do a slot as planned, and has neither an accepted track nor a choice of their coach in it. */
export function stillToDecide(circuit: Circuit, { slotId, tracks, oneToOne, chosen }: SlotTracks): readonly string[] {
  const accepted = acceptedIn(circuit, slotId);
  const open = tracks.filter(
    (track) => !accepted.some((one) => one.drillId === track.drillId && one.variantId === track.variantId),
  );
  return [...open.flatMap(({ people }) => people.filter((id) => !chosen.includes(id))), ...oneToOne];
}
