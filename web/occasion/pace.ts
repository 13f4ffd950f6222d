import type { OwnPace } from '@prompt-spark/contract/run';
import { USUAL_PACE, type Habits } from '@prompt-spark/core/occasion/occasion';
import type { LearntHabits } from '@prompt-spark/core/session/habits';
import { useLocalStorage } from '@vueuse/core';
import { defineStore } from 'pinia';
import { shallowRef } from 'vue';
import { call, ServerAway, ServerProblem } from '../api/call.ts';

const NOTHING: OwnPace = { all: { habits: USUAL_PACE, sessions: 0 }, groups: [] };

/** The pace at which the coach really runs warm-ups, learnt from their log; it can be switched off. */
export const usePaceStore = defineStore('pace', () => {
  const own = shallowRef<OwnPace>(NOTHING);
  const on = useLocalStorage('prompt-spark-own-pace', true);

  /** Without it everything goes at the usual pace: nobody waits for it, and no page fails over it. */
  async function load(): Promise<void> {
    try {
      own.value = await call('ownPace');
    } catch (error) {
      if (!(error instanceof ServerAway) && !(error instanceof ServerProblem)) throw error;
    }
  }

  /** What is known of the coach with a group; with everybody where too few sessions were with that group. */
  function learntWith(groupId: string | null): LearntHabits & { readonly withGroup: boolean } {
    const group = own.value.groups.find((one) => one.groupId === groupId && one.sessions > 0);
    const learnt = group ?? own.value.all;
    // An answer that was kept on the device before rests were learnt says nothing of them.
    return { ...learnt, habits: { ...USUAL_PACE, ...learnt.habits }, withGroup: group !== undefined };
  }

  /** What a circuit for a group is timed by. */
  const habitsWith = (groupId: string | null): Habits => (on.value ? learntWith(groupId).habits : USUAL_PACE);

  return { on, load, learntWith, habitsWith };
});
