/** A value that is made when it is first asked for: what a page needs rarely does not hold up its start. */
export function lazily<Value>(make: () => Value): () => Value {
  let made: { readonly value: Value } | undefined;
  return () => (made ??= { value: make() }).value;
}
