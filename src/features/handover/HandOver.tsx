import { useEffect, useState } from "react";
import { View } from "react-native";
import type { OutingFile } from "@/data/files";
import { fileNameOf } from "@/data";
import type { Leaving } from "@/outing/leaving/choice";
import { Button } from "@/ui/controls/Button";
import { Dialog } from "@/ui/controls/Dialog";
import { Message } from "@/ui/controls/Message";
import { Txt } from "@/ui/controls/Txt";
import { outingText } from "../store/outing-file";
import { Code } from "./Code";
import { linkFor, type Link } from "./link";

interface Props {
  readonly file: OutingFile;
  readonly leaving: Leaving;
  readonly onClose: () => void;
}

const WHY_NOT: Readonly<Record<Exclude<Link, { ok: true }>["reason"], string>> = {
  "this-machine-alone":
    "This server listens on this machine alone, so a phone cannot reach it. Start it with HOST=0.0.0.0, or carry the file.",
  "too-large":
    "This outing is larger than a code holds. Start the server with HANDOVER=1 to let it lie there for one fetch, or carry the file.",
  "no-room":
    "The server has no room for it just now, or cannot be reached. Try again in ten minutes, or carry the file.",
};

const CODE = 320;

/** An outing onto a phone: a code for its camera, or the file where there is none. */
export function HandOver({ file, leaving, onClose }: Props) {
  const [text, setText] = useState<string>();
  const [link, setLink] = useState<Link>();
  useEffect(() => {
    let current = true;
    void (async () => {
      const written = await outingText(file, leaving);
      const made = await linkFor(written);
      if (!current) return;
      setText(written);
      setLink(made);
    })();
    return () => {
      current = false;
    };
  }, [file, leaving]);
  return (
    <Dialog title="Onto the phone" open onClose={onClose}>
      {!link && <Message title="One moment" />}
      {link?.ok && <Shown link={link} />}
      {link && !link.ok && <Txt>{WHY_NOT[link.reason]}</Txt>}
      {text && <ShareFile name={fileNameOf(file.outing, "outing.json")} text={text} />}
    </Dialog>
  );
}

function Shown({ link }: { link: Extract<Link, { ok: true }> }) {
  return (
    <View className="gap-3">
      <View className="items-center">
        <Code text={link.href} size={CODE} />
      </View>
      <Txt>
        Point the phone’s own camera at it and open the link. It shows the outing and asks before it keeps it.
      </Txt>
      <Button label="Copy the link" onPress={() => void navigator.clipboard?.writeText(link.href)} />
      {link.kind === "whole" ? (
        <Txt tone="ink2">The outing is in the code itself: nothing is sent to anybody.</Txt>
      ) : (
        <Txt tone="ink2">
          {`It lies on this server for ${link.minutes} minutes and is gone with the first fetch.${link.isPlain ? " On plain http anybody on this network could read it." : ""}`}
        </Txt>
      )}
    </View>
  );
}

/** Gives the file to whatever the device has to pass files on; absent where it has nothing. */
function ShareFile({ name, text }: { name: string; text: string }) {
  const shared = { files: [new File([text], name, { type: "application/json" })] };
  if (!("canShare" in navigator) || !navigator.canShare(shared)) return null;
  return (
    <Button label="Share the file" onPress={() => void navigator.share(shared).catch(() => undefined)} />
  );
}
