import { onScopeDispose, shallowRef, watch, type Ref } from 'vue';
import { afterPaint } from '../painting/afterPaint.ts';

/**
 * A list that is drawn a few items at a time, so that a phone can answer a finger between them. What was drawn once stays:
 * a change of the list shows at once, as far as it was drawn.
 *
 * @param first how many are drawn at once, with the page
 * @param step how many are added each time those before have been painted
 */
export function useGradually<Item>(
  list: Readonly<Ref<readonly Item[]>>,
  first = 1,
  step = 1,
): Readonly<Ref<readonly Item[]>> {
  let drawn = first;
  let callOff: () => void = () => undefined;
  const shown = shallowRef<readonly Item[]>([]);

  function show(): void {
    callOff();
    shown.value = drawn >= list.value.length ? list.value : list.value.slice(0, drawn);
    if (drawn < list.value.length)
      callOff = afterPaint(() => {
        drawn += step;
        show();
      });
  }

  watch(list, show, { immediate: true });
  onScopeDispose(() => callOff());
  return shown;
}
