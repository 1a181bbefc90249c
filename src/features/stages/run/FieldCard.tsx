import LockIcon from "lucide-react-native/icons/lock";
import TagIcon from "lucide-react-native/icons/tag";
import { useState } from "react";
import { View } from "react-native";
import { useShallow } from "zustand/react/shallow";
import type { Rail } from "@/core/exposure";
import type { Assessment } from "@/core/judge";
import { Txt } from "@/ui/controls/Txt";
import { useLayout } from "@/ui/layout/use-layout";
import { useSwipe } from "@/ui/layout/use-swipe";
import { IconButton } from "@/ui/controls/Button";
import { Dialog } from "@/ui/controls/Dialog";
import { useTokens } from "@/ui/theme/theme";
import { apertureWords, compensationWords, isoNumberWords, shutterWords, stopsNoun } from "@/words";
import { Late } from "../../layout/Late";
import { useFound, useOuting } from "../../outing/use-outing";
import { withPicture } from "../screen/panel";
import { automaticOf } from "../shot/automatic";
import { NoPicture, ShotInHand } from "../shot/ShotInHand";
import { shotsOfOtherBodies, useBodies } from "./day/bodies";
import { useNext } from "../shot/use-next";

const loadLocked = async () => (await import("./day/Locked")).Locked;
const loadTwoCards = async () => (await import("./day/TwoCards")).TwoCards;
const loadTagPad = async () => (await import("./tags/TagPad")).TagPad;

/** The field card: the shot, and the three settings as large as the screen allows; those of two bodies side by side. */
export function FieldCard() {
  const picture = useOuting(withPicture);
  const others = useOuting(useShallow(shotsOfOtherBodies));
  const second = useBodies((s) => s.second)[useOuting((v) => v.outing.id)];
  const { ink } = useTokens();
  const next = useNext();
  const { columns } = useLayout();
  const [tagging, setTagging] = useState(false);
  const [locked, setLocked] = useState(false);
  const two = others.some((s) => s.id === second);
  return (
    <View>
      <View className="flex-row items-center" {...useSwipe(next.position)}>
        <View className="min-w-0 flex-1">
          <ShotInHand />
        </View>
        {!columns && (
          <IconButton label="Who was that? Tag it" onPress={() => setTagging(true)}>
            <TagIcon size={24} color={ink} />
          </IconButton>
        )}
        <IconButton label="Lock the card" onPress={() => setLocked(true)} className="-mr-2">
          <LockIcon size={22} color={ink} />
        </IconButton>
      </View>
      <View {...useSwipe(next.shot)}>
        {!picture && <NoPicture />}
        {picture && !two && <Settings />}
        {picture && two && (
          <Late load={loadTwoCards} waiting="One moment">
            {(TwoCards) => <TwoCards secondId={second!} />}
          </Late>
        )}
      </View>
      <Dialog title="Who was that?" open={tagging} onClose={() => setTagging(false)}>
        {tagging && (
          <Late load={loadTagPad} waiting="One moment">
            {(TagPad) => <TagPad />}
          </Late>
        )}
      </Dialog>
      {locked && (
        <Late load={loadLocked} waiting="One moment">
          {(Locked) => <Locked onUnlock={() => setLocked(false)} />}
        </Late>
      )}
    </View>
  );
}

function Settings() {
  const { settings, rails, taken } = useFound((f) => f.settings);
  const chosen = useOuting((v) => automaticOf(v)?.iso);
  const automatic = useOuting((v) => v.choice.automatic);
  return (
    <>
      <CardLine value={shutterWords(settings.shutter)} name="shutter" rail="shutter" {...{ rails, taken }} />
      <CardLine
        value={apertureWords(settings.aperture)}
        name="aperture"
        rail="aperture"
        {...{ rails, taken }}
      />
      <CardLine
        value={isoNumberWords(chosen ?? settings.iso)}
        name={automatic ? "auto ISO" : "ISO"}
        rail="iso"
        says={automatic ? compensationWords(automatic.compensation) : ""}
        {...{ rails, taken }}
      />
    </>
  );
}

interface LineProps extends Pick<Assessment["settings"], "rails" | "taken"> {
  readonly value: string;
  readonly name: string;
  readonly rail: Rail;
  /** What else belongs to it. */
  readonly says?: string;
}

/** One setting, as large as the card allows, with what was done to it. */
function CardLine({ value, name, rail, says = "", rails, taken }: LineProps) {
  const { low } = useLayout();
  const lift = taken.find((t) => t.kind === "lift");
  const given = taken.find((t) => t.kind === rail);
  const note = [
    says,
    rails[rail].locked ? "held" : "",
    given ? `${stopsNoun(given.clicks)} given up` : "",
    rail === "iso" && lift ? `${stopsNoun(lift.clicks)} to push in post` : "",
  ].filter(Boolean);
  const past = rails[rail].standing !== "inside";
  return (
    <View
      className={`flex-row items-center justify-between border-b border-line ${low ? "min-h-[64px]" : "min-h-[92px]"}`}
      aria-label={`${name} ${value}`}
    >
      <Txt size={low ? 56 : 64} weight={700} tone={past && !given ? "bracken" : "ink"}>
        {value}
      </Txt>
      <View className="shrink items-end">
        <Txt tone="ink2">{name}</Txt>
        {note.map((words) => (
          <Txt key={words} size={14} tone="ink2" className="text-right">
            {words}
          </Txt>
        ))}
      </View>
    </View>
  );
}
