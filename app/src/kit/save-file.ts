/**
 * A name as part of a file's name: small letters and figures with hyphens between.
 * @example fileName('General bit 10, left') // 'general-bit-10-left'
 */
export const fileName = (name: string): string =>
  name
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '') || 'pike-stone';

const KEPT_MS = 10_000;

/** Saves a file to the downloads of the device. */
export function save(blob: Blob, name: string): void {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(blob);
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(link.href), KEPT_MS);
}
