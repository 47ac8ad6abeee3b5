/** Names one after the other, the last with its word: "side, front and top". */
export const listed = (names: readonly string[], word: 'and' | 'or' = 'and'): string =>
  names.length < 2 ? (names[0] ?? '') : `${names.slice(0, -1).join(', ')} ${word} ${names.at(-1)!}`;
