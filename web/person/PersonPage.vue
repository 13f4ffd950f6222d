<script setup lang="ts">
import type { Access, PersonDocument } from '@prompt-spark/contract/person';
import { hasHealthData, UNKNOWN_PERSON } from '@prompt-spark/core/people/person';
import { BIN_DAYS } from '@prompt-spark/core/schedule/bounds';
import { computed, ref } from 'vue';
import { useRouter } from 'vue-router';
import { useNoticesStore } from '../shell/notices.ts';
import { useAction } from '../shell/useAction.ts';
import { useForm } from '../fields/useForm.ts';
import { useLoading } from '../loading/useLoading.ts';
import { calendarDay } from '../wording/clock.ts';
import FormFrame from '../fields/FormFrame.vue';
import LoadingGate from '../loading/LoadingGate.vue';
import { useLibraryStore } from '../library/library.ts';
import { usePeopleStore } from '../people/people.ts';
import AbilityFields from './AbilityFields.vue';
import LimitChoice from './LimitChoice.vue';
import LimitFields from './LimitFields.vue';
import NextForThem from './NextForThem.vue';
import SeenList from './SeenList.vue';
import WhatHurts from './WhatHurts.vue';
import { say } from './say.ts';

/** A client: who they are, what to mind, what they can do; and who has seen it. */
const { id, group } = defineProps<{ id: string | null; group: string | null }>();
const people = usePeopleStore();
const library = useLibraryStore();
const notices = useNoticesStore();
const router = useRouter();
const draft = ref<PersonDocument>(UNKNOWN_PERSON);
const groupIds = ref<string[]>(group ? [group] : []);
const accesses = ref<readonly Access[]>([]);
const sure = ref(false);
const { busy: deleting, act } = useAction();
const today = calendarDay(new Date());

const loading = useLoading(async () => {
  await Promise.all([people.load(), library.load()]);
  const record = id === null ? undefined : people.recordOf(id);
  if (!record) return;
  draft.value = record.document;
  groupIds.value = [...record.groupIds];
  accesses.value = await people.accessesOf(record.id);
});
const missing = computed(() => id !== null && !people.recordOf(id));
const groups = computed(() => library.places.groups.map(({ id: value, name: title }) => ({ value, title })));
const own = computed(() => library.places.groups.filter((one) => groupIds.value.includes(one.id)));
const born = computed(() => (draft.value.birthYear === 0 ? '' : String(draft.value.birthYear)));
/** How often, where it was more than once: looking is counted by days. */
const oftenOf = ({ action, times }: Access): string =>
  times === 1 ? '' : action === 'saw' ? say.personPage.onDays(times) : say.personPage.timesThatDay(times);
const agreed = computed(() =>
  draft.value.consentOn === '' || draft.value.consentOn === today
    ? say.personPage.theyAgree
    : say.personPage.theyAgreed(draft.value.consentOn),
);
const change = (part: Partial<PersonDocument>) => (draft.value = { ...draft.value, ...part });

const { errors, trouble, busy, submit } = useForm(
  async () => (await import('@prompt-spark/contract/person')).personDocumentSchema,
  async (document) => {
    await people.save(id ?? crypto.randomUUID(), groupIds.value, document);
    await leave();
  },
);

/** Back to where somebody was added from: the people, or a circuit's swaps. */
async function leave(): Promise<void> {
  if (id === null && typeof router.options.history.state['back'] === 'string') router.back();
  else await router.push(group ? { name: 'people', query: { group } } : '/people');
}

async function takeOut(): Promise<void> {
  if (id === null) return;
  const { name } = draft.value;
  if (!(await act(() => people.takeOut(id)))) return;
  await router.push('/people');
  notices.say(say.personPage.removedTheyStay(name, BIN_DAYS));
}

async function remove(): Promise<void> {
  if (id === null) return;
  if (await act(() => people.remove(id))) await router.push('/people');
}
</script>

<template>
  <section class="page">
    <LoadingGate :loading="loading">
      <p v-if="missing">
        {{ say.personPage.youDontCoachAnyone }} <RouterLink to="/people">{{ say.personPage.people }}</RouterLink>
      </p>
      <FormFrame
        v-else
        class="form"
        :save="say.personPage.save"
        :trouble="trouble"
        :errors="errors"
        :busy="busy"
        leave="/people"
        @keep="submit(draft)"
      >
        <header>
          <h1>{{ id === null ? say.personPage.newPerson : draft.name }}</h1>
          <span v-if="id !== null">
            <v-btn variant="outlined" :to="`/people/${id}/measures`">{{ say.personPage.measures }}</v-btn>
            <v-btn variant="text" :to="`/people/${id}/history`">{{ say.personPage.theirHistoryToHand }}</v-btn>
          </span>
        </header>
        <div class="fields">
          <v-text-field
            :label="say.personPage.name"
            maxlength="80"
            :model-value="draft.name"
            :error-messages="errors['/name'] ?? ''"
            @update:model-value="(name: string) => change({ name })"
          />
          <v-select v-model="groupIds" :label="say.personPage.groups" multiple chips :items="groups" />
        </div>
        <WhatHurts :limits="draft.limits" @change="(limits) => change({ limits })" />
        <LimitFields v-if="draft.limits.length" :limits="draft.limits" @change="(limits) => change({ limits })" />
        <v-checkbox
          v-if="hasHealthData(draft)"
          :label="agreed"
          hide-details="auto"
          :model-value="draft.consentOn !== ''"
          :error-messages="errors['/consentOn'] ?? ''"
          @update:model-value="(now) => change({ consentOn: now ? today : '' })"
        />
        <details :open="id !== null">
          <summary>{{ say.personPage.moreAboutThemYear }}</summary>
          <div class="more">
            <div class="fields">
              <v-text-field
                :label="say.personPage.yearOfBirth"
                inputmode="numeric"
                maxlength="4"
                :model-value="born"
                :error-messages="errors['/birthYear'] ?? ''"
                @update:model-value="(year: string) => change({ birthYear: Number(year.replace(/\D/g, '')) })"
              />
            </div>
            <LimitChoice :limits="draft.limits" @change="(limits) => change({ limits })" />
            <AbilityFields :document="draft" @change="change" />
            <v-textarea
              :label="say.personPage.notes"
              rows="3"
              maxlength="2000"
              :model-value="draft.notes"
              @update:model-value="(notes: string) => change({ notes })"
            />
          </div>
        </details>
        <template v-if="id !== null" #more>
          <span v-if="!sure" class="away">
            <v-btn variant="text" :loading="deleting" @click="takeOut">{{ say.personPage.remove }}</v-btn>
            <v-btn variant="text" @click="sure = true">{{ say.personPage.askToDelete }}</v-btn>
          </span>
          <span v-else class="away">
            {{ say.personPage.everythingKnown(draft.name) }}
            <v-btn variant="outlined" color="error" :loading="deleting" @click="remove">{{
              say.personPage.deletePermanently
            }}</v-btn>
          </span>
        </template>
        <template #after>
          <NextForThem v-if="id !== null" :person-id="id" />
          <SeenList v-if="id !== null" :seen="draft.seen" :person-id="id" :groups="own" />
          <details v-if="draft.holds.length">
            <summary>{{ say.personPage.holdsAndClearances }}</summary>
            <ul>
              <li v-for="hold in draft.holds" :key="hold.since + hold.why">
                {{ hold.since }}: {{ hold.why }}.
                {{
                  hold.clearedOn ? say.personPage.clearedBy(hold.clearedBy, hold.clearedOn) : say.personPage.notCleared
                }}
              </li>
            </ul>
          </details>
          <details v-if="accesses.length">
            <summary>{{ say.personPage.whoHasSeen }}</summary>
            <ul>
              <li v-for="one in accesses" :key="one.at + one.action">
                {{
                  say.personPage.access(one.at.slice(0, 16).replace('T', ' '), one.coachName, one.action, oftenOf(one))
                }}
              </li>
            </ul>
          </details>
        </template>
      </FormFrame>
    </LoadingGate>
  </section>
</template>

<style scoped>
.form {
  max-width: 62rem;
}
header {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.5rem 1.5rem;
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(14rem, 1fr));
  gap: 0.75rem;
}
.more {
  display: grid;
  gap: 1.25rem;
  padding-top: 0.75rem;
}
.away {
  margin-left: auto;
}
summary {
  min-height: 44px;
  font-weight: 600;
  cursor: pointer;
}
details ul {
  padding-left: 1.25rem;
}
</style>
