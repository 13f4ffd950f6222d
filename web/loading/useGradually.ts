import { onScopeDispose, shallowRef, watch, type Ref } from 'vue';

/**
 * A list that is drawn a few items at a time, so that a phone can answer a finger between them. What was drawn once stays:
 * a change of the list shows at once, as far as it was drawn.
 *
 * @param first how many are drawn at once, with the page
 * @param step how many are added each time the browser has nothing else to do
 */
export function useGradually<Item>(
  list: Readonly<Ref<readonly Item[]>>,
  first = 1,
  step = 1,
): Readonly<Ref<readonly Item[]>> {
  let drawn = first;
  let timer: ReturnType<typeof setTimeout> | undefined;
  const shown = shallowRef<readonly Item[]>([]);

  function show(): void {
    clearTimeout(timer);
    shown.value = drawn >= list.value.length ? list.value : list.value.slice(0, drawn);
    if (drawn < list.value.length)
      timer = setTimeout(() => {
        drawn += step;
        show();
      });
  }

  watch(list, show, { immediate: true });
  onScopeDispose(() => clearTimeout(timer));
  return shown;
}
