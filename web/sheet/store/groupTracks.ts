import { ceilingsOf } from '@prompt-spark/core/people/ceilings';
import { assignmentOf, type Assignment } from '@prompt-spark/core/swaps/assignment';
import type { Limit } from '@prompt-spark/core/people/limitation';
import { isHere, type Person } from '@prompt-spark/core/people/person';
import { slotPlaces, type SlotPlace } from '@prompt-spark/core/swaps/swap';
import { slotTracks, type SlotTracks } from '@prompt-spark/core/swaps/tracksFor';
import { stillToDecide } from '@prompt-spark/core/swaps/stillToDecide';
import { defineStore } from 'pinia';
import { computed, ref, shallowRef, watch } from 'vue';
import { turn } from '../../loading/turn.ts';
import { TrackWork } from './trackWork.ts';
import { WorkFailed } from '../../workers/workshop.ts';
import { usePeopleStore } from '../../people/people.ts';
import { useSheetStore } from './sheet.ts';

/** Slots times people that are worked out within a frame (npm run bench: ten slots for fourteen people take half of one). */
const MOST_AT_ONCE = 200;

/** Who does what in the circuit on the sheet: its group's people, their tracks, and what was chosen for them. */
export const useGroupTracksStore = defineStore('group tracks', () => {
  const sheet = useSheetStore();
  const coached = usePeopleStore();
  /** A limit that everybody is taken to have, to see what it would change; null for none. */
  const supposed = ref<Limit | null>(null);

  const occasion = computed(() => sheet.occasion);
  const day = computed(() => occasion.value.day);
  // On its own: every edit makes a new draft, and the same people must stay the same people for what depends on them.
  const groupId = computed(() => sheet.draft.groupId);
  const all = computed(() => coached.peopleOf(groupId.value));
  /** Those of them who are here. */
  const own = computed(() => all.value.filter((person) => isHere(person, day.value)));
  const people = computed<readonly Person[]>(() => {
    const limit = supposed.value;
    return limit ? own.value.map((person) => ({ ...person, limits: [...person.limits, limit] })) : own.value;
  });
  const limits = computed(() => people.value.map((person) => ceilingsOf(person, day.value)));
  /** What was chosen for people in this circuit: a choice makes a track. */
  const choices = computed(() =>
    people.value.flatMap((person) => person.choices.filter(({ circuitId }) => circuitId === sheet.id)),
  );
  const places = computed(() => slotPlaces(sheet.laid.circuit, occasion.value));

  /** Tracks already worked out, by slot: a change of the circuit works out only the slots it changes. */
  let known = new Map<string, { readonly key: string; readonly tracks: SlotTracks }>();
  let knownFor: readonly unknown[] = [];
  const tracks = shallowRef<readonly SlotTracks[]>([]);
  const work = new TrackWork();
  /** Once the browser cannot work beside the page, it is worked out on the page: slower, and still right. */
  let beside = true;

  /** How often it was begun: what was begun before counts no more. */
  let begun = 0;

  /**
   * Tracks of the slots that changed: at once where it is one, one in a turn where there are more, beside the page where
   * that would hold a frame up.
   */
  function workOut(): void {
    begun += 1;
    const now = [limits.value, occasion.value, choices.value];
    if (now.some((part, index) => part !== knownFor[index])) known = new Map();
    knownFor = now;
    const fresh = places.value.filter((place) => !knownOf(place));
    if (beside && fresh.length * people.value.length > MOST_AT_ONCE) {
      void workOutBeside();
      return;
    }
    work.overtake();
    if (fresh.length > 1 && people.value.length > 0) void workOutInTurns(fresh);
    else tracks.value = places.value.map(tracksAt);
  }

  function knownOf(place: SlotPlace): SlotTracks | undefined {
    const found = known.get(place.slot.id);
    return found?.key === keyOf(place) ? found.tracks : undefined;
  }

  function tracksAt(place: SlotPlace): SlotTracks {
    const found = knownOf(place);
    if (found) return found;
    const worked = slotTracks(place, people.value, limits.value, occasion.value, sheet.id);
    known.set(place.slot.id, { key: keyOf(place), tracks: worked });
    return worked;
  }

  async function workOutInTurns(fresh: readonly SlotPlace[]): Promise<void> {
    const mine = begun;
    for (const place of fresh) {
      await turn();
      if (mine !== begun) return;
      tracksAt(place);
    }
    tracks.value = places.value.map(tracksAt);
  }

  async function workOutBeside(): Promise<void> {
    const asked = places.value;
    try {
      const worked = await work.tracks(sheet.laid.circuit, people.value, occasion.value, sheet.id);
      if (!worked) return;
      known = new Map(worked.map((one, index) => [one.slotId, { key: keyOf(asked[index]), tracks: one }]));
      tracks.value = worked;
    } catch (error) {
      if (!(error instanceof WorkFailed)) throw error;
      beside = false;
      workOut();
    }
  }
  watch([places, limits, occasion, choices], workOut, { immediate: true });
  /** Whether the tracks of people who are here are still being worked out. */
  const underway = computed(() => people.value.length > 0 && tracks.value.length < places.value.length);
  const tracksOf = computed(() => new Map(tracks.value.map((one) => [one.slotId, one])));

  function assignment(place: SlotPlace, person: Person): Assignment {
    const slot = tracksOf.value.get(place.slot.id);
    return slot ? assignmentOf(place, slot, person, sheet.id, occasion.value) : { kind: 'as planned', answeredBy: '' };
  }

  const needing = (slot: SlotTracks): readonly string[] => stillToDecide(sheet.circuit, slot);
  /** People who cannot do something as planned, and have no accepted track for it. */
  const toDecide = computed(() => new Set(tracks.value.flatMap(needing)));

  return { supposed, day, own, people, occasion, places, tracks, underway, tracksOf, assignment, needing, toDecide };
});

/** Everything about a slot that its tracks depend on. */
function keyOf(place: SlotPlace | undefined): string {
  if (!place) return '';
  const { slot, phase, seconds, before, after } = place;
  return [slot.drillId, slot.rung, phase, seconds, before?.id, after?.id].join('|');
}
