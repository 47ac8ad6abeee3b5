import { useState } from 'react';
import { pickJpeg } from '../../../data/pick-jpeg';
import { usePhoto } from '../../../data/photos';
import { Button } from '../../../kit/Button';
import { PhotoBox } from '../../../kit/PhotoBox';

/** A photo of chip, edge or work, kept with the cut; without `onTaken` it is only shown. */
export function CutPhoto({ id, isThere, onTaken }: { id: string; isThere: boolean; onTaken?: () => void }) {
  const { uri, put } = usePhoto(id, isThere);
  const [fault, setFault] = useState<string | null>(null);
  const take = async () => {
    const picked = await pickJpeg();
    if (!picked) return;
    if ('fault' in picked) return setFault(picked.fault);
    const result = await put(picked.jpeg);
    if ('refusal' in result) return setFault(result.refusal.message);
    setFault(null);
    onTaken?.();
  };
  if (!uri && !onTaken) return null;
  return (
    <PhotoBox uri={uri} says="Photo of the cut" fault={fault}>
      {onTaken && <Button label={uri ? 'Another photo' : 'Add a photo'} onPress={() => void take()} />}
    </PhotoBox>
  );
}
