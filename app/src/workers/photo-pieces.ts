import { contours } from 'd3-contour';
import {
  chainLength,
  outlineBetween,
  partingBrightness,
  piecesWithin,
  planeOfPhoto,
  thinned,
  type FourPoints,
  type PlanePoint,
} from '@pike-stone/core/form';

/** A photo in grey with what was marked on it: pixels from its upper left corner. */
export interface PhotoQuestion {
  readonly grey: Uint8Array;
  readonly width: number;
  readonly height: number;
  /** Four corners of a known rectangle in the photo, and where they are, mm. */
  readonly marks: FourPoints;
  readonly places: FourPoints;
  /** Where the form begins and ends. */
  readonly from: PlanePoint;
  readonly to: PlanePoint;
  /** Lines and arcs stay this near to the traced points, mm. */
  readonly toleranceMm: number;
}

export interface PhotoTrace {
  /** Traced points, mm. */
  readonly points: readonly PlanePoint[];
  /** The same on the photo, pixels. */
  readonly pixels: readonly PlanePoint[];
  /** Lines and arcs that were fitted. */
  readonly pieces: number;
}

/** Outlines shorter than this are grains of the picture. */
const LEAST_RING = 60;
/** Points kept of a trace. */
const MOST_POINTS = 600;

const breath = () => new Promise<void>((resolve) => setTimeout(resolve, 0));

/** Follows the edge between dark and light in a photo, brings it into the plane of the four points, and fits arcs. */
export const photoWork = {
  async trace(question: PhotoQuestion, onShare: (share: number) => void): Promise<PhotoTrace> {
    const { grey, width, height, marks, places, from, to, toleranceMm } = question;
    const toPlane = planeOfPhoto(marks, places);
    const level = partingBrightness(grey);
    onShare(0.15);
    await breath();
    const found = contours().size([width, height]).thresholds([level])(grey as unknown as number[]);
    onShare(0.65);
    await breath();
    const rings = found
      .flatMap(({ coordinates }) => coordinates.flat())
      .filter((ring) => ring.length > LEAST_RING)
      .map((ring) => ring.slice(0, -1).map(([x, y]): PlanePoint => [x!, y!]));
    const outline = outlineBetween(rings, from, to);
    onShare(0.8);
    await breath();
    const pixels = thinned(outline, Math.max(1, chainLength(outline) / MOST_POINTS));
    const points = pixels.map(toPlane);
    const pieces = piecesWithin(points, toleranceMm).length - 1;
    onShare(1);
    return { points, pixels, pieces };
  },
};
export type PhotoWork = typeof photoWork;
