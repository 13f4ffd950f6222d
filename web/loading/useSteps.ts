import { onScopeDispose, ref, watch, type Ref } from 'vue';

/**
 * How many parts of a page may be drawn by now: none until it is ready, then one more each time the browser has had its
 * turn. The first come first, and a phone can answer a finger between them.
 */
export function useStepsFrom(ready: Readonly<Ref<boolean>>, parts: number): Readonly<Ref<number>> {
  const drawn = ref(0);
  let timer: ReturnType<typeof setTimeout> | undefined;

  function next(): void {
    if (drawn.value >= parts) return;
    timer = setTimeout(() => {
      drawn.value += 1;
      next();
    });
  }

  watch(ready, (now) => now && next(), { immediate: true });
  onScopeDispose(() => clearTimeout(timer));
  return drawn;
}
