import type { Plate } from './plate-layout';

const ESCAPED: Readonly<Record<string, string>> = { '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' };
const safe = (text: string): string => text.replace(/[&<>"]/g, (sign) => ESCAPED[sign] as string);
const mm = (value: number): string => String(Number(value.toFixed(3)));

/** The plate as an SVG file whose size is in millimetres. */
export function plateSvg({ widthMm, heightMm, marks }: Plate): string {
  const drawn = marks.map((mark) => {
    if (mark.is === 'rect')
      return `<rect x="${mm(mark.x)}" y="${mm(mark.y)}" width="${mm(mark.width)}" height="${mm(mark.height)}" fill="none" stroke="#000" stroke-width="${mm(mark.line)}"/>`;
    if (mark.is === 'line')
      return `<line x1="${mm(mark.x1)}" y1="${mm(mark.y1)}" x2="${mm(mark.x2)}" y2="${mm(mark.y2)}" stroke="#000" stroke-width="${mm(mark.line)}"/>`;
    return `<text x="${mm(mark.x)}" y="${mm(mark.y)}" font-size="${mm(mark.size)}" text-anchor="${mark.anchor}"${mark.bold ? ' font-weight="600"' : ''}>${safe(mark.text)}</text>`;
  });
  return `<?xml version="1.0" encoding="UTF-8"?>\n<svg xmlns="http://www.w3.org/2000/svg" width="${mm(widthMm)}mm" height="${mm(heightMm)}mm" viewBox="0 0 ${mm(widthMm)} ${mm(heightMm)}" font-family="'Atkinson Hyperlegible Next', Arial, sans-serif">\n${drawn.join('\n')}\n</svg>\n`;
}
