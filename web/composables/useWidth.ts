import { onScopeDispose, ref, watch, type Ref } from 'vue';

/**
 * The width of an element's content in pixels; 0 until the browser has laid it out. It is told by the browser once that
 * is done: to ask would have the whole page laid out at once, in the middle of whatever is being drawn.
 */
export function useWidth(element: Readonly<Ref<HTMLElement | null>>): Readonly<Ref<number>> {
  const width = ref(0);
  const observer = new ResizeObserver((entries) => {
    width.value = entries.at(-1)?.contentRect.width ?? width.value;
  });
  watch(
    element,
    (now, before) => {
      if (before) observer.unobserve(before);
      if (now) observer.observe(now);
    },
    { immediate: true, flush: 'post' },
  );
  onScopeDispose(() => observer.disconnect());
  return width;
}
