<script setup lang="ts">
import {
  mdiBookOpenPageVariantOutline,
  mdiCheck,
  mdiClipboardTextOutline,
  mdiContentCopy,
  mdiKeyboardOutline,
  mdiRedo,
  mdiTuneVariant,
  mdiUndo,
} from '@mdi/js';
import { writeWhiteboard } from '@prompt-spark/core/whiteboard/writeWhiteboard';
import { useClipboard } from '@vueuse/core';
import { computed, defineAsyncComponent, ref, watch } from 'vue';
import { unreadCount } from '@prompt-spark/core/circuit/circuit';
import { clock } from '../../wording/clock.ts';
import { linesNotRead } from '../../wording/linesNotRead.ts';
import TimeFuse from '../../fuse/TimeFuse.vue';
import { useEditingStore } from '../store/editing.ts';
import { useEffortStore } from '../store/effort.ts';
import { useLibraryStore } from '../../library/library.ts';
import { useStandardsStore } from '../../library/standards.ts';
import { useScriptTicksStore } from '../store/scriptTicks.ts';
import { useSheetStore } from '../store/sheet.ts';
import { useStepsFrom } from '../../loading/useSteps.ts';
import IconButton from '../../shell/IconButton.vue';
import PathIcon from '../../shell/PathIcon.vue';
import PaceNote from './PaceNote.vue';
import SaveStatus from './SaveStatus.vue';
import TitleField from './TitleField.vue';
import { say } from '../say.ts';

/** What the circuit is, what it takes of the time there is, and its fuse. */
const emit = defineEmits<{ start: []; help: []; drawer: []; fit: [seconds?: number]; late: [] }>();
const sheet = useSheetStore();
const editing = useEditingStore();
const library = useLibraryStore();
const standards = useStandardsStore();
const effort = useEffortStore();
const script = useScriptTicksStore();
// The chart is fetched when somebody looks at it.
const EffortChart = defineAsyncComponent(() => import('../margin/EffortChart.vue'));
const CopyDialog = defineAsyncComponent(() => import('../../circuits/CopyDialog.vue'));
const FirstQuestions = defineAsyncComponent(() => import('./FirstQuestions.vue'));
const SheetSettings = defineAsyncComponent(() => import('./SheetSettings.vue'));
const setting = ref(false);
/** Whether anything is said already of what the circuit is written towards; the studio's first place stands there by itself. */
const answered = computed(() => {
  const { circuit: now, groupId } = sheet.draft;
  return now.available > 0 || now.purpose !== '' || groupId !== null;
});
/** A new circuit is asked about once, until it is answered, skipped, or simply begun. */
const asking = ref(!answered.value && sheet.circuit.blocks.length === 0);
watch(
  () => sheet.circuit.blocks.length,
  () => (asking.value = false),
);
/** What comes after the title and the total, in the order it is drawn. */
const [FUSE, ACTS] = [1, 2] as const;
const drawn = useStepsFrom(ref(true), ACTS);
const { copy, copied } = useClipboard();
const copying = ref(false);
const copiedFrom = computed(() => {
  const { title, available } = sheet.circuit;
  return { title, available, groupId: sheet.draft.groupId, seconds: sheet.timeline.total.plan };
});
const standing = () => Promise.resolve(sheet.draft);

/** Follows after the letter, with the total. */
const circuit = computed(() => sheet.laid.circuit);
const about = computed(() => {
  const people = circuit.value.people || sheet.group?.people;
  const parts = [
    sheet.group?.name,
    people ? say.sheetHeader.people(people) : '',
    sheet.site?.name,
    circuit.value.purpose,
  ];
  const said = parts.filter((part) => part !== undefined && part !== '');
  return said.length > 0 ? said : [say.sheetHeader.noGroupOrSite];
});
const total = computed(() => sheet.timeline.total);
const unread = computed(() => unreadCount(circuit.value));
const over = computed(() => circuit.value.available > 0 && total.value.plan > circuit.value.available);
const ends = computed(() => {
  const { low, high } = total.value;
  return low === high ? '' : say.sheetHeader.range(clock(low), clock(high));
});
</script>

<template>
  <header class="head">
    <div class="top">
      <div class="what">
        <TitleField />
        <button class="about soft" type="button" :aria-expanded="setting" @click="setting = !setting">
          <span v-for="(part, place) in about" :key="place" class="part"
            ><template v-if="place > 0"> · </template>{{ part }}</span
          >
          <PathIcon :path="mdiTuneVariant" :size="16" /><span class="visually-hidden">{{
            say.sheetHeader.change
          }}</span>
        </button>
      </div>
      <div class="sums">
        <p>
          <span :class="['clock', { over }]" data-test="total">{{ clock(total.plan) }}</span>
          <span class="soft of">
            {{
              circuit.available ? say.sheetHeader.ofAvailable(clock(circuit.available)) : say.sheetHeader.total
            }}</span
          >
          <span v-if="unread" class="unread">{{ say.sheetHeader.unread(linesNotRead(unread)) }}</span>
        </p>
        <p class="soft small">{{ say.sheetHeader.hidden(ends, clock(sheet.timeline.hidden)) }} <SaveStatus /></p>
        <PaceNote />
      </div>
      <div class="acts">
        <template v-if="drawn >= ACTS">
          <v-btn variant="text" :disabled="total.plan === 0" @click="emit('late')">{{
            say.sheetHeader.wereLate
          }}</v-btn>
          <v-btn variant="outlined" :disabled="total.plan === 0" @click="emit('fit')">{{ say.sheetHeader.fit }}</v-btn>
          <v-btn size="large" :disabled="total.plan === 0" @click="emit('start')">{{ say.sheetHeader.start }}</v-btn>
        </template>
      </div>
    </div>
    <p v-if="circuit.versions.length" class="versions small">
      <span class="soft">{{ say.sheetHeader.shortVersions }}</span>
      <v-btn
        v-for="{ seconds } in circuit.versions"
        :key="seconds"
        class="version"
        variant="text"
        size="small"
        :aria-label="say.sheetHeader.shortVersion(clock(seconds))"
        @click="emit('fit', seconds)"
        >{{ clock(seconds) }}</v-btn
      >
    </p>
    <SheetSettings v-if="setting" @done="setting = false" />
    <FirstQuestions v-else-if="asking" :answered="answered" @done="asking = false" />
    <div class="line">
      <div class="fuse">
        <TimeFuse
          v-if="drawn >= FUSE"
          :segments="sheet.timeline.segments"
          :available="circuit.available"
          :selected="editing.selectedId"
          :ticks="script.ticks"
          labels
        />
        <EffortChart v-if="effort.shown && total.plan > 0" :span="Math.max(total.plan, circuit.available)" />
      </div>
      <div class="tools">
        <IconButton
          class="drills"
          :path="mdiBookOpenPageVariantOutline"
          :label="say.sheetHeader.drills"
          @click="emit('drawer')"
        />
        <IconButton :path="mdiUndo" :label="say.sheetHeader.undo" :disabled="!sheet.canUndo" @click="sheet.undo" />
        <IconButton :path="mdiRedo" :label="say.sheetHeader.redo" :disabled="!sheet.canRedo" @click="sheet.redo" />
        <IconButton :path="mdiContentCopy" :label="say.sheetHeader.copyCircuit" @click="copying = true" />
        <IconButton
          :path="copied ? mdiCheck : mdiClipboardTextOutline"
          :label="copied ? say.sheetHeader.copiedAsText : say.sheetHeader.copyAsText"
          @click="copy(writeWhiteboard(sheet.circuit, library.library, standards.approaches))"
        />
        <IconButton :path="mdiKeyboardOutline" :label="say.sheetHeader.keysAndNotation" @click="emit('help')" />
      </div>
    </div>
    <CopyDialog v-if="copying" v-model="copying" :circuit="copiedFrom" :standing="standing" />
  </header>
</template>

<style scoped>
.head {
  padding: 0.9rem 1.5rem 0.6rem;
  border-bottom: 1px solid var(--line);
}
.top {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.25rem 1.5rem;
}
.what {
  flex: 1 1 16rem;
  min-width: 0;
}
.about {
  min-height: var(--tap);
  padding: 0.15rem 0;
  border: 0;
  background: none;
  font: 400 var(--size-body) var(--text);
  text-align: left;
  cursor: pointer;
  overflow-wrap: anywhere;
}
.about svg {
  margin-left: 0.35rem;
  vertical-align: -3px;
}
/* Each is read in one: a line breaks between two of them. */
.part {
  display: inline-block;
  white-space: pre-wrap;
}
.about:hover {
  color: var(--ink);
}
.sums {
  text-align: right;
}
/* As wide and high as what comes into it, so that nothing moves then. */
.acts {
  display: flex;
  align-items: center;
  justify-content: flex-end;
  gap: 0.5rem;
  min-width: 17.5rem;
  min-height: 52px;
}
.versions {
  display: flex;
  align-items: center;
  gap: 0.25rem;
}
.version {
  min-width: 44px;
  min-height: 44px;
  margin: -0.4rem 0;
}
.clock {
  font-size: var(--size-clock);
}
.unread {
  margin-left: 0.4rem;
  font-weight: 600;
  color: var(--brick);
}
.over {
  color: var(--brick);
}
.of {
  margin-left: 0.4rem;
  font-size: var(--size-lead);
  font-weight: 600;
}
.line {
  display: flex;
  align-items: end;
  gap: 1rem;
  margin-top: 0.6rem;
}
.fuse {
  flex: 1;
  min-width: 0;
  /* Its labels and its line. */
  min-height: calc(1.2rem + 26px);
}
.tools {
  display: flex;
  margin-bottom: -0.5rem;
}
.drills {
  display: none;
}
@media (max-width: 1080px) {
  .drills {
    display: inline-grid;
  }
}
@media (max-width: 700px) {
  .head {
    padding: 0.75rem 1rem 0.25rem;
  }
  .top {
    gap: 0.5rem 1rem;
  }
  .what {
    flex-basis: 100%;
  }
  .sums {
    flex: 1;
    text-align: left;
  }
  .acts {
    flex-basis: 100%;
  }
  .acts > :last-child {
    flex: 1;
  }
  .line {
    flex-direction: column;
    align-items: stretch;
    gap: 0.25rem;
  }
  .tools {
    justify-content: space-between;
  }
}
</style>
