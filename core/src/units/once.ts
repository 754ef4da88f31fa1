/** Works something out when it is first asked for, and remembers it. */
export function once<T>(make: () => T): () => T {
  let made: { readonly value: T } | undefined;
  return () => (made ??= { value: make() }).value;
}
