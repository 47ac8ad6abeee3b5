import type { SetAside } from '@pike-stone/contract';
import { Words } from '../../kit/Words';
import { sheet } from '../../theme/sheet';
import { SPACE } from '../../theme/type';

const SHOWN = 3;

/** Says which records of a list could not be read; the others are shown as always. */
export function SetAsideNote({ aside }: { readonly aside: readonly SetAside[] }) {
  if (aside.length === 0) return null;
  const named = aside.slice(0, SHOWN).map(({ id }) => id);
  const others = aside.length - named.length;
  return (
    <Words role="fault" style={styles.note}>
      {`Not as this application knows it, and left out here: ${named.join(', ')}${others > 0 ? ` and ${others} more` : ''}. It is kept at the shop’s computer as it is.`}
    </Words>
  );
}

const styles = sheet({ note: { paddingHorizontal: SPACE.edge } });
