import type { Person } from '../people/person.ts';
import { choiceFor } from '../people/person.ts';
import { ceilingsOf } from '../people/ceilings.ts';
import { permits } from '../people/conflictsOf.ts';
import type { Occasion } from '../occasion/occasion.ts';
import { instructed, type Instruction, type SlotPlace } from './swap.ts';
import type { SlotTracks } from './tracksFor.ts';

/** What somebody does in a slot. */
export type Assignment =
  | { readonly kind: 'as planned' }
  /** `own`: their coach chose it for them; else it is their track. */
  | ({ readonly kind: 'instead'; readonly own: boolean } & Instruction)
  | { readonly kind: 'one to one' };

/** What somebody does in a slot: what was chosen for them where they may do it, else their track. */
export function assignmentOf(
  place: SlotPlace,
  tracks: SlotTracks,
  person: Person,
  circuitId: string,
  { library, day }: Occasion,
): Assignment {
  const choice = choiceFor(person, circuitId, place.slot.id, day);
  const chosen = choice && instructed(library, choice);
  if (choice && chosen && permits(chosen.rung, ceilingsOf(person, day))) {
    return { kind: 'instead', own: true, drillId: choice.drillId, variantId: choice.variantId };
  }
  const track = tracks.tracks.find(({ people }) => people.includes(person.id));
  if (track) return { kind: 'instead', own: false, drillId: track.drillId, variantId: track.variantId };
  return tracks.oneToOne.includes(person.id) ? { kind: 'one to one' } : { kind: 'as planned' };
}

/** A person with a choice made for a slot, in place of what was chosen for that day (or for good) before. */
export function withChoice(
  person: Person,
  circuitId: string,
  slotId: string,
  instruction: Instruction | null,
  day: string,
): Person {
  const others = person.choices.filter(
    (choice) => choice.circuitId !== circuitId || choice.slotId !== slotId || choice.day !== day,
  );
  if (!instruction) return { ...person, choices: others };
  const { drillId, variantId } = instruction;
  return { ...person, choices: [...others, { circuitId, slotId, drillId, variantId, day }] };
}
