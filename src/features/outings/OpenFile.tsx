import { useState } from "react";
import { FileButton } from "@/ui/controls/FileButton";
import { Late } from "../layout/Late";

const loadImportDialog = async () => (await import("./ImportDialog")).ImportDialog;

/** Opens a file of ours: what it would do is shown before anything is done. */
export function OpenFile() {
  const [file, setFile] = useState<File>();
  return (
    <>
      <FileButton
        label="Open a file"
        says="Outing file"
        accept=".json,application/json"
        className="h-14"
        onFile={setFile}
      />
      {file && (
        <Late load={loadImportDialog} waiting="One moment">
          {(ImportDialog) => <ImportDialog file={file} onClose={() => setFile(undefined)} />}
        </Late>
      )}
    </>
  );
}
