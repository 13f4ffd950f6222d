import { onScopeDispose, ref, watch, type Ref } from 'vue';
import { afterPaint } from '../painting/afterPaint.ts';

/**
 * How many parts of a page may be drawn by now: none until it is ready, then one more each time the one before has been
 * painted. The first come first, and a phone can answer a finger between them.
 */
export function useStepsFrom(ready: Readonly<Ref<boolean>>, parts: number): Readonly<Ref<number>> {
  const drawn = ref(0);
  let callOff: () => void = () => undefined;

  function next(): void {
    if (drawn.value >= parts) return;
    callOff = afterPaint(() => {
      drawn.value += 1;
      next();
    });
  }

  watch(ready, (now) => now && next(), { immediate: true });
  onScopeDispose(() => callOff());
  return drawn;
}
