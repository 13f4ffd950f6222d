import { drillsFor, type DrillWish } from '@prompt-spark/core/drills/find';
import type { Drill } from '@prompt-spark/core/drills/drill';
import MiniSearch from 'minisearch';
import { computed, ref, type ComputedRef, type Ref } from 'vue';
import { useLibraryStore } from './library.ts';

/** A search through the library by name, alias or target, forgiving slips of the finger, narrowed by a wish. */
export interface DrillSearch {
  readonly words: Ref<string>;
  readonly wish: Ref<DrillWish>;
  readonly found: ComputedRef<readonly Drill[]>;
}

interface Entry {
  readonly id: string;
  readonly name: string;
  readonly aliases: string;
  readonly targets: string;
}

/** Two slips of the finger in a word, one in a short one: "wlak" is two from "walk". */
const slips = (word: string) => (word.length > 3 ? 2 : word.length === 3 ? 1 : false);

/** Searches as the words and the wish change; with no words, everything the wish allows in the library's order. */
export function useDrillSearch(): DrillSearch {
  const library = useLibraryStore();
  const words = ref('');
  const wish = ref<DrillWish>({});

  const index = computed(() => {
    const search = new MiniSearch<Entry>({
      fields: ['name', 'aliases', 'targets'],
      searchOptions: { prefix: true, fuzzy: slips, combineWith: 'AND', boost: { name: 3, aliases: 3 } },
    });
    search.addAll(
      library.library.drills.map(({ id, name, aliases, targets }) => ({
        id,
        name,
        aliases: aliases.join(', '),
        targets: Object.keys(targets).join(', '),
      })),
    );
    return search;
  });

  const found = computed(() => {
    const all =
      words.value.trim() === ''
        ? library.library.drills
        : index.value.search(words.value).flatMap(({ id }) => library.drillOf(String(id)) ?? []);
    return drillsFor(all, wish.value);
  });

  return { words, wish, found };
}
