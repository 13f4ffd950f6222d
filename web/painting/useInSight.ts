import { onScopeDispose, readonly, ref, watch, type DeepReadonly, type Ref } from 'vue';

/** Watches many elements with one observer: the browser asks every observer in every frame in which something moved. */
interface Lookout {
  readonly observer: IntersectionObserver;
  readonly tell: WeakMap<Element, (inSight: boolean) => void>;
}

const lookouts = new Map<string, Lookout>();

/**
 * Whether an element is in sight, or nearer to it than a margin; not so until the browser has said.
 *
 * @param margin how far out of sight still counts, in CSS pixels
 */
export function useInSight(element: Readonly<Ref<Element | null>>, margin = 0): DeepReadonly<Ref<boolean>> {
  const inSight = ref(false);
  const { observer, tell } = lookout(`${margin}px`);
  let watched: Element | null = null;
  const leave = () => watched && observer.unobserve(watched);
  watch(
    element,
    (now) => {
      leave();
      watched = now;
      inSight.value = false;
      if (!now) return;
      tell.set(now, (seen) => (inSight.value = seen));
      observer.observe(now);
    },
    { immediate: true, flush: 'post' },
  );
  onScopeDispose(leave);
  return readonly(inSight);
}

function lookout(margin: string): Lookout {
  const known = lookouts.get(margin);
  if (known) return known;
  const tell: Lookout['tell'] = new WeakMap();
  const observer = new IntersectionObserver(
    (entries) => {
      for (const { target, isIntersecting } of entries) tell.get(target)?.(isIntersecting);
    },
    { rootMargin: margin },
  );
  const made = { observer, tell };
  lookouts.set(margin, made);
  return made;
}
