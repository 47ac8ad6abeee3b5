import { askEarly } from '../sync/early';
import { fitFrame } from './fit-frame';

// Stands in the page itself, right after the frame, and runs before the first picture.
fitFrame(document, window.location.pathname, localStorage.getItem('pike-preferences'));
void askEarly();
