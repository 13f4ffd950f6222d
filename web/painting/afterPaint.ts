/**
 * Calls when the next frame has been painted: a frame's callbacks come before its painting, a timer they set after. In a
 * page that is not in sight it calls when it is again.
 *
 * @returns what calls it off
 */
export function afterPaint(call: () => void): () => void {
  let timer: ReturnType<typeof setTimeout> | undefined;
  const frame = requestAnimationFrame(() => {
    timer = setTimeout(call);
  });
  return () => {
    cancelAnimationFrame(frame);
    clearTimeout(timer);
  };
}
