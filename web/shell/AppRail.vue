<script setup lang="ts">
import {
  mdiAccountGroupOutline,
  mdiCalendarToday,
  mdiFormatListBulleted,
  mdiHumanHandsup,
  mdiLogoutVariant,
  mdiNotebookOutline,
  mdiStoreCogOutline,
} from '@mdi/js';
import { ref } from 'vue';
import { useAction } from './useAction.ts';
import PathIcon from './PathIcon.vue';
import { clearKept, unsentCount } from '../saving/leftBehind.ts';
import { useAccountStore } from './account.ts';
import { useNoticesStore } from './notices.ts';
import { say } from './say.ts';

/** The way between the screens: a rail at the side, a bar at the foot of a phone. */
const account = useAccountStore();
const notices = useNoticesStore();
const { busy, act } = useAction();

const places = [
  { to: '/today', name: say.appRail.today, icon: mdiCalendarToday },
  { to: '/circuits', name: say.appRail.circuits, icon: mdiFormatListBulleted },
  { to: '/drills', name: say.appRail.drills, icon: mdiHumanHandsup },
  { to: '/people', name: say.appRail.people, icon: mdiAccountGroupOutline },
  { to: '/log', name: say.appRail.log, icon: mdiNotebookOutline },
  { to: '/studio', name: say.appRail.studio, icon: mdiStoreCogOutline },
] as const;

/** Whether the coach was told that something unsent would be lost. */
const told = ref(false);

async function signOut(): Promise<void> {
  const coachId = account.account?.coachId ?? '';
  const unsent = unsentCount(coachId);
  if (unsent > 0 && !told.value) {
    told.value = true;
    notices.say(say.appRail.notReachedTheServer(unsent));
    return;
  }
  // The door is fetched anew, so that nothing of this coach's stays in memory; and nothing stays in the browser.
  if (!(await act(account.signOut))) return;
  clearKept(coachId);
  location.assign('/door');
}
</script>

<template>
  <nav class="rail" :aria-label="say.appRail.screens">
    <svg class="mark" viewBox="0 0 32 32" aria-hidden="true">
      <path d="M4 23c6 1 6-6 10-8s5 1 8-4" />
      <circle cx="24" cy="9" r="5.4" />
    </svg>
    <RouterLink v-for="place in places" :key="place.to" :to="place.to" class="place">
      <PathIcon :path="place.icon" />{{ place.name }}
    </RouterLink>
    <button
      class="place leave"
      type="button"
      :disabled="busy"
      :title="say.appRail.signOutOf(account.account?.coachName ?? '')"
      @click="signOut"
    >
      <PathIcon :path="mdiLogoutVariant" />{{ say.appRail.signOut }}
    </button>
  </nav>
</template>

<style scoped>
.rail {
  position: fixed;
  inset: 0 auto 0 0;
  z-index: 10;
  width: 76px;
  display: flex;
  flex-direction: column;
  align-items: center;
  gap: 0.5rem;
  padding: 0.9rem 0;
  border-right: 1px solid var(--line);
  background: var(--ground);
}
.mark {
  width: 32px;
  margin-bottom: 0.9rem;
}
.mark path {
  fill: none;
  stroke: var(--ink);
  stroke-width: 3.4;
  stroke-linecap: round;
}
.mark circle {
  fill: var(--spark);
}
.place {
  display: flex;
  flex-direction: column;
  align-items: center;
  justify-content: center;
  gap: 0.15rem;
  width: 64px;
  min-height: 56px;
  border: 0;
  border-radius: 12px;
  background: none;
  font: 500 var(--size-small) var(--text);
  color: var(--soft);
  text-decoration: none;
  cursor: pointer;
}
.place:hover {
  color: var(--ink);
}
.router-link-active {
  background: var(--damson);
  color: rgb(var(--v-theme-on-primary));
}
.router-link-active:hover {
  color: rgb(var(--v-theme-on-primary));
}
.leave {
  margin-top: auto;
}
@media (max-width: 700px) {
  .rail {
    inset: auto 0 0;
    width: auto;
    flex-direction: row;
    gap: 0;
    padding: 0.3rem 0.5rem;
    border-right: 0;
    border-top: 1px solid var(--line);
  }
  .mark {
    display: none;
  }
  .place {
    flex: 1 1 auto;
    width: auto;
    min-width: 44px;
    min-height: 48px;
    white-space: nowrap;
  }
  .leave {
    margin-top: 0;
  }
}
/* A phone on its side. */
@media (max-height: 560px) and (min-width: 701px) {
  .rail {
    gap: 0;
    padding: 0.25rem 0;
    overflow-y: auto;
  }
  .mark {
    display: none;
  }
  .place {
    flex: 0 0 auto;
    min-height: 44px;
    gap: 0;
  }
}
</style>
