import { FORM_SOURCES } from '@pike-stone/core/form';
import { SOURCE_WORDS } from '@pike-stone/words/form';
import { Panel } from '../../kit/Panel';
import { Row } from '../../kit/Row';
import { freshForm } from './fresh-form';
import { useOpenForm } from './use-form';

/** What a form can be begun from: it is kept at once, and opened to be changed. */
export function NewForm({ onClose }: { onClose: () => void }) {
  const open = useOpenForm();
  return (
    <Panel title="Start a form from" onClose={onClose}>
      {FORM_SOURCES.map((kind) => (
        <Row
          key={kind}
          title={SOURCE_WORDS[kind].name}
          about={SOURCE_WORDS[kind].about}
          onPress={() => {
            onClose();
            open(freshForm(kind));
          }}
        />
      ))}
    </Panel>
  );
}
