import { positive } from '../quantity/out-of-range';

/**
 * Stress and spring of the least section of a bit behind its nose, held at the post:
 * stress = 6 F l / (w h^2), spring = 4 F l^3 / (E w h^3).
 *
 * @param overhangMm  from the section to the force
 * @param eGPa        of the steel; 205 to 230 for high speed steel
 * @example weakSection(800, 20, 10, 10, 215).stressMPa // 96
 */
export function weakSection(
  forceN: number,
  overhangMm: number,
  widthMm: number,
  heightMm: number,
  eGPa: number,
) {
  const section = positive('width', widthMm) * positive('height', heightMm) ** 2;
  return {
    stressMPa: (6 * forceN * positive('overhang', overhangMm)) / section,
    springMm: (4 * forceN * overhangMm ** 3) / (positive('modulus', eGPa) * 1000 * section * heightMm),
  };
}
