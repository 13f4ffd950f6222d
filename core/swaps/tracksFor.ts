import type { Circuit, TrackName } from '../circuit/circuit.ts';
import { ceilingsOf, type Ceilings } from '../people/ceilings.ts';
import { permits } from '../people/conflictsOf.ts';
import { isHere, type Person } from '../people/person.ts';
import type { Occasion } from '../occasion/occasion.ts';
import { slotPlaces, type Candidate, type Instruction, type SlotPlace } from './swap.ts';
import { needOf, type Need } from './need.ts';
import { candidatesFor, scoreFor } from './candidates.ts';
import { servedBy } from './fewest.ts';
import { chosenFor } from './chosen.ts';

/** One more instruction in a slot beside what is planned, and who is on it. */
export interface Track extends Instruction {
  readonly track: TrackName;
  readonly people: readonly string[];
}

/** Who does what in a slot. Nobody is on anything that conflicts with their limits. */
export interface SlotTracks {
  readonly slotId: string;
  /** Who does it as planned. */
  readonly main: readonly string[];
  /** At most two, unless more were chosen. */
  readonly tracks: readonly Track[];
  /** Whom two more instructions cannot serve: the coach sees them one-to-one. */
  readonly oneToOne: readonly string[];
  /** Those of them for whom their coach has chosen: for them nothing is left to decide. */
  readonly chosen: readonly string[];
  /** The sum of how well the instructions suit those on them. */
  readonly score: number;
}

/** The most instructions beside the main one: a coach can call three things, not four. Common practice, no source. */
export const MOST_TRACKS = 2;

/**
 * For every slot what was chosen for people, and then the fewest different instructions that serve everybody else who
 * cannot do it as planned, two in all, then those that suit them best. Exact: no other choice among the candidates serves
 * more people, or as many with fewer instructions, or with as few suits them better. Who is not here is on nothing.
 *
 * @param circuitId the circuit that people's choices are kept under
 */
export function tracksFor(
  circuit: Circuit,
  people: readonly Person[],
  occasion: Occasion,
  circuitId: string,
): readonly SlotTracks[] {
  const present = people.filter((person) => isHere(person, occasion.day));
  const limits = present.map((person) => ceilingsOf(person, occasion.day));
  return slotPlaces(circuit, occasion).map((place) => slotTracks(place, present, limits, occasion, circuitId));
}

/** The tracks of one slot. */
export function slotTracks(
  place: SlotPlace,
  people: readonly Person[],
  limits: readonly Ceilings[],
  occasion: Occasion,
  circuitId: string,
): SlotTracks {
  const needy: Needy[] = [];
  const main: string[] = [];
  const chosen: string[] = [];
  const taken: Taken[] = [];
  people.forEach((person, index) => {
    const ceilings = limits[index] ?? {};
    const own = chosenFor(person, place, ceilings, circuitId, occasion);
    if (own) chosen.push(person.id);
    if (own && !isPlanned(place, own)) putOn(taken, own, person.id);
    else if (own || permits(place.rung, ceilings)) main.push(person.id);
    else needy.push({ person, need: needOf(place, ceilings) });
  });
  // Who can do what was chosen for somebody else does that: it is called anyway.
  const left = needy.filter(({ person, need }) => {
    const fits = taken.find(({ candidate }) => permits(candidate.rung, need.ceilings));
    if (fits) putOn(taken, fits.candidate, person.id);
    return !fits;
  });
  const { more, oneToOne, score } = servedAnew(place, left, MOST_TRACKS - taken.length, occasion);
  return { slotId: place.slot.id, main, tracks: tracksOf(place, [...taken, ...more]), oneToOne, chosen, score };
}

type Called = Pick<Candidate, 'drill' | 'rung'>;

/** An instruction with the people who follow it. */
interface Taken {
  readonly candidate: Called;
  readonly people: string[];
}

function isPlanned({ drill, rung }: SlotPlace, called: Called): boolean {
  return called.drill.id === drill.id && called.rung.id === rung.id;
}

function putOn(taken: Taken[], { drill, rung }: Called, personId: string): void {
  const same = taken.find(({ candidate }) => candidate.drill.id === drill.id && candidate.rung.id === rung.id);
  if (same) same.people.push(personId);
  else taken.push({ candidate: { drill, rung }, people: [personId] });
}

/** The fewest new instructions, `most` at most, for those whom nothing chosen serves. */
function servedAnew(place: SlotPlace, needy: readonly Needy[], most: number, occasion: Occasion) {
  if (needy.length === 0) return { more: [], oneToOne: [], score: 0 };
  if (most <= 0) return { more: [], oneToOne: needy.map(({ person }) => person.id), score: 0 };
  const candidates = candidatesFor(place, occasion);
  const scores = candidates.map((candidate) => scoresOf(place, candidate, needy));
  const { chosen, total } = servedBy(scores, needy.length, most === 1 ? 1 : MOST_TRACKS);
  return { ...assigned(candidates, scores, chosen, needy), score: total };
}

/** Somebody who cannot do a slot as planned. */
export interface Needy {
  readonly person: Person;
  readonly need: Need;
}

/** How well a candidate suits everybody who needs one; −1 where they may not do it. */
export function scoresOf(place: SlotPlace, candidate: Candidate, needy: readonly Needy[]): readonly number[] {
  return needy.map(({ person, need }) =>
    permits(candidate.rung, need.ceilings) ? scoreFor(person, place, candidate, need) : -1,
  );
}

function assigned(
  candidates: readonly Candidate[],
  scores: readonly (readonly number[])[],
  chosen: readonly number[],
  needy: readonly { readonly person: Person }[],
): { readonly more: readonly Taken[]; readonly oneToOne: readonly string[] } {
  const on = new Map<number, string[]>(chosen.map((index) => [index, []]));
  const oneToOne: string[] = [];
  needy.forEach(({ person }, at) => {
    const best = chosen.reduce<number | undefined>((so, index) => {
      const score = scores[index]?.[at] ?? -1;
      const before = so === undefined ? -1 : (scores[so]?.[at] ?? -1);
      return score >= 0 && score > before ? index : so;
    }, undefined);
    if (best === undefined) oneToOne.push(person.id);
    else on.get(best)?.push(person.id);
  });
  const more = [...on].flatMap(([index, people]) => {
    const candidate = candidates[index];
    return candidate && people.length > 0 ? [{ candidate, people }] : [];
  });
  return { more, oneToOne };
}

function tracksOf(place: SlotPlace, taken: readonly Taken[]): readonly Track[] {
  const names = namesFor(
    place,
    taken.map(({ candidate }) => candidate),
  );
  return taken.map(({ candidate: { drill, rung }, people }, index) => ({
    track: names[index] ?? 'other',
    drillId: drill.id,
    variantId: rung.id,
    people,
  }));
}

/** The easiest of the additional instructions is the gentler track. None is the stronger: they are for people who are limited. */
function namesFor(place: SlotPlace, candidates: readonly Called[]): readonly TrackName[] {
  const gentlest = Math.min(...candidates.map(({ rung }) => rung.effort));
  let gentler = false;
  return candidates.map(({ rung }) => {
    if (rung.effort > Math.min(gentlest, place.rung.effort) || gentler) return 'other';
    gentler = true;
    return 'gentler';
  });
}
