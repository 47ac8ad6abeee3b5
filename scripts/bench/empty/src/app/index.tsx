import { Text, View } from 'react-native';

/** A page with one word: what the kit itself costs. */
export default function Page() {
  return (
    <View role="main">
      <Text>Empty</Text>
    </View>
  );
}
