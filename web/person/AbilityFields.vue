<script setup lang="ts">
import type { PersonDocument } from '@prompt-spark/contract/person';
import { KIT } from '@prompt-spark/core/drills/kit';
import { ABILITIES, PATTERNS, type Ability, type Pattern } from '@prompt-spark/core/people/person';
import { REGIONS, type Region } from '@prompt-spark/core/people/region';
import { computed } from 'vue';
import { useLibraryStore } from '../library/library.ts';
import { say } from './say.ts';

/** What somebody can do: a rung for each pattern, the stiffer side of each region, drills they know, kit at home. */
const { document } = defineProps<{ document: PersonDocument }>();
const emit = defineEmits<{ change: [part: Partial<PersonDocument>] }>();
const library = useLibraryStore();

const rungs = ABILITIES.map((value) => ({ value, title: value === 'base' ? say.abilityFields.asNamed : value }));
const SIDES = [
  { value: 'even', title: say.abilityFields.even },
  { value: 'left', title: say.abilityFields.left },
  { value: 'right', title: say.abilityFields.right },
];
const drills = computed(() => library.library.drills.map(({ id, name }) => ({ value: id, title: name })));
const kit = KIT.map((value) => ({ value, title: value }));

function setAbility(pattern: Pattern, ability: Ability): void {
  emit('change', { ability: { ...document.ability, [pattern]: ability } });
}

function setStiffer(region: Region, side: string): void {
  const { [region]: _, ...others } = document.stiffer;
  emit('change', { stiffer: side === 'left' || side === 'right' ? { ...others, [region]: side } : others });
}
</script>

<template>
  <fieldset>
    <legend>{{ say.abilityFields.whichVersionSuitsThem }}</legend>
    <div class="fields">
      <v-select
        v-for="pattern in PATTERNS"
        :key="pattern"
        :label="pattern"
        density="compact"
        :items="rungs"
        :model-value="document.ability[pattern] ?? 'base'"
        @update:model-value="(ability) => setAbility(pattern, ability)"
      />
    </div>
  </fieldset>
  <fieldset>
    <legend>{{ say.abilityFields.stifferOrWeakerSide }}</legend>
    <div class="fields">
      <v-select
        v-for="region in REGIONS"
        :key="region"
        :label="region"
        density="compact"
        :items="SIDES"
        :model-value="document.stiffer[region] ?? 'even'"
        @update:model-value="(side) => setStiffer(region, side)"
      />
    </div>
  </fieldset>
  <div class="wide">
    <v-autocomplete
      :label="say.abilityFields.drillsTheyKnowWell"
      multiple
      chips
      closable-chips
      :items="drills"
      :model-value="document.familiar"
      @update:model-value="(familiar: readonly string[]) => emit('change', { familiar })"
    />
    <v-select
      :label="say.abilityFields.kitAtHome"
      :hint="say.abilityFields.forCircuitsOfTheirs"
      persistent-hint
      multiple
      chips
      :items="kit"
      :model-value="document.kit"
      @update:model-value="(items) => emit('change', { kit: items })"
    />
  </div>
</template>

<style scoped>
fieldset {
  border: 0;
}
legend {
  margin-bottom: 0.5rem;
  font-weight: 600;
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(8rem, 1fr));
  gap: 0.6rem;
}
.wide {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(18rem, 1fr));
  gap: 0.75rem;
}
</style>
