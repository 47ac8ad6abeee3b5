/** Points of the paper joined by straight lines, as an SVG path, to a tenth of a pixel. */
export const linePath = (points: readonly (readonly [x: number, y: number])[]): string =>
  points.map(([x, y], i) => `${i === 0 ? 'M' : 'L'}${x.toFixed(1)} ${y.toFixed(1)}`).join('');
