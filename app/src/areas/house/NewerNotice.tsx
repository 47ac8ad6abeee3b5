import { useEffect } from 'react';
import { Button } from '../../kit/Button';
import { NewerIcon } from '../../kit/icons';
import { keepApplication, takeNewer, useKeptApplication } from './kept-application';
import { Notice } from './Notice';

/** Has the browser keep the application, and says when a newer one is there. It is taken when somebody says so. */
export function NewerNotice() {
  const newer = useKeptApplication((state) => state.newer);
  useEffect(() => void keepApplication().catch(() => undefined), []);
  if (!newer) return null;
  return (
    <Notice icon={NewerIcon} actions={<Button kind="plain" label="Take it" onPress={takeNewer} />}>
      A newer version is here. What you typed stays.
    </Notice>
  );
}
