import { askEarly } from '../sync/early';
import { fitFrame } from './fit-frame';
import { keptPicture, showPicture, toldPicture } from './picture';

/** The fonts of the first page, and how long it waits for them: another font would be replaced, and lines would move. */
const FONTS = ['400 1em Shop', '600 1em Shop'];
const PATIENCE_MS = 1_500;

// Stands in the page itself, right after the frame, and runs before the first picture.
fitFrame(document, window.location.pathname, localStorage.getItem('pike-preferences'));
void askEarly();
const kept = keptPicture();
const told = kept ? null : toldPicture();
// A device that has been here has the fonts.
if (kept) showPicture(kept);
if (told) {
  const fonts = Promise.all(FONTS.map((font) => document.fonts.load(font)));
  const late = new Promise((go) => setTimeout(go, PATIENCE_MS));
  void Promise.race([fonts, late]).then(() => showPicture(told));
}
