import type { Outing } from "@/data";
import { Dialog } from "@/ui/controls/Dialog";
import { OutingActions } from "../outing/OutingActions";
import { useKit } from "../store/kit";
import { usePreferences } from "../store/preferences";

/** What can be done with an outing without opening it. */
export function MoreAbout({ outing, onClose }: { outing: Outing; onClose: () => void }) {
  const kit = useKit();
  const preferences = usePreferences();
  return (
    <Dialog title={outing.name} open onClose={onClose}>
      <OutingActions
        outing={outing}
        kit={kit.data?.ok ? kit.data.value : undefined}
        preferences={preferences}
        onDone={onClose}
      />
    </Dialog>
  );
}
