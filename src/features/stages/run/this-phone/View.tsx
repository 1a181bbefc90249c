import { useState } from "react";
import { View } from "react-native";
import { CheckRow } from "@/ui/controls/CheckRow";
import { Txt } from "@/ui/controls/Txt";
import { absentSentence } from "@/words/device";
import { useAwake } from "../../../device/awake";
import type { Absent } from "@/words/device";
import { useDevice } from "../../../device/use-device";
import { useOuting } from "../../../outing/use-outing";
import { useSignals } from "./signals";

type Troubles = Partial<Record<"vibration" | "tone" | "notice", Absent>>;

/** What the phone does by itself on the day: stays on, shakes, sounds. Each is tried when it is switched on. */
export function ThisPhone() {
  const device = useDevice();
  const inHide = useOuting(({ outing }) => outing.kind === "wild");
  const awake = useAwake();
  const { vibrates, sounds, notices, set } = useSignals();
  const [troubles, setTroubles] = useState<Troubles>({});
  const vibration = (on: boolean): void => {
    const done = on ? device.vibrate([150]) : ({ ok: true } as const);
    setTroubles({ ...troubles, vibration: done.ok ? undefined : done.reason });
    set({ vibrates: on && done.ok });
  };
  const tone = async (on: boolean): Promise<void> => {
    const done = on ? await device.tone() : ({ ok: true } as const);
    setTroubles({ ...troubles, tone: done.ok ? undefined : done.reason });
    set({ sounds: on && done.ok });
  };
  const notice = async (on: boolean): Promise<void> => {
    const done = on ? await device.mayNotify() : ({ ok: true } as const);
    setTroubles({ ...troubles, notice: done.ok ? undefined : done.reason });
    set({ notices: on && done.ok });
  };
  return (
    <View className="gap-1">
      <CheckRow
        title="Keep the screen on"
        detail="It takes battery: let it go when you have time."
        checked={awake.release !== undefined}
        onChange={(on) => void awake.set(device, on)}
      />
      {awake.absent && <Txt tone="bracken">{absentSentence("awake", awake.absent)}</Txt>}
      <CheckRow
        title="Vibrate at calls"
        detail="And when it is time to leave for the next."
        checked={vibrates}
        onChange={vibration}
      />
      {troubles.vibration && <Txt tone="bracken">{absentSentence("vibration", troubles.vibration)}</Txt>}
      {inHide ? (
        <Txt tone="ink2">No tone in a hide: calls shake and are told, and nothing sounds.</Txt>
      ) : (
        <CheckRow
          title="Quiet tone at calls"
          detail="Never in the hide light. Not where a start or a serve could be disturbed."
          checked={sounds}
          onChange={(on) => void tone(on)}
        />
      )}
      {troubles.tone && <Txt tone="bracken">{absentSentence("tone", troubles.tone)}</Txt>}
      <CheckRow
        title="Notices of calls"
        detail="While this page is open behind another or the lock screen, up to a minute late, and only as long as the phone lets it run: do not rely on them alone. Without a sound in a hide. Nothing comes once the page is closed."
        checked={notices}
        onChange={(on) => void notice(on)}
      />
      {troubles.notice && <Txt tone="bracken">{absentSentence("notice", troubles.notice)}</Txt>}
      <Txt size={14} tone="ink2">
        On the card: swipe the settings for the next shot, the title for the next position; the lock at its
        right is against gloves and rain.
      </Txt>
    </View>
  );
}
