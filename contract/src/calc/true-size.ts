import { trueSize } from '@pike-stone/core/form';
import * as z from 'zod';
import { figure, result, whole } from './schema';
import { topic } from './topic';

export const trueSizeTopic = topic({
  input: z.strictObject({
    width_mm: figure,
    height_mm: figure,
    magnification: figure,
    margin_mm: figure,
    dpi: figure,
    triangles: whole(0, 10000000),
  }),
  output: z.strictObject({
    svg_width_mm: result,
    svg_height_mm: result,
    pdf_width_pt: result,
    pdf_height_pt: result,
    png_width_px: result,
    png_pixels_per_metre: result,
    stl_binary_bytes: result,
  }),
  run: (i) => {
    const r = trueSize(i.width_mm, i.height_mm, i.magnification, i.margin_mm, i.dpi, i.triangles);
    return {
      svg_width_mm: r.widthMm,
      svg_height_mm: r.heightMm,
      pdf_width_pt: r.pdfWidthPt,
      pdf_height_pt: r.pdfHeightPt,
      png_width_px: r.pngWidthPx,
      png_pixels_per_metre: r.pngPixelsPerMetre,
      stl_binary_bytes: r.stlBytes,
    };
  },
});
