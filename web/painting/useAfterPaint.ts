import { customRef, shallowRef, watch, type Ref, type ShallowRef } from 'vue';
import { afterPaint } from './afterPaint.ts';

/** What follows a value a frame later. */
export interface Following<T> {
  readonly shown: Readonly<ShallowRef<T>>;
  /** Shows the value as it is now, without waiting for a frame. */
  readonly catchUp: () => void;
}

/**
 * Follows a value when the frame it changed in has been painted: for whatever may be seen a moment later than the letter
 * that somebody typed, so that the letter does not wait for it. In a page that is not in sight it follows when it is again.
 */
export function useAfterPaint<T>(source: () => T): Following<T> {
  const shown = shallowRef(source());
  let waiting = false;
  const catchUp = () => {
    if (!waiting) return;
    waiting = false;
    shown.value = source();
  };
  // At once, so that there is something to catch up with in the same breath that it changed.
  watch(
    source,
    () => {
      if (waiting) return;
      waiting = true;
      afterPaint(catchUp);
    },
    { flush: 'sync' },
  );
  return { shown, catchUp };
}

/**
 * A value that is read as it is, and tells what shows it that it changed once the frame it changed in has been painted:
 * for what the browser shows by itself already, as the letters in a field.
 */
export function afterPaintRef<T>(first: T): Ref<T> {
  let value = first;
  let waiting = false;
  return customRef((track, trigger) => ({
    get: () => {
      track();
      return value;
    },
    set: (next) => {
      if (Object.is(next, value)) return;
      value = next;
      if (waiting) return;
      waiting = true;
      afterPaint(() => {
        waiting = false;
        trigger();
      });
    },
  }));
}
