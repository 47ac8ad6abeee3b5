/** Text that no database keeps: a zero character, or half of a surrogate pair. */
const unkeepable = (text: string): boolean => /[\0\p{Surrogate}]/u.test(text);

/** Path of the first text that cannot be kept, or null. */
export function unkeepableIn(value: unknown, path: readonly string[] = []): readonly string[] | null {
  if (typeof value === 'string') return unkeepable(value) ? path : null;
  if (value === null || typeof value !== 'object') return null;
  for (const [key, inner] of Object.entries(value)) {
    if (unkeepable(key)) return path;
    const found = unkeepableIn(inner, [...path, key]);
    if (found) return found;
  }
  return null;
}
