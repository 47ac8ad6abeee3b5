import type { Facet } from './solid-cut';

const HEADER_BYTES = 80;
const TRIANGLE_BYTES = 50;

/**
 * A solid as a binary STL file, millimetres: an 80-byte header, the number of triangles, and for each
 * its normal and three corners as little-endian floats.
 *
 * @param title  ASCII, put into the header
 */
export function stlOf(facets: readonly Facet[], title: string): Uint8Array<ArrayBuffer> {
  const triangles = facets.flatMap(({ corners, normal }) =>
    corners.slice(2).map((corner, i) => [normal, corners[0]!, corners[i + 1]!, corner] as const),
  );
  const bytes = new Uint8Array(HEADER_BYTES + 4 + TRIANGLE_BYTES * triangles.length);
  const view = new DataView(bytes.buffer);
  [...title.slice(0, HEADER_BYTES)].forEach((letter, i) => view.setUint8(i, letter.charCodeAt(0) & 0x7f));
  view.setUint32(HEADER_BYTES, triangles.length, true);
  triangles.forEach((triangle, t) =>
    triangle
      .flat()
      .forEach((value, i) => view.setFloat32(HEADER_BYTES + 4 + TRIANGLE_BYTES * t + 4 * i, value, true)),
  );
  return bytes;
}
