import { useRef } from "react";
import { Button } from "./Button";

interface Props {
  readonly label: string;
  /** What the file is, said of the field behind the button. */
  readonly says: string;
  /** Endings and types that are offered. */
  readonly accept: string;
  readonly onFile: (file: File) => void;
  readonly className?: string;
}

/** A button that asks for one file of the device. */
export function FileButton({ label, says, accept, onFile, className }: Props) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <Button label={label} className={className} onPress={() => input.current?.click()} />
      <input
        ref={input}
        type="file"
        accept={accept}
        aria-label={says}
        style={{ display: "none" }}
        onChange={({ target }) => {
          const file = target.files?.[0];
          // The same file can be chosen again.
          target.value = "";
          if (file) onFile(file);
        }}
      />
    </>
  );
}
