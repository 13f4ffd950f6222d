import { withPicksInTime } from '@prompt-spark/core/timeline/pickRoom';
import { timeCircuit } from '@prompt-spark/core/timeline/timeCircuit';
import {
  PLAIN_RECIPE,
  READINGS,
  type Emphasis,
  type FitRecipe,
  type MoveKey,
  type Reading,
  type ShortVersion,
} from '@prompt-spark/core/circuit/shortVersion';
import { asPicked, type BlockPick } from '@prompt-spark/core/circuit/pick';
import { fittedTo } from '@prompt-spark/core/fit/fitCircuit';
import { defineStore } from 'pinia';
import { computed, ref, shallowRef } from 'vue';
import { FitWork } from '../late/fitWork.ts';
import { WorkFailed } from '../workers/workshop.ts';
import { useOccasionsStore, type ForWhom } from '../occasion/occasions.ts';
import { useSheetStore } from '../sheet/store/sheet.ts';
import { offersAt, type Curves } from './offers.ts';

/** The circuit on the sheet fitted to a number of seconds: its curves, worked out beside the page, and what is read off them. */
export const useFitStore = defineStore('fit', () => {
  const sheet = useSheetStore();
  const occasions = useOccasionsStore();
  const recipe = shallowRef<FitRecipe>(PLAIN_RECIPE);
  const seconds = ref(0);
  const curves = shallowRef<Curves>({});
  /** 0–1 while the curve that is asked for is being worked out; null when nothing is. */
  const progress = ref<number | null>(null);
  const calledOff = ref(false);
  /** Why it could not be worked out; empty while it can. */
  const trouble = ref('');
  const work = new FitWork();
  let asked = 0;

  /** The group and site it is fitted for, where a session has others than the circuit. */
  const place = shallowRef<ForWhom | null>(null);
  const draft = computed(() => (place.value ? { ...sheet.draft, ...place.value } : sheet.draft));
  const occasion = computed(() => occasions.of(draft.value));
  /** Whose turn it is at the session that it is fitted for; null for a circuit by itself. */
  const picks = shallowRef<readonly BlockPick[] | null>(null);
  const circuit = computed(() => {
    const inTime = withPicksInTime(draft.value.circuit, occasion.value);
    return picks.value ? asPicked(inTime, picks.value) : inTime;
  });
  const timeline = computed(() => timeCircuit(circuit.value, occasion.value));
  const curve = computed(() => curves.value[recipe.value.reading]);
  const planned = computed(() => timeline.value.total.plan);
  const fitted = computed(() => {
    const known = curve.value;
    return known && fittedTo(circuit.value, occasion.value, seconds.value, recipe.value, known);
  });
  /** The ways to shorten it to the seconds there are that differ, with what each keeps; all of them while they are worked out. */
  const offers = computed(() => offersAt(curves.value, seconds.value, recipe.value.reading, circuit.value));

  /** Works the curves out anew: the chosen reading first, then the others. */
  async function workOut(): Promise<void> {
    asked += 1;
    const now = asked;
    work.cancel();
    calledOff.value = false;
    trouble.value = '';
    try {
      await workOutEach(now);
    } catch (error) {
      if (!(error instanceof WorkFailed)) throw error;
      if (now !== asked) return;
      progress.value = null;
      trouble.value = error.message;
    }
  }

  async function workOutEach(now: number): Promise<void> {
    let found: Curves = {};
    const { reading: first } = recipe.value;
    for (const reading of [first, ...READINGS.filter((other) => other !== first)]) {
      if (reading === first) progress.value = 0;
      const one = await work.curve(circuit.value, occasion.value, { ...recipe.value, reading }, (share) => {
        if (now === asked && progress.value !== null) progress.value = share;
      });
      if (now !== asked) return;
      if (reading === first) progress.value = null;
      if (!one) return;
      // What was there stays in sight until its place is taken: nothing jumps while a change is refused.
      found = { ...found, [reading]: one };
      curves.value = found;
    }
  }

  /** Begins with a number of seconds and a recipe. */
  async function begin(start: number, by: FitRecipe = PLAIN_RECIPE): Promise<void> {
    seconds.value = start;
    curves.value = {};
    recipe.value = { reading: by.reading, emphasis: by.emphasis, refused: by.refused };
    await workOut();
  }

  function cancel(): void {
    work.cancel();
    progress.value = null;
    calledOff.value = true;
  }

  const isRefused = (key: MoveKey) => recipe.value.refused.some((one) => sameMove(one, key));

  async function refuse(key: MoveKey): Promise<void> {
    if (isRefused(key)) return;
    recipe.value = { ...recipe.value, refused: [...recipe.value.refused, key] };
    await workOut();
  }

  async function allow(key: MoveKey): Promise<void> {
    recipe.value = { ...recipe.value, refused: recipe.value.refused.filter((one) => !sameMove(one, key)) };
    await workOut();
  }

  async function emphasise(emphasis: Emphasis): Promise<void> {
    recipe.value = { ...recipe.value, emphasis };
    await workOut();
  }

  async function read(reading: Reading): Promise<void> {
    recipe.value = { ...recipe.value, reading };
    if (!curve.value) await workOut();
  }

  /** Keeps what is fitted as a short version of the circuit, in place of one for as many seconds. */
  function keepVersion(): void {
    const version: ShortVersion = { seconds: seconds.value, ...recipe.value };
    sheet.changeCircuit((so) => ({
      ...so,
      versions: [...so.versions.filter((other) => other.seconds !== version.seconds), version].toSorted(
        (one, other) => other.seconds - one.seconds,
      ),
    }));
  }

  function dropVersion(of: ShortVersion): void {
    sheet.changeCircuit((so) => ({ ...so, versions: so.versions.filter(({ seconds: one }) => one !== of.seconds) }));
  }

  return {
    recipe,
    seconds,
    curve,
    place,
    picks,
    planned,
    timeline,
    progress,
    calledOff,
    trouble,
    circuit,
    occasion,
    fitted,
    offers,
    begin,
    workOut,
    cancel,
    refuse,
    allow,
    emphasise,
    read,
    keepVersion,
    dropVersion,
  };
});

function sameMove(one: MoveKey, other: MoveKey): boolean {
  return one.kind === other.kind && one.id === other.id;
}
