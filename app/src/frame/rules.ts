/** A rule of a style sheet of the kit: its selectors, and what it says. Each selector begins with a class. */
const RULE = /(\.(?:css|r)-[^{}]+)\{([^{}]*)\}/g;

/** The frame, and the part of it in which a picture of the page stands. */
export const FRAME = '#frame';
export const FRAME_MAIN = '#frame [role=main]';

/**
 * The rules of a style sheet for one part of the page alone. The application makes its own sheet anew, and the
 * two must not change each other's order.
 * @param part    its selector
 * @param isUsed  leaves out what no class of the part asks for; all are used without it
 */
export const rulesWithin = (
  part: string,
  styles: string,
  isUsed: (className: string) => boolean = () => true,
): string =>
  [...styles.matchAll(RULE)]
    .map(([, selectors = '', says = '']) => {
      const used = selectors
        .split(',')
        .map((one) => one.trim())
        .filter((one) => isUsed(/^\.([\w-]+)/.exec(one)?.[1] ?? ''));
      return used.length > 0 ? `${used.map((one) => `${part} ${one}`).join()}{${says}}` : '';
    })
    .join('');
