/** Something that is fetched once, however often it is asked for; a fetch that failed is tried again at the next call. */
export function loadOnce(fetch: () => Promise<void>): () => Promise<void> {
  let loading: Promise<void> | undefined;
  return () => {
    loading ??= fetch().catch((error: unknown) => {
      loading = undefined;
      throw error;
    });
    return loading;
  };
}
