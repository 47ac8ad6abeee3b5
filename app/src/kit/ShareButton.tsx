import { type StyleProp, type ViewStyle } from 'react-native';
import { create } from 'zustand';
import { Button } from './Button';
import { Panel } from './Panel';
import { TextBox } from './TextBox';
import { useUndo } from './Undo';

/** Whether the device has a way of sharing of its own. */
const canShare = (): boolean => typeof navigator.share === 'function';

/** The link that is shown to be copied: kept outside the pages, because turning a phone shows another of them. */
const useShownLink = create<{ readonly link: string | null }>()(() => ({ link: null }));

/** Gives the address of the page to the device's own way of sharing; without one it is copied, or shown to be copied. */
export function ShareButton({ title, style }: { title: string; style?: StyleProp<ViewStyle> }) {
  const { link } = useShownLink();
  const share = async () => {
    const address = window.location.href;
    if (canShare())
      // Whoever closes the device's panel wants nothing shared.
      return void navigator.share({ title, url: address }).catch(() => undefined);
    try {
      await navigator.clipboard.writeText(address);
      useUndo.getState().say('The link is copied: it opens this set-up');
    } catch {
      useShownLink.setState({ link: address });
    }
  };
  return (
    <>
      <Button
        label={canShare() ? 'Share' : 'Copy link'}
        says={canShare() ? 'Share a link to this set-up' : 'Copy link to this set-up'}
        onPress={() => void share()}
        style={style}
      />
      {link !== null && (
        <Panel title="Link to this set-up" onClose={() => useShownLink.setState({ link: null })}>
          <TextBox label="Copy this" value={link} onChange={() => undefined} lines={12} />
        </Panel>
      )}
    </>
  );
}
