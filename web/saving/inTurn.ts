/** Does things one after another for each id: a second waits until the first is done, or has failed. */
export function inTurn(): <T>(id: string, work: () => Promise<T>) => Promise<T> {
  const last = new Map<string, Promise<unknown>>();
  return (id, work) => {
    const done = (last.get(id) ?? Promise.resolve()).then(work, work);
    last.set(id, done);
    return done;
  };
}
