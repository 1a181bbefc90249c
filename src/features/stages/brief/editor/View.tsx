import { useEffect } from "react";
import { Dialog } from "@/ui/controls/Dialog";
import { Late } from "../../../layout/Late";
import { BagEditor } from "./BagEditor";
import { CautionEditor } from "./CautionEditor";
import { useBriefEditor, type Editing } from "./editing";

/** The forms come with their library, the catalogue and the search, when the first of them is opened. */
const loadForms = () => import("./forms");

const TITLES = {
  when: "When",
  where: "Name and place",
  access: "Who lets you in",
  shot: "The shot",
  "new-shot": "New shot",
} as const;

/** The one editor that is open. */
export function Editor() {
  const editing = useBriefEditor((s) => s.editing);
  const close = useBriefEditor((s) => s.close);
  useEffect(() => close, [close]);
  if (!editing) return null;
  if (editing === "bag") return <BagEditor onClose={close} />;
  if (editing === "cautions") return <CautionEditor onClose={close} />;
  return (
    <Dialog title={TITLES[typeof editing === "string" ? editing : "shot"]} open onClose={close}>
      <Form editing={editing} onClose={close} />
    </Dialog>
  );
}

type OfForm = Exclude<Editing, "bag" | "cautions">;

function Form({ editing, onClose }: { editing: OfForm; onClose: () => void }) {
  return (
    <Late load={loadForms} waiting="One moment">
      {({ WhenForm, PlaceForm, AccessForm, ShotForm }) => {
        if (editing === "when") return <WhenForm onClose={onClose} />;
        if (editing === "where") return <PlaceForm onClose={onClose} />;
        if (editing === "access") return <AccessForm onClose={onClose} />;
        const shotId = editing === "new-shot" ? undefined : editing.shotId;
        return <ShotForm shotId={shotId} onClose={onClose} />;
      }}
    </Late>
  );
}
