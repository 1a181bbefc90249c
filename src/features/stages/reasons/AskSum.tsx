import { useState, type ReactNode } from "react";
import { Pressable } from "react-native";
import type { Explained } from "@/answers/explain/explain";
import type { Figure } from "@/answers/explain/figure";
import { Dialog } from "@/ui/controls/Dialog";
import { Late } from "../../layout/Late";

const loadSum = async () => (await import("./Sum")).Sum;

interface Props {
  /** A figure of the shot in hand by its name, or any other as it is worked out. */
  readonly of: Explained | (() => Figure);
  /** The id of the position that it is from; that in hand where it is left out. */
  readonly from?: string;
  /** What the figure is called, at the head of its sum. */
  readonly title: string;
  /** What a screen reader says of it: its name and its value. */
  readonly says: string;
  readonly className?: string;
  readonly children: ReactNode;
}

/** A figure that a press opens to its sum. */
export function AskSum({ of, from, title, says, className = "", children }: Props) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Pressable
        role="button"
        aria-label={says}
        aria-haspopup="dialog"
        onPress={() => setOpen(true)}
        className={`active:opacity-70 ${className}`}
      >
        {children}
      </Pressable>
      <Dialog title={title} open={open} onClose={() => setOpen(false)}>
        {open && (
          <Late load={loadSum} waiting="One moment">
            {(Sum) => <Sum of={of} from={from} title={title} />}
          </Late>
        )}
      </Dialog>
    </>
  );
}
