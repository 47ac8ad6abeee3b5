import { Matrix, SingularValueDecomposition, solve } from 'ml-matrix';
import { cross, minus, type PlanePoint } from '../quantity/plane';
import { OutOfRange, positive, within } from '../quantity/out-of-range';

/** Four points, in order round the quadrilateral. */
export type FourPoints = readonly [PlanePoint, PlanePoint, PlanePoint, PlanePoint];

/** Ratio of the largest singular value to the smallest above which four points fix no plane. */
const MOST_CONDITION = 1e8;

/** Twice the area of each of the four corners, positive to the left. */
const cornerTurns = (points: FourPoints): readonly number[] =>
  points.map((b, i) => {
    const [a, c] = [points[(i + 3) % 4]!, points[(i + 1) % 4]!];
    return cross(minus(b, a), minus(c, b));
  });

/** Whether four points go round one way without three in a line. */
function isConvex(points: FourPoints): boolean {
  const turns = cornerTurns(points);
  const least = 1e-6 * Math.max(...turns.map(Math.abs));
  return turns.every((turn) => turn > least) || turns.every((turn) => turn < -least);
}

/**
 * From pixels of a photo to millimetres in the plane of four known points (perspective; a lens that bends
 * lines is not corrected):
 * x = (h1 u + h2 v + h3) / (h7 u + h8 v + 1), y = (h4 u + h5 v + h6) / (h7 u + h8 v + 1).
 *
 * @param pixels  of the four points; v runs down
 * @param places  the same points in the plane, mm, in the same order; y runs up
 * @throws OutOfRange for points that cross, lie in a line, go round the wrong way or fix no plane
 */
export function planeOfPhoto(pixels: FourPoints, places: FourPoints): (pixel: PlanePoint) => PlanePoint {
  if (!isConvex(pixels)) throw new OutOfRange('four points of the photo', 0, 1);
  if (!isConvex(places)) throw new OutOfRange('four places', 0, 1);
  if (Math.sign(cornerTurns(pixels)[0]!) === Math.sign(cornerTurns(places)[0]!))
    throw new OutOfRange('order of the four points', 0, 1);
  const far = Math.max(...pixels.flat().map(Math.abs));
  const scaled = pixels.map(([u, v]) => [u / far, v / far] as const);
  const rows = scaled.flatMap(([u, v], i) => {
    const [x, y] = places[i]!;
    return [
      [u, v, 1, 0, 0, 0, -u * x, -v * x],
      [0, 0, 0, u, v, 1, -u * y, -v * y],
    ];
  });
  const matrix = new Matrix(rows);
  if (!(new SingularValueDecomposition(matrix).condition < MOST_CONDITION))
    throw new OutOfRange('spread of the four points', 0, 1);
  const h = solve(matrix, Matrix.columnVector(places.flatMap((place) => [...place]))).to1DArray();
  return ([pixelU, pixelV]) => {
    const [u, v] = [pixelU / far, pixelV / far];
    const w = h[6]! * u + h[7]! * v + 1;
    return [(h[0]! * u + h[1]! * v + h[2]!) / w, (h[3]! * u + h[4]! * v + h[5]!) / w];
  };
}

/**
 * Size of a feature in a square-on photo by one known length. A feature nearer to the lens than the known
 * length looks larger: true = apparent (Z - h) / Z.
 *
 * @param abovePlaneMm   h, of the feature above the plane of the known length, towards the lens
 * @param cameraMm       Z, lens to plane
 * @example photoSize({ knownMm: 50, knownPx: 1000, featurePx: 100, abovePlaneMm: 0, cameraMm: 400 }).trueMm // 5
 */
export function photoSize(photo: {
  readonly knownMm: number;
  readonly knownPx: number;
  readonly featurePx: number;
  readonly abovePlaneMm: number;
  readonly cameraMm: number;
}) {
  const mmPerPx =
    positive('known length', photo.knownMm) / positive('pixels of the known length', photo.knownPx);
  const cameraMm = positive('distance of the lens', photo.cameraMm);
  within('height above the plane', photo.abovePlaneMm, -cameraMm * 10, cameraMm * 0.999);
  const apparentMm = photo.featurePx * mmPerPx;
  return {
    mmPerPx,
    apparentMm,
    trueMm: (apparentMm * (cameraMm - photo.abovePlaneMm)) / cameraMm,
    errorShare: photo.abovePlaneMm / (cameraMm - photo.abovePlaneMm),
  };
}
