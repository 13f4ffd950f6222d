import { changeSlot } from '../circuit/edit.ts';
import type { Circuit, TrackDrill } from '../circuit/circuit.ts';
import { isHere, type Person } from '../people/person.ts';
import { headcount } from '../occasion/floor.ts';
import type { Occasion } from '../occasion/occasion.ts';
import { assignmentOf } from './assignment.ts';
import { acceptedIn } from './stillToDecide.ts';
import { slotPlaces, type SlotPlace } from './swap.ts';
import { tracksFor, type SlotTracks, type Track } from './tracksFor.ts';

/**
 * A circuit as it is run today with the people who are here: what was chosen for somebody is a track, beside those that
 * were accepted. Where there is one client only, everything shown is what that client does.
 *
 * @param people everybody whom the coach knows in it; those who are not here are left out
 */
export function asToday(circuit: Circuit, people: readonly Person[], occasion: Occasion, circuitId: string): Circuit {
  const all = tracksFor(circuit, people, occasion, circuitId);
  const [client, ...others] = people.filter((person) => isHere(person, occasion.day));
  const alone = others.length === 0 && headcount(circuit, occasion) <= 1 ? client : undefined;
  const places = slotPlaces(circuit, occasion);
  return all.reduce((so, slot, at) => {
    const place = places[at];
    if (!place) return so;
    const accepted = acceptedIn(circuit, slot.slotId);
    const tracks = alone ? clientsOwn(place, slot, alone, accepted, occasion, circuitId) : withChosen(slot, accepted);
    return tracks === accepted ? so : changeSlot(so, slot.slotId, (line) => ({ ...line, tracks }));
  }, circuit);
}

/** What one client does, in place of what is planned, where it was chosen or accepted for them. */
function clientsOwn(
  place: SlotPlace,
  slot: SlotTracks,
  client: Person,
  accepted: readonly TrackDrill[],
  occasion: Occasion,
  circuitId: string,
): readonly TrackDrill[] {
  const does = assignmentOf(place, slot, client, circuitId, occasion);
  if (does.kind !== 'instead') return does.kind === 'as planned' ? [] : accepted;
  if (!does.own && !accepted.some((one) => isSame(one, does))) return accepted;
  return [{ track: 'everybody', drillId: does.drillId, variantId: does.variantId }];
}

/** The accepted tracks, and one more for each thing that was chosen and is not among them. */
function withChosen({ tracks, chosen }: SlotTracks, accepted: readonly TrackDrill[]): readonly TrackDrill[] {
  const more = tracks.filter(
    (track) => track.people.some((id) => chosen.includes(id)) && !accepted.some((one) => isSame(one, track)),
  );
  return more.length === 0 ? accepted : [...accepted, ...more.map(withoutPeople)];
}

const withoutPeople = ({ track, drillId, variantId }: Track): TrackDrill => ({ track, drillId, variantId });

const isSame = (one: Pick<TrackDrill, 'drillId' | 'variantId'>, other: Pick<TrackDrill, 'drillId' | 'variantId'>) =>
  one.drillId === other.drillId && one.variantId === other.variantId;
