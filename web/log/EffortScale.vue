<script setup lang="ts">
import { computed } from 'vue';
import { say } from './say.ts';

/** Effort of the group on the 0–10 category-ratio scale, with its anchors in words. */
const effort = defineModel<number | null>({ required: true });
const VALUES = Array.from({ length: 11 }, (_, index) => index);

/** Common wording of the category-ratio scale, from memory; no source quoted. */
const { anchors: ANCHORS } = say.effortScale;
const anchor = computed(() => (effort.value === null ? say.effortScale.usualEnd : ANCHORS[effort.value]));
</script>

<template>
  <fieldset>
    <legend>
      {{ say.effortScale.howHard }} <span class="soft">{{ anchor }}</span>
    </legend>
    <div class="scale">
      <label
        v-for="value in VALUES"
        :key="value"
        :style="{ '--effort': `${value * 10}%` }"
        :class="{ chosen: effort === value }"
      >
        <input v-model="effort" type="radio" name="effort" :value="value" />
        <span class="bar" aria-hidden="true" :style="{ height: `${4 + value * 2.2}px` }" />
        {{ value }}
      </label>
    </div>
  </fieldset>
</template>

<style scoped>
fieldset {
  border: 0;
}
legend {
  margin-bottom: 0.5rem;
  font-weight: 600;
}
legend .soft {
  font-weight: 400;
}
.scale {
  display: grid;
  grid-template-columns: repeat(11, minmax(0, 1fr));
  gap: 0.25rem;
}
label {
  display: flex;
  flex-direction: column;
  align-items: center;
  justify-content: end;
  gap: 0.4rem;
  min-height: 60px;
  padding-bottom: 0.35rem;
  border: 2px solid transparent;
  border-radius: 10px;
  font-weight: 600;
  cursor: pointer;
}
label:hover {
  border-color: var(--line);
}
label.chosen {
  border-color: var(--ink);
}
label:focus-within {
  outline: 3px solid var(--damson);
  outline-offset: 1px;
}
input {
  position: absolute;
  opacity: 0;
}
.bar {
  width: 70%;
  border-radius: 4px;
  background: color-mix(in oklch, var(--straw), var(--rust) var(--effort));
}
</style>
