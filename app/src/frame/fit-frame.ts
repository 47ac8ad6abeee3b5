import { isAt, type PlaceHref } from '../kit/places';
import { framePage } from './pages';

/**
 * Fits the frame to the page that is opened, before anything is drawn: its heading, the place it belongs to
 * and the theme of this device.
 * @param kept  what this device keeps of a person's preferences, as text; null when nothing
 */
export function fitFrame(document: Document, path: string, kept: string | null): void {
  const root = document.documentElement;
  try {
    const theme: unknown = JSON.parse(kept ?? '{}').state?.theme;
    if (theme === 'light' || theme === 'dark') root.dataset['theme'] = theme;
  } catch {
    // What cannot be read is no choice: the device's theme stays.
  }
  const page = framePage(path);
  const marks = [page?.under && 'under', page?.about && 'about', page?.bare && 'bare'];
  root.dataset['frame'] = marks.filter(Boolean).join(' ');
  const heading = document.querySelector('#frame h1');
  if (heading && page?.title) heading.textContent = page.title;
  else heading?.remove();
  for (const link of document.querySelectorAll<HTMLAnchorElement>('#frame a')) {
    if (isAt(link.getAttribute('href') as PlaceHref, path)) link.setAttribute('aria-current', 'page');
  }
}
