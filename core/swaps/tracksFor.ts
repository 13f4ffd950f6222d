import type { Circuit, TrackName } from '../circuit/circuit.ts';
import { ceilingsOf, type Ceilings } from '../people/ceilings.ts';
import { permits } from '../people/conflictsOf.ts';
import type { Person } from '../people/person.ts';
import type { Occasion } from '../occasion/occasion.ts';
import { slotPlaces, type Candidate, type Instruction, type SlotPlace } from './swap.ts';
import { needOf, type Need } from './need.ts';
import { candidatesFor, scoreFor } from './candidates.ts';
import { servedBy } from './fewest.ts';

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
  /** At most two. */
  readonly tracks: readonly Track[];
  /** Whom two more instructions cannot serve: the coach sees them one-to-one. */
  readonly oneToOne: readonly string[];
  /** The sum of how well the instructions suit those on them. */
  readonly score: number;
}

/** The most instructions beside the main one: a coach can call three things, not four. Common practice, no source. */
export const MOST_TRACKS = 2;

/**
 * For every slot the fewest different instructions that serve everybody who cannot do it as planned, at most two, then those
 * that suit them best. Exact: no other choice among the candidates serves more people, or as many with fewer instructions,
 * or with as few suits them better.
 */
export function tracksFor(circuit: Circuit, people: readonly Person[], occasion: Occasion): readonly SlotTracks[] {
  const limits = people.map((person) => ceilingsOf(person, occasion.day));
  return slotPlaces(circuit, occasion).map((place) => slotTracks(place, people, limits, occasion));
}

/** The tracks of one slot. */
export function slotTracks(
  place: SlotPlace,
  people: readonly Person[],
  limits: readonly Ceilings[],
  occasion: Occasion,
): SlotTracks {
  const needy: Needy[] = [];
  const main: string[] = [];
  people.forEach((person, index) => {
    const ceilings = limits[index] ?? {};
    if (permits(place.rung, ceilings)) main.push(person.id);
    else needy.push({ person, need: needOf(place, ceilings) });
  });
  const none = { slotId: place.slot.id, main, tracks: [], oneToOne: [], score: 0 };
  if (needy.length === 0) return none;
  const candidates = candidatesFor(place, occasion);
  const scores = candidates.map((candidate) => scoresOf(place, candidate, needy));
  const { chosen, total } = servedBy(scores, needy.length, MOST_TRACKS);
  return { ...none, ...assigned(place, candidates, scores, chosen, needy), score: total };
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
  place: SlotPlace,
  candidates: readonly Candidate[],
  scores: readonly (readonly number[])[],
  chosen: readonly number[],
  needy: readonly { readonly person: Person }[],
): Pick<SlotTracks, 'tracks' | 'oneToOne'> {
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
  const taken = [...on].flatMap(([index, people]) => {
    const candidate = candidates[index];
    return candidate && people.length > 0 ? [{ candidate, people }] : [];
  });
  const names = namesFor(
    place,
    taken.map(({ candidate }) => candidate),
  );
  const tracks = taken.map(({ candidate: { drill, rung }, people }, index) => ({
    track: names[index] ?? 'other',
    drillId: drill.id,
    variantId: rung.id,
    people,
  }));
  return { tracks, oneToOne };
}

/** The easiest of the additional instructions is the gentler track. None is the stronger: they are for people who are limited. */
function namesFor(place: SlotPlace, candidates: readonly Candidate[]): readonly TrackName[] {
  const gentlest = Math.min(...candidates.map(({ rung }) => rung.effort));
  let gentler = false;
  return candidates.map(({ rung }) => {
    if (rung.effort > Math.min(gentlest, place.rung.effort) || gentler) return 'other';
    gentler = true;
    return 'gentler';
  });
}
