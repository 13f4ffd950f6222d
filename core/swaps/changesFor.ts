import type { Aim } from '../circuit/aim.ts';
import type { Circuit } from '../circuit/circuit.ts';
import type { Extra } from '../dose/dose.ts';
import type { Measure } from '../measures/measure.ts';
import { stifferSides } from '../measures/compare.ts';
import { moreFor } from '../measures/oneSide.ts';
import type { Occasion } from '../occasion/occasion.ts';
import { suitedRung } from '../people/ability.ts';
import { ceilingsOf, type Because } from '../people/ceilings.ts';
import { conflictsOf } from '../people/conflictsOf.ts';
import type { Limit } from '../people/limitation.ts';
import { painFreeIn } from '../people/painFree.ts';
import type { Person } from '../people/person.ts';
import { lastReached } from '../people/reached.ts';
import { lastTechnique, type Technique } from '../people/technique.ts';
import type { Count } from '../units.ts';
import { assignmentOf, type Assignment } from './assignment.ts';
import { instructed, slotPlaces, type SlotPlace } from './swap.ts';
import { tracksFor } from './tracksFor.ts';

/** What one slot of a circuit is for somebody where that is not just what is planned, and why. */
export interface ChangeFor {
  readonly place: SlotPlace;
  readonly does: Assignment;
  /** Why they may not do the planned drill; nothing where theirs was chosen for another reason. */
  readonly because: readonly Because[];
  /** The parts that they move only as far as nothing hurts, in what is planned. */
  readonly painFree: readonly Limit[];
  /** A little more for the stiffer or weaker side. */
  readonly extra: Extra | null;
  readonly aim: OwnAim | null;
  /** How they did it lately, where anything was said of it. */
  readonly before: Technique | null;
}

/** What somebody aims at in a time that all share. */
export interface OwnAim {
  readonly amount: Count;
  /** What they reached last time, which it goes by; null where nothing was counted, so that it goes by the track. */
  readonly reached: Count | null;
}

/**
 * What a circuit changes for one person, slot by slot; slots that they do as planned are left out.
 *
 * @param people everybody who does it: the tracks are theirs together
 */
export function changesFor(
  person: Person,
  people: readonly Person[],
  circuit: Circuit,
  occasion: Occasion,
  circuitId: string,
  measures: readonly Measure[],
): readonly ChangeFor[] {
  const tracks = tracksFor(circuit, people, occasion, circuitId);
  const ceilings = ceilingsOf(person, occasion.day);
  const sides = stifferSides(person, measures);
  return slotPlaces(circuit, occasion).flatMap((place, at): readonly ChangeFor[] => {
    const own = tracks[at];
    if (!own) return [];
    const does = assignmentOf(place, own, person, circuitId, occasion);
    const asPlanned = does.kind === 'as planned';
    const change: ChangeFor = {
      place,
      does,
      because: [...new Set(conflictsOf(place.rung, ceilings).map(({ because }) => because))],
      painFree: asPlanned ? painFreeIn(place.rung, person, occasion.day) : [],
      extra: extraOf(does, place, sides, occasion),
      aim: place.slot.aim && aimOf(place.slot.aim, person, place, does),
      before: doesDrill(does, place) ? (lastTechnique(person.seen, place.drill.id) ?? null) : null,
    };
    const answered = asPlanned && does.answeredBy !== '';
    const nothing = !change.extra && !change.aim && !change.before && change.painFree.length === 0;
    return asPlanned && !answered && nothing ? [] : [change];
  });
}

/** A little more for the side that is behind in whatever they do there, if it takes the sides as the slot does. */
function extraOf(
  does: Assignment,
  { slot, drill }: SlotPlace,
  sides: Person['stiffer'],
  { library }: Occasion,
): Extra | null {
  if (does.kind === 'one to one') return null;
  const doing = does.kind === 'instead' ? instructed(library, does)?.drill : drill;
  if (!doing?.sidesAllowed.includes(slot.sides)) return null;
  return moreFor(slot, doing, sides) ?? null;
}

/** Whether somebody does the drill that is planned, on any of its rungs. */
const doesDrill = (does: Assignment, { drill }: SlotPlace): boolean =>
  does.kind === 'as planned' || (does.kind === 'instead' && does.drillId === drill.id);

/** By what was reached last time where they do the same; else by what suits them. Who does another drill aims at nothing. */
function aimOf(aim: Aim, person: Person, { drill }: SlotPlace, does: Assignment): OwnAim | null {
  if (does.kind === 'one to one') return null;
  if (does.kind === 'instead') return does.drillId === drill.id ? { amount: aim.gentler, reached: null } : null;
  const reached = lastReached(person.seen, { drillId: drill.id, unit: 'reps' })?.amount ?? null;
  const suited = suitedRung(person, drill);
  const byTrack = suited < 0 ? aim.gentler : suited > 0 ? aim.more : aim.planned;
  return { amount: reached ?? byTrack, reached };
}
