import type { Choice, Person } from '../people/person.ts';
import { ceilingsOf } from '../people/ceilings.ts';
import type { Occasion } from '../occasion/occasion.ts';
import { chosenFor } from './chosen.ts';
import type { Instruction, SlotPlace } from './swap.ts';
import type { SlotTracks } from './tracksFor.ts';

/** What somebody does in a slot. */
export type Assignment =
  /** `answeredBy`: the coach who answers for it where their limits speak against it; empty where they do not. */
  | { readonly kind: 'as planned'; readonly answeredBy: string }
  /** `own`: their coach chose it for them; else it is their track. */
  | ({ readonly kind: 'instead'; readonly own: boolean } & Instruction)
  | { readonly kind: 'one to one' };

/** What somebody does in a slot: what was chosen for them where they may do it, else their track. */
export function assignmentOf(
  place: SlotPlace,
  tracks: SlotTracks,
  person: Person,
  circuitId: string,
  occasion: Occasion,
): Assignment {
  const chosen = chosenFor(person, place, ceilingsOf(person, occasion.day), circuitId, occasion);
  if (chosen) {
    const { drillId, variantId, answeredBy } = chosen.choice;
    if (drillId === place.drill.id && variantId === place.rung.id) return { kind: 'as planned', answeredBy };
    return { kind: 'instead', own: true, drillId, variantId };
  }
  const track = tracks.tracks.find(({ people }) => people.includes(person.id));
  if (track) return { kind: 'instead', own: false, drillId: track.drillId, variantId: track.variantId };
  return tracks.oneToOne.includes(person.id) ? { kind: 'one to one' } : { kind: 'as planned', answeredBy: '' };
}

/** A person with a choice made for a slot, in place of what was chosen for that day (or for good) before. */
export function withChoice(
  person: Person,
  circuitId: string,
  slotId: string,
  instruction: (Instruction & Partial<Pick<Choice, 'answeredBy' | 'answeredOn'>>) | null,
  day: string,
): Person {
  const others = person.choices.filter(
    (choice) => choice.circuitId !== circuitId || choice.slotId !== slotId || choice.day !== day,
  );
  if (!instruction) return { ...person, choices: others };
  const { drillId, variantId, answeredBy = '', answeredOn = '' } = instruction;
  return { ...person, choices: [...others, { circuitId, slotId, drillId, variantId, day, answeredBy, answeredOn }] };
}
