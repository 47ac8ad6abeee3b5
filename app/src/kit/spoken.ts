const plain = (text: string): string =>
  text
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, ' ')
    .trim();

/**
 * Spoken name of a control: it begins with the words that are seen on it, so that whoever speaks to the device
 * can say what he sees. What the words alone do not tell follows.
 */
export const spokenName = (seen: string, says?: string): string =>
  says === undefined
    ? seen
    : plain(seen) === '' || `${plain(says)} `.startsWith(`${plain(seen)} `)
      ? says
      : `${seen}, ${says}`;
