import { onMounted, shallowRef, type ShallowRef } from 'vue';

/** The colour of the theme by its name in the look, such as `--ink`. */
export type ColourOf = (name: string) => string;

/** The theme's colours as they stand at an element. */
export function inkOf(element: HTMLElement): ColourOf {
  const style = getComputedStyle(element);
  return (name) => style.getPropertyValue(name).trim();
}

/**
 * What a chart is drawn in: the theme's colours as they stand where it is, for a canvas knows no style sheet. Undefined until
 * the chart is on the page.
 */
export function useInk<Ink>(
  host: Readonly<ShallowRef<HTMLElement | null>>,
  mix: (colour: ColourOf) => Ink,
): ShallowRef<Ink | undefined> {
  const ink = shallowRef<Ink>();
  onMounted(() => {
    if (host.value) ink.value = mix(inkOf(host.value));
  });
  return ink;
}
