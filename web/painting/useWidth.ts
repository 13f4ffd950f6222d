import { onScopeDispose, ref, watch, type Ref } from 'vue';

/**
 * The width of an element's content in pixels; 0 until the browser has laid it out. The browser tells it after
 * layout; asking for it would force the browser to lay out the whole page in the middle of drawing it.
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
