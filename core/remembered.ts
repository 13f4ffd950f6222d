/** The same function of an object, worked out once for each and forgotten with it. Only for what never changes. */
export function remembered<Key extends object, Value>(work: (key: Key) => Value): (key: Key) => Value {
  const known = new WeakMap<Key, { readonly value: Value }>();
  return (key) => {
    const before = known.get(key);
    if (before) return before.value;
    const value = work(key);
    known.set(key, { value });
    return value;
  };
}
