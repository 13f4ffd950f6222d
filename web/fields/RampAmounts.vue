<script setup lang="ts">
import { MOST_GRADE, MOST_SPEED, MOST_STEPS } from '@prompt-spark/core/circuit/bounds';
import { RAMP_UNITS, withEvenSteps, type RampDose } from '@prompt-spark/core/dose/ramp';
import { just } from '@prompt-spark/core/units';
import { readStepLengths, type StepLengths } from '@prompt-spark/core/whiteboard/rampReader';
import { writeStepLengths } from '@prompt-spark/core/whiteboard/writeDose';
import NumberField from './NumberField.vue';
import TextAmount from './TextAmount.vue';
import WrittenField from './WrittenField.vue';
import { say } from './say.ts';

/** The amounts of a ramp: from, to, in what, how steep, and its steps. */
const { dose } = defineProps<{ dose: RampDose }>();
const emit = defineEmits<{ change: [dose: RampDose, field: string] }>();
const UNITS = RAMP_UNITS.map((value) => ({ value, title: value }));

/** The ramp with steps as long as this; where each is its own, there are as many as are said. */
function stepped({ each, uneven }: StepLengths): RampDose {
  const even = withEvenSteps({ ...dose, each });
  return uneven ? { ...even, uneven, steps: uneven.length } : even;
}

/** The ramp with a slope from here to there, said once where it stays the same. */
function sloped(grade: number, gradeTo = grade): RampDose {
  const { gradeTo: _, ...level } = dose;
  return gradeTo === grade ? { ...level, grade } : { ...level, grade, gradeTo };
}

const set = (change: Partial<RampDose>, field: string) => emit('change', { ...dose, ...change }, field);

/** Efforts go to ten, and have no slope. */
function setUnit(unit: RampDose['unit']): void {
  const effort = unit === 'effort';
  const least = (value: number) => (effort ? Math.min(10, value) : value);
  const { grade, gradeTo } = dose;
  const slope = effort ? sloped(0) : sloped(grade, gradeTo);
  emit('change', { ...slope, unit, from: least(dose.from), to: least(dose.to) }, 'unit');
}
const most = (unit: RampDose['unit']) => (unit === 'effort' ? 10 : MOST_SPEED);
</script>

<template>
  <NumberField
    :label="say.rampAmounts.from"
    :most="most(dose.unit)"
    :model-value="dose.from"
    @update:model-value="(from) => set({ from }, 'from')"
  />
  <NumberField
    :label="say.rampAmounts.to"
    :most="most(dose.unit)"
    :model-value="dose.to"
    @update:model-value="(to) => set({ to }, 'to')"
  />
  <v-select :label="say.rampAmounts.in" :items="UNITS" :model-value="dose.unit" @update:model-value="setUnit" />
  <NumberField
    v-if="dose.unit !== 'effort'"
    :label="dose.gradeTo === undefined ? say.rampAmounts.grade : say.rampAmounts.fromGrade"
    :most="MOST_GRADE"
    :model-value="dose.grade"
    @update:model-value="(grade) => emit('change', sloped(grade, dose.gradeTo), 'grade')"
  />
  <NumberField
    v-if="dose.unit !== 'effort'"
    :label="say.rampAmounts.toGrade"
    :most="MOST_GRADE"
    :model-value="dose.gradeTo ?? dose.grade"
    @update:model-value="(gradeTo) => emit('change', sloped(dose.grade, gradeTo), 'gradeTo')"
  />
  <TextAmount
    v-if="!dose.uneven"
    :label="say.rampAmounts.steps"
    unit="count"
    single
    :most="MOST_STEPS"
    :model-value="just(dose.steps)"
    @update:model-value="({ high }) => set({ steps: high }, 'steps')"
  />
  <WrittenField
    :label="say.rampAmounts.eachForS"
    :placeholder="say.rampAmounts.exampleSeconds"
    :read="readStepLengths"
    :write="writeStepLengths"
    :model-value="dose"
    @update:model-value="(long) => emit('change', stepped(long), 'each')"
  />
</template>
