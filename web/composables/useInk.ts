import { onMounted, shallowRef, type ShallowRef } from 'vue';

/** The colour of the theme by its name in the look, such as `--ink`. */
export type ColourOf = (name: string) => string;

/**
 * What a chart is drawn in: the theme's colours as they stand where it is, for a canvas knows no style sheet. Undefined until
 * the chart is on the page.
 */
export function useInk<Ink>(
  host: Readonly<ShallowRef<HTMLElement | null>>,
  inkOf: (colour: ColourOf) => Ink,
): ShallowRef<Ink | undefined> {
  const ink = shallowRef<Ink>();
  onMounted(() => {
    const style = host.value && getComputedStyle(host.value);
    ink.value = inkOf((name) => style?.getPropertyValue(name).trim() ?? '');
  });
  return ink;
}
