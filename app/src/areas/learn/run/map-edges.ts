/** Edges of the map at the usual size of text, px. */
const USUAL = { left: 54, right: 14, top: 14, bottom: 34 } as const;
export const edgesAt = (scale: number) => ({
  left: USUAL.left * scale,
  right: USUAL.right,
  top: USUAL.top * scale,
  bottom: USUAL.bottom * scale,
});
