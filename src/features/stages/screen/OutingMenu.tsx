import { Dialog } from "@/ui/controls/Dialog";
import { Txt } from "@/ui/controls/Txt";
import { bearingWords, coordinatesWords, dateWords, timeWords } from "@/words";
import { OutingActions } from "../../outing/OutingActions";
import { useOuting } from "../../outing/use-outing";

/** The outing as a thing: its facts, its file, its end. */
export function OutingMenu({ open, onClose }: { open: boolean; onClose: () => void }) {
  const outing = useOuting((v) => v.outing);
  const kit = useOuting((v) => v.kit);
  const preferences = useOuting((v) => v.preferences);
  const { anchor, venue } = outing.ground;
  return (
    <Dialog title={outing.name} open={open} onClose={onClose}>
      <Txt>{`${outing.sport}. ${dateWords(outing.date)} ${outing.date.slice(0, 4)}, ${timeWords(outing.from)} to ${timeWords(outing.until)}, start ${timeWords(outing.starts)}.`}</Txt>
      <Txt tone="ink2">
        {`${outing.place}, ${coordinatesWords(anchor.latitude, anchor.longitude)}, ${outing.zone}. The ground points to ${bearingWords(venue.bearing)}.`}
      </Txt>
      <OutingActions outing={outing} kit={kit} preferences={preferences} onDone={onClose} />
    </Dialog>
  );
}
