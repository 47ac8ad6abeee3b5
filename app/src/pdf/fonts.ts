import type { jsPDF } from 'jspdf';

const FONTS = [
  ['next-400.ttf', 'normal'],
  ['next-600.ttf', 'bold'],
] as const;

async function fontText(name: string): Promise<string> {
  const response = await fetch(`/fonts/${name}`);
  if (!response.ok)
    throw new Error('The letters could not be read from the shop’s computer. Try again when it answers.');
  let text = '';
  for (const byte of new Uint8Array(await response.arrayBuffer())) text += String.fromCharCode(byte);
  return text;
}

/** Puts the application's letters into a document, as the font "Shop". */
export async function addFonts(pdf: jsPDF): Promise<void> {
  for (const [file, style] of FONTS) {
    pdf.addFileToVFS(file, await fontText(file));
    pdf.addFont(file, 'Shop', style);
  }
}
