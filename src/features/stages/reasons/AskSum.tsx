import { useState, type ReactNode } from "react";
import { Pressable } from "react-native";
import { Dialog } from "@/ui/controls/Dialog";
import { Late } from "../../layout/Late";
import type { At, Pressed } from "./pressed";

const loadSum = async () => (await import("./Sum")).Sum;

interface Props {
  readonly of: Pressed;
  /** The picture that it is of, or where it is taken; that in hand where it is left out. */
  readonly where?: At;
  /** What the figure is called, at the head of its sum. */
  readonly title: string;
  /** What a screen reader says of it: its name and its value. */
  readonly says: string;
  readonly className?: string;
  /** Whether Tab stops there; of a table only what is chosen does, the rest is left to the finger. */
  readonly byTab?: boolean;
  readonly children: ReactNode;
}

/** A figure that a press opens to its sum. */
export function AskSum(props: Props) {
  const { of, where, title, says, className = "min-h-12 justify-center", byTab = true, children } = props;
  const [open, setOpen] = useState(false);
  return (
    <>
      <Pressable
        role="button"
        aria-label={says}
        aria-haspopup="dialog"
        tabIndex={byTab ? 0 : -1}
        onPress={() => setOpen(true)}
        className={`active:opacity-70 ${className}`}
      >
        {children}
      </Pressable>
      {open && (
        <Dialog title={title} open onClose={() => setOpen(false)}>
          <Late load={loadSum} waiting="One moment">
            {(Sum) => <Sum of={of} where={where} title={title} />}
          </Late>
        </Dialog>
      )}
    </>
  );
}
