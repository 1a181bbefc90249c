import { Dialog } from "@/ui/controls/Dialog";
import { Txt } from "@/ui/controls/Txt";
import { bearingWords, coordinatesWords, dateWords, timeWords } from "@/words";
import { OutingActions } from "../shoots/OutingActions";
import { useOuting } from "./outing-context";

/** The outing as a thing: its facts, its file, its end. */
export function OutingMenu({ open, onClose }: { open: boolean; onClose: () => void }) {
  const { shoot, kit, preferences } = useOuting();
  const { anchor, venue } = shoot.ground;
  return (
    <Dialog title={shoot.name} open={open} onClose={onClose}>
      <Txt>{`${shoot.sport}. ${dateWords(shoot.date)} ${shoot.date.slice(0, 4)}, ${timeWords(shoot.from)} to ${timeWords(shoot.until)}, start ${timeWords(shoot.starts)}.`}</Txt>
      <Txt tone="ink2">
        {`${shoot.place}, ${coordinatesWords(anchor.latitude, anchor.longitude)}, ${shoot.zone}. The ground points to ${bearingWords(venue.bearing)}.`}
      </Txt>
      <OutingActions shoot={shoot} kit={kit} preferences={preferences} onDone={onClose} />
    </Dialog>
  );
}
