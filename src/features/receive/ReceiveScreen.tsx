import { useRouter } from "expo-router";
import { useEffect, useState } from "react";
import { Message } from "@/ui/controls/Message";
import { HomeFrame } from "../layout/HomeFrame";
import { Late } from "../layout/Late";
import { received, type Received } from "../handover/link";

/** The queue of files that a system opens with an installed application (W3C, a draft; absent in most browsers). */
interface LaunchQueue {
  readonly setConsumer: (
    take: (launched: { readonly files: readonly { readonly getFile: () => Promise<File> }[] }) => void,
  ) => void;
}

const loadImportDialog = async () => (await import("../outings/ImportDialog")).ImportDialog;

const WHY_NOT: Readonly<Record<Exclude<Received, { ok: true }>["reason"], string>> = {
  nothing: "This link carries no outing. Scan the code again.",
  damaged: "The link is damaged or was cut short. Scan the code again.",
  "too-large": "What this link carries is larger than any outing. It was not opened.",
  gone: "It is gone: it was fetched before, or its ten minutes are over. Hand it over again.",
};

/** What a code brought: shown with what it would do, kept when it is said. Then nothing of it stays in the address. */
export function ReceiveScreen() {
  const [found, setFound] = useState<Received>();
  const [file, setFile] = useState<File>();
  const router = useRouter();
  // A file that the system opens with this application comes by its own queue.
  useEffect(() => {
    const { launchQueue } = window as { launchQueue?: LaunchQueue };
    launchQueue?.setConsumer(({ files: [handle] }) => void handle?.getFile().then(setFile));
  }, []);
  useEffect(() => {
    let current = true;
    void received(window.location.hash).then((came) => {
      if (!current) return;
      setFound(came);
      if (came.ok) setFile(new File([came.text], "handed-over.outing.json", { type: "application/json" }));
    });
    return () => {
      current = false;
    };
  }, []);
  const close = (): void => {
    window.history.replaceState(null, "", window.location.pathname);
    setFile(undefined);
    router.replace("/outings");
  };
  return (
    <HomeFrame place="outings" title="Handed over">
      {!found && <Message title="One moment" />}
      {found && !found.ok && !file && (
        <Message tone="danger" title="Nothing to open" body={WHY_NOT[found.reason]} />
      )}
      {file && (
        <Late load={loadImportDialog} waiting="One moment">
          {(ImportDialog) => <ImportDialog file={file} onClose={close} />}
        </Late>
      )}
    </HomeFrame>
  );
}
