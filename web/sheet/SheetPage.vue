<script setup lang="ts">
import { defineAsyncComponent, onBeforeUnmount, ref, toValue, watch } from 'vue';
import { useRouter } from 'vue-router';
import { useMediaQuery } from '@vueuse/core';
import { unreadCount } from '@prompt-spark/core/circuit/circuit';
import { useAction } from '../shell/useAction.ts';
import { useLater } from '../loading/useLater.ts';
import { useLoading } from '../loading/useLoading.ts';
import { turn } from '../loading/turn.ts';
import { useStepsFrom } from '../loading/useSteps.ts';
import LoadingGate from '../loading/LoadingGate.vue';
import { useEditingStore } from './store/editing.ts';
import { usePeopleStore } from '../people/people.ts';
import { useSheetStore } from './store/sheet.ts';
import ConflictBar from './header/ConflictBar.vue';
import { LATER } from './laterParts.ts';
import { LATER_TABS } from './margin/laterTabs.ts';
import SheetHeader from './header/SheetHeader.vue';
import SheetRows from './rows/SheetRows.vue';
import { useSheetKeys } from './entry/useSheetKeys.ts';
import WhiteboardLine from './entry/WhiteboardLine.vue';
import { say } from './say.ts';

const StartQuestion = defineAsyncComponent(LATER.start);
const PickedRows = defineAsyncComponent(LATER.picked);
const KeysHelp = defineAsyncComponent(LATER.keys);
const SheetLate = defineAsyncComponent(LATER.late);
const DrillDrawer = defineAsyncComponent(LATER.drawer);
const SheetMargin = defineAsyncComponent(LATER.margin);

/** The circuit on the desk: drawer, sheet, margin, and the whiteboard line at the foot. */
const { id } = defineProps<{ id: string }>();
const sheet = useSheetStore();
const editing = useEditingStore();
const people = usePeopleStore();
const router = useRouter();
const help = ref(false);
const drawer = ref(false);
const late = ref(false);
/** Until somebody is late for the first time, nothing is kept ready for it. */
const wasLate = ref(false);
watch(late, () => (wasLate.value = true));
const trouble = ref('');
/** The parts of the desk in the order they are drawn. */
const [ROWS, LINE, MARGIN, DRAWER] = [1, 2, 3, 4] as const;
const wide = useMediaQuery('(min-width: 1081px)');
const MOST_BYTES = 100_000;
const loading = useLoading(open);
const drawn = useStepsFrom(loading.ready, 4);
const { act } = useAction();
useLater([...Object.values(LATER), ...Object.values(LATER_TABS)]);

async function open(): Promise<void> {
  await sheet.open(id);
  // Its seconds are worked out in a turn of their own: a phone takes a while over them.
  await turn();
  toValue(() => sheet.timeline);
  await turn();
  editing.enterBlock(sheet.laid.circuit.blocks.at(-1)?.id ?? '');
  // Who can do what is added to what is shown; the sheet is there without it.
  void act(people.load);
}

/** Lines that were not read are not in the run: that is asked about once for as many of them. */
const asking = ref(false);
let askedOf = 0;

function start(): void {
  const unread = unreadCount(sheet.circuit);
  if (unread > 0 && unread !== askedOf) {
    askedOf = unread;
    asking.value = true;
    return;
  }
  asking.value = false;
  void sheet.flush();
  void router.push({ name: 'stage', params: { id } });
}

function fitTo(seconds?: number): void {
  void sheet.flush();
  void router.push({ name: 'fit', params: { id }, query: seconds === undefined ? {} : { seconds } });
}

/** A text file may be dropped on the sheet: its lines go in as if they were typed. */
function allowFile(event: DragEvent): void {
  if (event.dataTransfer?.types.includes('Files')) event.preventDefault();
}

async function takeFile(event: DragEvent): Promise<void> {
  const [file] = event.dataTransfer?.files ?? [];
  if (!file) return;
  event.preventDefault();
  if (file.size > MOST_BYTES || !/^text\/|^$/.test(file.type)) {
    trouble.value = say.sheetPage.isNoTextFile(file.name);
    return;
  }
  trouble.value = editing.enterAll(await file.text()) ?? '';
}

useSheetKeys({
  start,
  help: () => (help.value = true),
  swaps: () => void router.push({ name: 'swaps', params: { id } }),
  fit: () => fitTo(),
  late: () => (late.value = true),
});
watch(() => id, loading.again);
onBeforeUnmount(sheet.close);
</script>

<template>
  <div class="desk" @focusin="sheet.catchUp" @pointerdown.capture="sheet.catchUp">
    <!-- A turn to another field or button finds there what was typed in the last one. -->
    <LoadingGate :loading="loading">
      <SheetHeader
        class="head"
        @start="start"
        @help="help = true"
        @drawer="drawer = !drawer"
        @fit="fitTo"
        @late="late = true"
      />
      <ConflictBar />
      <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
      <div class="columns">
        <DrillDrawer
          v-if="drawer || (drawn >= DRAWER && wide)"
          :class="['drawer', { open: drawer }]"
          @inserted="drawer = false"
        />
        <div class="centre" @dragover="allowFile" @drop="takeFile">
          <PickedRows v-if="editing.acted.size > 1" />
          <div class="script"><SheetRows v-if="drawn >= ROWS" /></div>
          <WhiteboardLine v-if="drawn >= LINE" />
        </div>
        <div class="margin"><SheetMargin v-if="drawn >= MARGIN" /></div>
      </div>
      <StartQuestion v-if="asking" v-model="asking" :unread="unreadCount(sheet.circuit)" @start="start" />
      <KeysHelp v-if="help" v-model="help" />
      <SheetLate v-if="wasLate" v-model="late" />
    </LoadingGate>
  </div>
</template>

<style scoped>
.desk {
  height: calc(100vh - var(--banner, 0px));
  display: flex;
  flex-direction: column;
}
.trouble {
  padding: 0.4rem 1.5rem;
  color: var(--brick);
}
.columns {
  flex: 1;
  min-height: 0;
  display: grid;
  /* By name, so that nothing moves when a part comes later than another. */
  grid-template: 'drawer centre margin' minmax(0, 1fr) / 15.5rem minmax(0, 1fr) 17rem;
}
.drawer {
  grid-area: drawer;
}
.margin {
  grid-area: margin;
  background: var(--card);
  border-left: 1px solid var(--line);
}
.drawer,
.margin {
  min-height: 0;
  overflow-y: auto;
}
.centre {
  grid-area: centre;
  position: relative;
  display: flex;
  flex-direction: column;
  min-height: 0;
}
/* The rows are laid out by themselves, which no part of a flex box is: hence a box of their own. */
.script {
  flex: 1;
  min-height: 0;
}
/* What changes in one part of the desk leaves the others as they are laid out and painted (npm run bench). */
.head {
  contain: layout paint style;
}
@media (min-width: 1081px) {
  .drawer,
  .margin {
    contain: strict;
  }
}
@media (max-width: 1080px) {
  .columns {
    grid-template: 'centre margin' minmax(0, 1fr) / minmax(0, 1fr) 17rem;
  }
  .drawer {
    display: none;
    position: fixed;
    z-index: 20;
    inset: 0 auto 64px 0;
    width: min(20rem, 90vw);
    background: var(--ground);
    border-right: 1px solid var(--line);
  }
  .drawer.open {
    display: flex;
  }
}
/* On a tablet held upright and on phones the page itself is scrolled: notes above, rows below. */
@media (max-width: 900px) {
  .desk {
    height: auto;
    min-height: calc(100vh - var(--banner, 0px));
  }
  .columns {
    grid-template: 'margin' auto 'centre' 1fr / minmax(0, 1fr);
  }
  .margin {
    /* Its tabs, so that nothing moves when they come. */
    min-height: 49px;
    border-left: 0;
    border-bottom: 1px solid var(--line);
  }
}
@media (max-width: 700px) {
  .desk {
    min-height: calc(100vh - 64px - var(--banner, 0px));
  }
}
</style>
