import { useRouter } from "expo-router";
import { View } from "react-native";
import { Button } from "@/ui/controls/Button";
import { Message } from "@/ui/controls/Message";

/** A link that leads nowhere shows the way back. */
export function NotFoundScreen({ address }: { address: string }) {
  const router = useRouter();
  return (
    <View role="main" className="flex-1 justify-center bg-paper">
      <Message
        title="This link leads nowhere"
        body={`There is no page at ${address}. Your outings are all under Outings.`}
      >
        <View className="mt-3 flex-row">
          <Button label="Back to outings" kind="filled" onPress={() => router.replace("/outings")} />
        </View>
      </Message>
    </View>
  );
}
