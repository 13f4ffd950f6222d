<script setup lang="ts">
import { mdiAlertOutline, mdiClose } from '@mdi/js';
import type { UnreadLine } from '@prompt-spark/core/circuit/circuit';
import { mayMean } from '@prompt-spark/core/reading/understand';
import { computed, defineAsyncComponent, ref, watch } from 'vue';
import { useLibraryStore } from '../../library/library.ts';
import { useEditingStore } from '../store/editing.ts';
import { useTeaching } from './useTeaching.ts';
import { say } from '../say.ts';

const MakeItOurs = defineAsyncComponent(() => import('./MakeItOurs.vue'));

/** A line that was not read, kept as it was written: put right in place, said to mean a drill, or made the studio's own. */
const { line } = defineProps<{ line: UnreadLine }>();
const editing = useEditingStore();
const library = useLibraryStore();
const teaching = useTeaching();
const text = ref(line.text);
const trouble = ref('');
const making = ref(false);
watch(
  () => line.text,
  (now) => (text.value = now),
);
const perhaps = computed(() => mayMean(line.text, library.library, 3));

function rewrite(): void {
  trouble.value = editing.rewrite(line.id, text.value) ? say.unreadRow.stillNotReadPick : '';
}
</script>

<template>
  <li class="unread" :data-line="line.id" :tabindex="editing.selectedId === line.id ? 0 : -1">
    <v-icon :icon="mdiAlertOutline" size="20" class="mark" />
    <div class="body">
      <input
        v-model="text"
        :aria-label="say.unreadRow.lineThatWasNot"
        @change="rewrite"
        @focus="editing.select(line.id)"
      />
      <p v-if="trouble" class="small trouble" role="alert">{{ trouble }}</p>
      <p class="ways">
        <span class="soft small">{{ say.unreadRow.notRead }}</span>
        <v-btn
          v-for="{ drill, rungId } in perhaps"
          :key="drill.id"
          size="small"
          variant="outlined"
          @click="teaching.means(line.id, line.text, { drill, rungId })"
          >{{ drill.name }}</v-btn
        >
        <v-btn size="small" variant="tonal" :aria-expanded="making" @click="making = !making">{{
          say.unreadRow.makeItOurs
        }}</v-btn>
      </p>
      <MakeItOurs v-if="making" :line-id="line.id" :typed="line.text" @done="making = false" />
    </div>
    <v-btn
      :icon="mdiClose"
      variant="text"
      size="small"
      :aria-label="say.unreadRow.removeThisLine"
      @click="editing.takeOut(line.id)"
    />
  </li>
</template>

<style scoped>
.unread {
  display: flex;
  align-items: start;
  gap: 0.5rem;
  margin: 0.35rem 0 0.35rem var(--margin);
  padding-left: 0.75rem;
  border: 1px dashed var(--brick);
  border-radius: 10px;
  background: var(--card);
}
.mark {
  margin-top: 0.9rem;
}
.mark,
.trouble {
  color: var(--brick);
}
.body {
  flex: 1;
  min-width: 0;
  padding: 0.35rem 0 0.5rem;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.35rem 0.5rem;
}
input {
  width: 100%;
  min-height: 40px;
  border: 0;
  background: none;
  font: 500 1rem var(--text);
  color: inherit;
}
</style>
