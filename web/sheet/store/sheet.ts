import type { CircuitDraft, CircuitRecord, CircuitSave } from '@prompt-spark/contract/circuit';
import { withPicksInTime } from '@prompt-spark/core/timeline/pickRoom';
import { timeCircuit } from '@prompt-spark/core/timeline/timeCircuit';
import type { Circuit } from '@prompt-spark/core/circuit/circuit';
import type { Floor } from '@prompt-spark/core/dose/distance';
import { floorOf } from '@prompt-spark/core/occasion/floor';
import { startsAt } from '@prompt-spark/core/circuit/wallClock';
import { approachOf } from '@prompt-spark/core/approach/approaches';
import { mainSessionOf } from '@prompt-spark/core/approach/meantSession';
import { reviewCircuit } from '@prompt-spark/core/review/reviewCircuit';
import type { Finding, WhoDoesWhat } from '@prompt-spark/core/review/finding';
import { emptyCircuit } from '@prompt-spark/core/circuit/circuit';
import { defineStore } from 'pinia';
import { computed, ref, shallowRef, watch } from 'vue';
import { call, ServerAway } from '../../api/call.ts';
import { turn } from '../../loading/turn.ts';
import { useAfterPaint } from '../../painting/useAfterPaint.ts';
import { CircuitKeeper, type SaveState } from '../../saving/circuitKeeper.ts';
import type { BrowserKeep } from '../../saving/browserKeep.ts';
import { doubtKeep, draftKeep } from '../../saving/drawers.ts';
import { useAccountStore } from '../../shell/account.ts';
import { beginHistory, changed, redone, undone, type History } from './history.ts';
import { useLibraryStore } from '../../library/library.ts';
import { useOccasionsStore } from '../../occasion/occasions.ts';
import { usePaceStore } from '../../occasion/pace.ts';
import { useStandardsStore } from '../../library/standards.ts';

/** A change to the whole draft that leaves the rest as it is. */
export type DraftChange = (draft: CircuitDraft) => CircuitDraft;

/** The circuit on the desk: its draft with undo, its timeline, and how saving stands. */
export const useSheetStore = defineStore('sheet', () => {
  const library = useLibraryStore();
  const standards = useStandardsStore();
  const pace = usePaceStore();
  const occasions = useOccasionsStore();
  const id = ref('');
  const history = shallowRef<History<CircuitDraft>>(
    beginHistory({ circuit: emptyCircuit(''), groupId: null, siteId: null }),
  );
  const saving = shallowRef<SaveState>({ kind: 'saved', at: '' });
  let keeper: CircuitKeeper | undefined;
  let last: CircuitKeeper | undefined;
  let closing: Promise<void> | undefined;

  const drafts = () => draftKeep(account.account?.coachId ?? '');

  // What was typed while nobody was signed in goes out once somebody is.
  const account = useAccountStore();
  watch(
    () => account.signedOut,
    (out) => {
      if (!out) void keeper?.flush();
    },
  );

  const draft = computed(() => history.value.present);
  const circuit = computed(() => draft.value.circuit);
  // Each by itself: every edit makes a new draft, and the same occasion must stay the same for what depends on it.
  const groupId = computed(() => draft.value.groupId);
  const siteId = computed(() => draft.value.siteId);
  const approach = computed(() => approachOf(circuit.value.approach, standards.approaches));
  const session = computed(() => mainSessionOf(circuit.value.purpose, standards.sessions));
  const occasion = computed(() =>
    occasions.at(
      { groupId: groupId.value, siteId: siteId.value },
      { approach: approach.value, session: session.value },
    ),
  );
  /**
   * The circuit as it is shown and timed: the same as `circuit`, once the letter that changed it has been painted in
   * its own field. What shows a circuit reads this one, so that all of it agrees; what changes it builds on `circuit`.
   */
  const { shown: laid, catchUp } = useAfterPaint(() => ({
    circuit: withPicksInTime(circuit.value, occasion.value),
    occasion: occasion.value,
  }));
  const timeline = computed(() => timeCircuit(laid.value.circuit, laid.value.occasion));
  /** What each slot takes, by its id. */
  const slotTimes = computed(() => new Map(timeline.value.slots.map((time) => [time.slotId, time])));
  /** Seconds from midnight at which it starts; undefined where nobody said when. */
  const begins = computed(() => {
    const { clock } = laid.value.circuit;
    return clock ? startsAt(clock, timeline.value.total.plan) : undefined;
  });
  /** Everything there is to say about it; with who does what, where that is known. */
  function review(who?: WhoDoesWhat): readonly Finding[] {
    return reviewCircuit(laid.value.circuit, laid.value.occasion, who, timeline.value);
  }
  const site = computed(() => library.siteOf(draft.value.siteId));
  const group = computed(() => library.groupOf(draft.value.groupId));
  /** The floor it is done on: the same one until it changes, so that no row is said anew for a letter in another. */
  const floor = computed<Floor>((before) => {
    const now = floorOf(laid.value.circuit, laid.value.occasion);
    const alike =
      before?.laneMetres === now.laneMetres && before.lapMetres === now.lapMetres && before.waves === now.waves;
    return alike ? before : now;
  });
  const plates = computed(() => site.value?.plates);

  /** Whether somebody took the circuit out while it is on the desk: what is saved then stands where nobody looks. */
  const takenOut = ref(false);

  async function bringBack(): Promise<void> {
    await call('bringBackCircuit', { id: id.value });
    takenOut.value = false;
  }

  /** Opens a circuit from the server, with what an earlier visit left unsent; from that alone where the server is away. */
  async function open(circuitId: string): Promise<void> {
    close();
    takenOut.value = false;
    const before = id.value === circuitId ? last : undefined;
    id.value = circuitId;
    // What was on the way to the server when the last page was left is there before it is asked.
    void pace.load();
    await Promise.all([library.load(), standards.load(), closing]);
    const { record, left } = await recordOrLeft(circuitId, drafts());
    // What its words mean takes a phone a while the first time: in a turn of its own.
    mainSessionOf((left ?? record).circuit.purpose, standards.sessions);
    await turn();
    // Back at the same circuit from another page, and nobody changed it: what was done can still be undone.
    const same = !left && before?.settled === record.version;
    keeper = new CircuitKeeper(circuitId, record, {
      keep: drafts(),
      doubts: doubtKeep(account.account?.coachId ?? ''),
      send: async (to, save) => {
        const kept = await call('saveCircuit', { id: to, body: save });
        takenOut.value = kept.takenOut;
        return kept;
      },
      tellState: (state) => {
        saving.value = state;
      },
    });
    if (!same) history.value = beginHistory(draftOf(left ?? record));
    const taken = keeper.takeUpLeft(record);
    if (taken) history.value = beginHistory(draftOf(taken));
    catchUp();
  }

  /** Changes the draft. What is typed into a field says what it is about, and is one step of undo with what follows it. */
  function change(make: DraftChange, about = ''): void {
    follow(changed(history.value, make(history.value.present), about), about !== '');
  }

  function changeCircuit(make: (circuit: Circuit) => Circuit, about = ''): void {
    const next = withPicksInTime(make(circuit.value), occasion.value);
    if (next !== circuit.value) change((now) => ({ ...now, circuit: next }), about);
  }

  function follow(next: History<CircuitDraft>, typed = false): void {
    if (next === history.value) return;
    const moved = next.present !== history.value.present;
    history.value = next;
    if (!typed) catchUp();
    if (moved) keeper?.change(next.present);
  }

  function takeTheirs(theirs: CircuitRecord): void {
    history.value = changed(history.value, draftOf(theirs));
    catchUp();
    keeper?.takeTheirs(theirs);
  }

  function close(): void {
    if (!keeper) return;
    closing = keeper.flush();
    keeper.stop();
    last = keeper;
    keeper = undefined;
  }

  return {
    id,
    takenOut,
    bringBack,
    draft,
    circuit,
    begins,
    approach,
    session,
    review,
    laid,
    timeline,
    slotTimes,
    site,
    group,
    floor,
    plates,
    occasion,
    saving,
    open,
    close,
    catchUp,
    change,
    changeCircuit,
    undo: () => follow(undone(history.value)),
    redo: () => follow(redone(history.value)),
    canUndo: computed(() => history.value.past.length > 0),
    canRedo: computed(() => history.value.future.length > 0),
    flush: () => keeper?.flush(),
    keepMine: (theirs: CircuitRecord) => keeper?.keepMine(theirs),
    takeTheirs,
  };
});

function draftOf({ circuit, groupId, siteId }: CircuitDraft): CircuitDraft {
  return { circuit, groupId, siteId };
}

async function recordOrLeft(
  id: string,
  drafts: BrowserKeep<CircuitSave>,
): Promise<{ record: CircuitRecord; left?: CircuitSave }> {
  try {
    return { record: await call('circuit', { id }) };
  } catch (error) {
    const left = drafts.get(id);
    if (!(error instanceof ServerAway) || !left) throw error;
    return { left, record: { ...draftOf(left), id, version: left.version, savedAt: new Date().toISOString() } };
  }
}
