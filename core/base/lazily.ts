/** Makes something when it is first asked for, and keeps it. */
export function lazily<Made>(make: () => Made): () => Made {
  let kept: { readonly made: Made } | null = null;
  return () => (kept ??= { made: make() }).made;
}
