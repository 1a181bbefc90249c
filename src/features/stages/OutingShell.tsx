import type { ReactNode } from "react";
import { View } from "react-native";
import { useRouter } from "expo-router";
import { EMPTY_LIBRARY, type Unreadable } from "@/data";
import { Button } from "@/ui/controls/Button";
import { Guard } from "../layout/Guard";
import { Late } from "../layout/Late";
import { UnreadableRecord } from "../layout/UnreadableRecord";
import { Message } from "@/ui/controls/Message";
import { downloadText } from "../store/file-transfer";
import { usePreferences } from "../store/preferences";
import { useKit } from "../store/kit";
import { useOwnLibrary } from "../store/library";
import { useMendBroken, useOuting } from "../store/outings";
import { OutingProvider } from "../outing/OutingProvider";
import { CallsHere } from "./run/next/CallsHere";
import { PositionSearchProvider } from "./ground/other-positions/position-search";

/** Opens an outing for its stages, or says why it cannot be opened and shows the way back. */
export function OutingShell({ id, children }: { id: string; children: ReactNode }) {
  const outing = useOuting(id);
  const kit = useKit();
  const preferences = usePreferences();
  const { own = EMPTY_LIBRARY } = useOwnLibrary();
  if (outing.isPending || kit.isPending) return <Message title="Opening the outing" />;
  if (!outing.data?.ok) {
    const trouble = outing.data;
    if (trouble?.reason === "unreadable") return <Broken id={id} stored={trouble.unreadable} />;
    return (
      <WayBack
        title="There is no such outing here"
        body={`Nothing is stored under “${id}” in this browser.`}
      />
    );
  }
  if (!kit.data?.ok) {
    if (kit.data?.reason === "unreadable")
      return (
        <WayBack>
          <UnreadableRecord name="kit" stored={kit.data.unreadable} />
        </WayBack>
      );
    return (
      <WayBack
        title="There is no kit here"
        body="Open Kit from the list of outings, and put something in it."
      />
    );
  }
  return (
    <Guard
      name={outing.data.value.name}
      more={<Leave id={id} raw={JSON.stringify(outing.data.value, null, 2)} />}
    >
      <OutingProvider outing={outing.data.value} kit={kit.data.value} preferences={preferences} library={own}>
        <CallsHere />
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

const loadUnreadable = async () => (await import("../layout/Unreadable")).Unreadable;

/** The outing as it is stored and cannot be read. */
function Broken({ id, stored }: { id: string; stored: Unreadable }) {
  const { keep, remove } = useMendBroken();
  return (
    <WayBack>
      <Late load={loadUnreadable} waiting="One moment">
        {(View) => (
          <View
            kind="outing"
            title="This outing cannot be read"
            stored={stored}
            onKeep={(outing) => keep({ ...outing, id })}
            onRemove={() => remove(id)}
          />
        )}
      </Late>
    </WayBack>
  );
}

interface WayBackProps {
  readonly title?: string;
  readonly body?: string;
  readonly children?: ReactNode;
}

/** What stands in the way of an outing, and the way back to the list. */
function WayBack({ title, body, children }: WayBackProps) {
  const router = useRouter();
  return (
    <View role="main" className="flex-1 justify-center gap-3 bg-paper">
      {title && <Message title={title} body={body} />}
      {children}
      <View className="flex-row px-5">
        <Button label="Back to outings" kind="filled" onPress={() => router.replace("/outings")} />
      </View>
    </View>
  );
}
