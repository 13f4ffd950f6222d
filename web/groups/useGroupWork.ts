import type { GroupRun } from '@prompt-spark/contract/groupWork';
import { mainSessionOf } from '@prompt-spark/core/approach/meantSession';
import { closersOf } from '@prompt-spark/core/coverage/closers';
import { GAP_BELOW } from '@prompt-spark/core/coverage/coverageOf';
import {
  missed,
  preparedOverWeeks,
  type PastWarmUp,
  type TargetOverWeeks,
} from '@prompt-spark/core/coverage/overWeeks';
import { emptyCircuit } from '@prompt-spark/core/circuit/circuit';
import type { Drill } from '@prompt-spark/core/drills/drill';
import { attendanceOf } from '@prompt-spark/core/people/attendance';
import { seenIn } from '@prompt-spark/core/people/seen';
import { computed, shallowRef, type Ref } from 'vue';
import { call } from '../api/call.ts';
import { useLibraryStore } from '../library/library.ts';
import { useStandardsStore } from '../library/standards.ts';
import { useOccasionsStore } from '../occasion/occasions.ts';
import { usePeopleStore } from '../people/people.ts';
import { calendarDay } from '../wording/clock.ts';

/** A target that warm-ups of the last weeks missed, with drills for it and the circuits that might take one in. */
export interface MissedTarget extends TargetOverWeeks {
  readonly drills: readonly Drill[];
  readonly circuits: readonly Pick<GroupRun, 'circuitId' | 'circuitTitle'>[];
}

const WEEK_MS = 7 * 86_400_000;

/** What a group ran in the last weeks: who came, what it prepared, and what it missed; of everybody, or of one of them. */
export function useGroupWork(groupId: string, weeks: Readonly<Ref<number>>, personId: Readonly<Ref<string>>) {
  const library = useLibraryStore();
  const people = usePeopleStore();
  const standards = useStandardsStore();
  const occasions = useOccasionsStore();
  /** Last first. */
  const runs = shallowRef<readonly GroupRun[]>([]);
  const occasion = computed(() => occasions.at({ groupId, siteId: null }));
  const members = computed(() => people.peopleOf(groupId));

  async function load(): Promise<void> {
    await Promise.all([library.load(), people.load(), standards.load()]);
    await loadWork();
  }

  /** What was run in the weeks that are asked for; an answer that was overtaken is dropped. */
  async function loadWork(): Promise<void> {
    const asked = weeks.value;
    const from = new Date(Date.now() - asked * WEEK_MS).toISOString();
    const work = await call('groupWork', { id: groupId, query: { from } });
    if (asked === weeks.value) runs.value = work.runs;
  }

  /** The runs that count: those that somebody was noted at, where one person is asked for. */
  const counted = computed(() => {
    const person = members.value.find(({ id }) => id === personId.value);
    if (!person) return runs.value;
    return runs.value.filter(({ id }) => (seenIn(person.seen, id)?.state ?? 'not there') !== 'not there');
  });
  const dayOf = ({ startedAt, timeZone }: GroupRun): string => calendarDay(new Date(startedAt), timeZone ?? undefined);
  const warmUps = computed(() =>
    counted.value.map((run) => ({
      run,
      warmUp: {
        day: dayOf(run),
        session: mainSessionOf(run.purpose, standards.sessions),
        drills: run.drills,
      } satisfies PastWarmUp,
    })),
  );
  const prepared = computed(() =>
    preparedOverWeeks(
      warmUps.value.map(({ warmUp }) => warmUp),
      occasion.value,
    ),
  );
  const proposed = ({ target }: TargetOverWeeks): readonly Drill[] =>
    closersOf(target, emptyCircuit(''), occasion.value, Infinity);
  const circuitsFor = ({ target }: TargetOverWeeks): MissedTarget['circuits'] => {
    const needing = warmUps.value.filter(({ warmUp }) => (warmUp.session?.needs[target] ?? 0) > 0);
    return [...new Map(needing.map(({ run }) => [run.circuitId, run])).values()];
  };
  /** What was needed and prepared less than half of the times, the most often missed first. */
  const lacking = computed((): readonly MissedTarget[] =>
    prepared.value
      .filter((one) => missed(one) > 0 && one.met < one.needed * GAP_BELOW)
      .map((one) => ({ ...one, drills: proposed(one), circuits: circuitsFor(one) })),
  );
  const met = computed(() =>
    prepared.value.filter(({ needed, met: times }) => needed > 0 && times >= needed * GAP_BELOW),
  );
  /** Runs of which nobody said what came after them. */
  const unsaid = computed(() => warmUps.value.filter(({ warmUp }) => !warmUp.session).length);

  /** The first one first, as a calendar is read. */
  const held = computed(() => runs.value.map((run) => ({ runId: run.id, day: dayOf(run) })).toReversed());
  const attendance = computed(() => attendanceOf(members.value, held.value));

  return { load, loadWork, runs, counted, members, lacking, met, unsaid, held, attendance };
}
