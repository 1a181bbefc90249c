import type { ReactNode } from "react";
import { View } from "react-native";
import { useRouter } from "expo-router";
import { Button } from "@/ui/controls/Button";
import { Guard } from "../layout/Guard";
import { Message } from "@/ui/controls/Message";
import { faultWords } from "@/words";
import { downloadText } from "../store/file-transfer";
import { usePreferences } from "../store/preferences";
import { useKit } from "../store/kit";
import { useOuting } from "../store/outings";
import { OutingProvider } from "../outing/OutingProvider";
import { PositionSearchProvider } from "./ground/position-search";

/** Opens an outing for its stages, or says why it cannot be opened and shows the way back. */
export function OutingShell({ id, children }: { id: string; children: ReactNode }) {
  const outing = useOuting(id);
  const kit = useKit();
  const preferences = usePreferences();
  if (outing.isPending || kit.isPending) return <Message title="Opening the outing" />;
  if (!outing.data?.ok) {
    const trouble = outing.data;
    if (trouble?.reason === "unreadable")
      return (
        <WayBack
          title="This outing cannot be read"
          body={trouble.unreadable.faults.slice(0, 3).map(faultWords).join("\n")}
        >
          <Button
            label="Export what is stored"
            onPress={() => downloadText(`${id}.damaged.json`, trouble.unreadable.raw)}
          />
        </WayBack>
      );
    return (
      <WayBack
        title="There is no such outing here"
        body={`Nothing is stored under “${id}” in this browser.`}
      />
    );
  }
  if (!kit.data?.ok)
    return (
      <WayBack
        title="The kit cannot be read"
        body="Open an outing’s file under Outings to bring its kit back."
      />
    );
  return (
    <Guard
      name={outing.data.value.name}
      more={<Leave id={id} raw={JSON.stringify(outing.data.value, null, 2)} />}
    >
      <OutingProvider outing={outing.data.value} kit={kit.data.value} preferences={preferences}>
        <PositionSearchProvider>{children}</PositionSearchProvider>
      </OutingProvider>
    </Guard>
  );
}

/** The record as a file, and the way back to the rest of the application. */
function Leave({ id, raw }: { id: string; raw: string }) {
  const router = useRouter();
  return (
    <>
      <Button label="Export what is stored" onPress={() => downloadText(`${id}.stored.json`, raw)} />
      <Button label="Back to outings" kind="filled" onPress={() => router.replace("/outings")} />
    </>
  );
}

function WayBack({ title, body, children }: { title: string; body: string; children?: ReactNode }) {
  const router = useRouter();
  return (
    <View role="main" className="flex-1 justify-center bg-paper">
      <Message title={title} body={body}>
        <View className="mt-3 flex-row flex-wrap gap-2">
          {children}
          <Button label="Back to outings" kind="filled" onPress={() => router.replace("/outings")} />
        </View>
      </Message>
    </View>
  );
}
