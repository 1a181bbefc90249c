import { useRef, useState } from "react";
import { Button } from "@/ui/controls/Button";
import { Late } from "../layout/Late";

const loadImportDialog = async () => (await import("./ImportDialog")).ImportDialog;

/** Opens a file of ours: what it would do is shown before anything is done. */
export function OpenFile() {
  const input = useRef<HTMLInputElement>(null);
  const [file, setFile] = useState<File>();
  return (
    <>
      <Button label="Open a file" className="h-14" onPress={() => input.current?.click()} />
      <input
        ref={input}
        type="file"
        accept=".json,application/json"
        aria-label="Outing file"
        style={{ display: "none" }}
        onChange={({ target }) => {
          setFile(target.files?.[0]);
          // The same file can be chosen again.
          target.value = "";
        }}
      />
      {file && (
        <Late load={loadImportDialog} waiting="One moment">
          {(ImportDialog) => <ImportDialog file={file} onClose={() => setFile(undefined)} />}
        </Late>
      )}
    </>
  );
}
