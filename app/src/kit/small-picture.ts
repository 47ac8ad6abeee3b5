/** A picture file drawn no larger than so many pixels; null when it is no picture. */
export async function smallPicture(file: Blob, longestPx: number): Promise<HTMLCanvasElement | null> {
  const bitmap = await createImageBitmap(file).catch(() => null);
  if (!bitmap) return null;
  const times = Math.min(1, longestPx / Math.max(bitmap.width, bitmap.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(bitmap.width * times));
  canvas.height = Math.max(1, Math.round(bitmap.height * times));
  canvas.getContext('2d')?.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  bitmap.close();
  return canvas;
}
