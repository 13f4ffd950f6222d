import { permits } from '../people/conflictsOf.ts';
import type { Ceilings } from '../people/ceilings.ts';
import { choiceFor, heldToLight, readinessOn, type Choice, type Person } from '../people/person.ts';
import type { Occasion } from '../occasion/occasion.ts';
import { instructed, type Candidate, type SlotPlace } from './swap.ts';

/** Whether a coach may answer for somebody doing what their limits speak against: never under a hold or a red flag. */
export function mayBeAnsweredFor(person: Pick<Person, 'holds' | 'readiness'>, day: string): boolean {
  return heldToLight(person) === undefined && readinessOn(person, day).state !== 'red flag';
}

/**
 * What somebody's coach chose for them in a slot and they may do: because their limits allow it, or because the coach
 * answers for it. A choice that no longer counts is none.
 */
export function chosenFor(
  person: Person,
  { slot }: Pick<SlotPlace, 'slot'>,
  ceilings: Ceilings,
  circuitId: string,
  { library, day }: Pick<Occasion, 'library' | 'day'>,
): (Pick<Candidate, 'drill' | 'rung'> & { readonly choice: Choice }) | undefined {
  const choice = choiceFor(person, circuitId, slot.id, day);
  const found = choice && instructed(library, choice);
  if (!choice || !found) return undefined;
  const answered = choice.answeredBy !== '' && mayBeAnsweredFor(person, day);
  return answered || permits(found.rung, ceilings) ? { ...found, choice } : undefined;
}
