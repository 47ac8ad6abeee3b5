import type { FramePage } from './pages';

/**
 * Fits the frame to the page that is opened, before anything is drawn: its heading, the place it belongs to
 * and the theme of this device. It stands in the page as text, so it uses nothing from outside itself.
 */
export function fitFrame(pages: readonly FramePage[], document: Document, path: string, kept: string | null) {
  const root = document.documentElement;
  try {
    const theme: unknown = JSON.parse(kept ?? '{}').state?.theme;
    if (theme === 'light' || theme === 'dark') root.dataset['theme'] = theme;
  } catch {
    // What cannot be read is no choice: the device's theme stays.
  }
  const page = pages.find((one) => new RegExp(one.path).test(path));
  const marks = [page?.under && 'under', page?.about && 'about', page?.bare && 'bare'];
  root.dataset['frame'] = marks.filter(Boolean).join(' ');
  const heading = document.querySelector('#frame h1');
  if (heading && page?.title) heading.textContent = page.title;
  else heading?.remove();
  for (const link of document.querySelectorAll<HTMLAnchorElement>('#frame a')) {
    const to = link.getAttribute('href') as string;
    if (to === '/' ? path === '/' : path.startsWith(to)) link.setAttribute('aria-current', 'page');
  }
}
