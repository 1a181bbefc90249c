import { useMemo } from "react";
import { z } from "zod";
import { asWritten, settingsWritten } from "@/answers/expose/picture-light";
import { markOf } from "@/answers/expose/rails";
import type { Settings } from "@/core/exposure";
import type { FieldSpec } from "../../forms/field-spec";
import { useFound } from "../../outing/use-outing";
import { RecordForm } from "../../forms/RecordForm";

const SPECS: readonly FieldSpec[] = [
  { kind: "shutter", key: "exposure", label: "Shutter" },
  { kind: "number", key: "fNumber", label: "Aperture, f/", min: 1, max: 64, decimals: 1 },
  { kind: "number", key: "iso", label: "ISO", min: 25, max: 819200, decimals: 0 },
  {
    kind: "number",
    key: "clicks",
    label: "Clicks off, − is too dark",
    hint: "A click is a third of a stop. 0 means it was right.",
    min: -30,
    max: 30,
    decimals: 0,
  },
];

const schema = z.object({
  exposure: z
    .number()
    .min(1 / 32000)
    .max(32),
  fNumber: z.number(),
  iso: z.number(),
  clicks: z.int(),
});

interface Props {
  readonly onKeep: (settings: Settings, clicks: number) => void;
  readonly onClose: () => void;
  /** What the button says that takes it. */
  readonly save?: string;
}

/** A test shot with any settings, and any number of clicks off. */
export function ReadingForm({ onKeep, onClose, save = "Save reading" }: Props) {
  const settings = useFound((found) => found.settings.settings);
  const record = useMemo(
    () => ({
      exposure: asWritten(settings).exposureTime,
      fNumber: markOf("aperture", settings.aperture),
      iso: markOf("iso", settings.iso),
      clicks: 0,
    }),
    [settings],
  );
  return (
    <RecordForm
      specs={SPECS}
      record={record}
      schema={schema}
      save={save}
      onCancel={onClose}
      onSave={({ exposure, fNumber, iso, clicks }) => {
        onKeep(settingsWritten(exposure, fNumber, iso), clicks);
        onClose();
      }}
    />
  );
}
