<script setup lang="ts">
import {
  mdiArrowRightThin,
  mdiContentDuplicate,
  mdiHumanGreeting,
  mdiPinOutline,
  mdiPlaylistRemove,
  mdiSwapHorizontal,
} from '@mdi/js';
import type { Dose, Sides } from '@prompt-spark/core/dose/dose';
import type { Drill } from '@prompt-spark/core/drills/drill';
import { takesAim, type Aim } from '@prompt-spark/core/circuit/aim';
import { withDose } from '@prompt-spark/core/circuit/slot';
import type { Slot } from '@prompt-spark/core/circuit/circuit';
import { MOST_SETS } from '@prompt-spark/core/circuit/bounds';
import { changeSlot, pinnedOn } from '@prompt-spark/core/circuit/edit';
import { takesExtra } from '@prompt-spark/core/dose/dose';
import { startingDose } from '@prompt-spark/core/drills/startingDose';
import { usualSetRest } from '@prompt-spark/core/dose/trade';
import { just } from '@prompt-spark/core/units';
import type { FieldReading } from '@prompt-spark/core/whiteboard/field';
import { readAimField, writeAim } from '@prompt-spark/core/whiteboard/aimReader';
import { writeLine } from '@prompt-spark/core/whiteboard/writeWhiteboard';
import { computed, defineAsyncComponent, ref } from 'vue';
import { phaseName } from '../../wording/phases.ts';
import TextAmount from '../../fields/TextAmount.vue';
import { useEditingStore } from '../store/editing.ts';
import { useLibraryStore } from '../../library/library.ts';
import { useSheetStore } from '../store/sheet.ts';
import DoseAmounts from '../../fields/DoseAmounts.vue';
import { DOSE_KINDS } from '../../fields/doseKinds.ts';
import WrittenField from '../../fields/WrittenField.vue';
import InHandFields from './InHandFields.vue';
import RungStepper from './RungStepper.vue';
import SideExtra from './SideExtra.vue';
import { say } from '../say.ts';

const RowSwaps = defineAsyncComponent(() => import('./RowSwaps.vue'));

/** Changes a slot's dose in place: kind, amount, sides, sets, rest and the coach's own cue. */
const { slotLine, drill } = defineProps<{ slotLine: Slot; drill: Drill }>();
const sheet = useSheetStore();
const editing = useEditingStore();
const library = useLibraryStore();
const swapping = ref(false);

const sides = computed(() => [
  { value: 'both', title: say.doseEditor.atOnce },
  { value: 'each', title: drill.sideWord === 'way' ? say.doseEditor.eachWay : say.doseEditor.eachSide },
  { value: 'alternate', title: say.doseEditor.alternating },
]);
const asNamed = computed(() => library.drillOf(slotLine.drillId));
const opensBlock = computed(() => sheet.laid.circuit.blocks.some(({ lines }) => lines[0]?.id === slotLine.id));
const readCue = (typed: string): FieldReading<string> => ({ ok: true, value: typed.trim() });
const written = computed(() => writeLine(slotLine, library.library));

function change(make: (slot: Slot) => Slot, field = ''): void {
  const about = field && `${field} ${slotLine.id}`;
  sheet.changeCircuit((circuit) => changeSlot(circuit, slotLine.id, make), about);
}

function changeKind(kind: Dose['kind']): void {
  if (kind === slotLine.dose.kind) return;
  const dose = startingDose(kind, drill);
  const extra = takesExtra(dose) ? slotLine.extra : null;
  change((slot) => ({ ...withDose(slot, dose), extra, setRest: usualSetRest(dose) }));
}
</script>

<template>
  <div
    class="editor"
    role="group"
    :aria-label="say.doseEditor.howMuch(drill.name)"
    @keydown.esc="editing.toggleOpen(slotLine.id)"
  >
    <div class="line">
      <v-btn-toggle
        density="compact"
        mandatory
        :aria-label="say.doseEditor.measuredIn"
        :model-value="slotLine.dose.kind"
        @update:model-value="changeKind"
      >
        <v-btn v-for="kind in DOSE_KINDS" :key="kind.value" :value="kind.value">{{ kind.title }}</v-btn>
      </v-btn-toggle>
      <RungStepper
        v-if="asNamed && asNamed.ladder.length > 1"
        :drill="asNamed"
        :rung="slotLine.rung"
        @change="(rung) => change((slot) => ({ ...slot, rung }))"
      />
      <v-btn-toggle
        density="compact"
        mandatory
        :aria-label="say.doseEditor.sides"
        :model-value="slotLine.sides"
        @update:model-value="
          (value: Sides) => change((slot) => ({ ...slot, sides: value, extra: value === 'both' ? null : slot.extra }))
        "
      >
        <v-btn v-for="side in sides" :key="side.value" :value="side.value">{{ side.title }}</v-btn>
      </v-btn-toggle>
    </div>
    <div class="fields">
      <DoseAmounts
        :dose="slotLine.dose"
        :ramp-up="sheet.approach.rampUp"
        @change="(dose, field) => change((slot) => ({ ...slot, dose }), field)"
      />
      <WrittenField
        v-if="takesAim(slotLine.dose)"
        :label="say.doseEditor.aimFor"
        :placeholder="say.doseEditor.exampleAim"
        :read="readAimField"
        :write="(aim: Aim | null) => (aim ? writeAim(aim) : '')"
        :model-value="slotLine.aim"
        @update:model-value="(aim) => change((slot) => ({ ...slot, aim }), 'aim')"
      />
      <SideExtra
        v-if="slotLine.sides !== 'both' && takesExtra(slotLine.dose)"
        :extra="slotLine.extra"
        @change="(extra) => change((slot) => ({ ...slot, extra }), 'extra')"
      />
      <TextAmount
        :label="say.doseEditor.sets"
        unit="count"
        :most="MOST_SETS"
        :model-value="slotLine.sets"
        @update:model-value="(sets) => change((slot) => ({ ...slot, sets }), 'sets')"
      />
      <TextAmount
        v-if="slotLine.sets.high > 1 || slotLine.dose.kind === 'lift'"
        :label="say.doseEditor.restBetweenSets"
        unit="time"
        single
        :least="0"
        :model-value="just(slotLine.setRest)"
        @update:model-value="({ high }) => change((slot) => ({ ...slot, setRest: high }), 'set rest')"
      />
      <TextAmount
        :label="say.doseEditor.restAfter"
        unit="time"
        single
        :least="0"
        :model-value="just(slotLine.rest)"
        @update:model-value="({ high }) => change((slot) => ({ ...slot, rest: high }), 'rest')"
      />
      <InHandFields :slot-line="slotLine" @change="(more, field) => change((slot) => ({ ...slot, ...more }), field)" />
    </div>
    <p class="mind small">
      <strong>{{ say.doseEditor.mind }}</strong> {{ drill.cautions.join('; ') || say.doseEditor.nothingKnown }}.
      <strong>{{ say.doseEditor.ifSeen(drill.fault.seen) }}</strong> {{ drill.fault.fix }}.
    </p>
    <RowSwaps v-if="swapping" :slot-line="slotLine" @done="swapping = false" />
    <WrittenField
      :label="say.doseEditor.yourOwnCue"
      :placeholder="drill.cues[0]"
      persistent-placeholder
      maxlength="200"
      :read="readCue"
      :write="String"
      :model-value="slotLine.cue"
      @update:model-value="(cue) => change((slot) => ({ ...slot, cue }), 'cue')"
    />
    <div class="line">
      <code class="soft small">{{ written }}</code>
      <span class="acts">
        <v-btn
          :prepend-icon="mdiSwapHorizontal"
          variant="text"
          :aria-expanded="swapping"
          @click="swapping = !swapping"
          >{{ say.doseEditor.swap }}</v-btn
        >
        <v-btn
          v-if="!opensBlock || slotLine.runsOn"
          :prepend-icon="mdiArrowRightThin"
          variant="text"
          :title="say.doseEditor.noTalkBefore"
          :aria-pressed="slotLine.runsOn"
          @click="change((slot) => ({ ...slot, runsOn: !slot.runsOn }))"
          >{{ slotLine.runsOn ? say.doseEditor.stopBefore : say.doseEditor.straightInto }}</v-btn
        >
        <v-btn
          v-if="!slotLine.runsOn"
          :prepend-icon="mdiHumanGreeting"
          variant="text"
          :title="say.doseEditor.leavesTimeToShow"
          :aria-pressed="slotLine.shownFirst"
          @click="change((slot) => ({ ...slot, shownFirst: !slot.shownFirst }))"
          >{{ slotLine.shownFirst ? say.doseEditor.theyKnow : say.doseEditor.newToThem }}</v-btn
        >
        <v-btn :prepend-icon="mdiPinOutline" variant="text" :aria-pressed="slotLine.pinned" @click="change(pinnedOn)">{{
          slotLine.doseKept ? say.doseEditor.unpin : slotLine.pinned ? say.doseEditor.pinItsDoseToo : say.doseEditor.pin
        }}</v-btn>
        <v-btn :prepend-icon="mdiContentDuplicate" variant="text" @click="editing.duplicate">{{
          say.doseEditor.duplicate
        }}</v-btn>
        <v-menu>
          <template #activator="{ props }">
            <v-btn v-bind="props" variant="text">{{ say.doseEditor.moveTo }}</v-btn>
          </template>
          <v-list>
            <v-list-item
              v-for="(block, index) in sheet.laid.circuit.blocks"
              :key="block.id"
              :title="`${index + 1}. ${phaseName(block.phase)}`"
              @click="editing.moveTo(block.id)"
            />
          </v-list>
        </v-menu>
        <v-btn :prepend-icon="mdiPlaylistRemove" variant="text" @click="editing.takeOut(slotLine.id)">{{
          say.doseEditor.remove
        }}</v-btn>
      </span>
    </div>
  </div>
</template>

<style scoped>
.editor {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 0.75rem;
  padding: 0.9rem;
  margin-top: 0.25rem;
  border: 1px solid var(--line);
  border-radius: 10px;
  background: var(--card);
}
.line {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: space-between;
  gap: 0.6rem;
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(7rem, 1fr));
  gap: 0.6rem;
}
.acts {
  display: flex;
  flex-wrap: wrap;
}
/* Kinds that do not fit beside one another go below. */
.line :deep(.v-btn-group) {
  flex-wrap: wrap;
  height: auto;
}
.line :deep(.v-btn-group .v-btn) {
  min-height: max(36px, var(--tap));
}
code {
  font-family: var(--text);
}
@media (max-width: 700px) {
  .editor {
    padding: 0.7rem;
  }
  .line :deep(.v-btn-group .v-btn) {
    min-height: 44px;
    padding: 0 0.7rem;
  }
}
</style>
