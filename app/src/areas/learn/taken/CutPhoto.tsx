import { useState } from 'react';
import { Image, View } from 'react-native';
import { pickJpeg } from '../../../data/pick-jpeg';
import { usePhoto } from '../../../data/photos';
import { Button } from '../../../kit/Button';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';

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
    <View style={styles.box}>
      {uri && (
        <Image
          source={{ uri }}
          style={styles.photo}
          resizeMode="contain"
          accessibilityLabel="Photo of the cut"
        />
      )}
      {fault && <Words role="fault">{fault}</Words>}
      {onTaken && <Button label={uri ? 'Another photo' : 'Add a photo'} onPress={() => void take()} />}
    </View>
  );
}

const styles = sheet({ box: { gap: SPACE.close }, photo: { width: '100%', height: 220 } });
