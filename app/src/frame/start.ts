import { askEarly } from '../sync/early';
import { fitFrame } from './fit-frame';
import { keptPicture, showPicture } from './picture';

// Stands in the page itself, right after the frame, and runs before the first picture.
fitFrame(document, window.location.pathname, localStorage.getItem('pike-preferences'));
void askEarly();
const picture = keptPicture();
if (picture) showPicture(picture);
