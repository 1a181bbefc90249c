import { View } from "react-native";
import type { Assessment } from "@/core/judge";
import { choiceOf } from "@/data";
import type { OutingView } from "@/outing/outing-view";
import { Txt } from "@/ui/controls/Txt";
import { apertureWords, isoNumberWords, noPictureSentence, shutterWords } from "@/words";
import { useFound, useOuting } from "../../../outing/use-outing";

/** The cards of two bodies side by side, each under what it hangs ready for. */
export function TwoCards({ secondId }: { secondId: string }) {
  const first = useFound((f) => f);
  const shot = useOuting((v) => v.shot.name);
  const second = useOuting((v) => v.besides(secondId));
  const name = useOuting((v) => v.outing.shots.find((s) => s.id === secondId)?.name ?? "");
  const firstBody = useOuting((v) => bodyOf(v, v.shot.id));
  const secondBody = useOuting((v) => bodyOf(v, secondId));
  return (
    <View className="flex-row gap-3">
      <Card title={shot} body={firstBody} found={first} />
      <View className="w-px bg-line" />
      {second?.ok ? (
        <Card title={name} body={secondBody} found={second} />
      ) : (
        <View className="min-w-0 flex-1 gap-1">
          <Txt weight={700}>{name}</Txt>
          <Txt tone="ink2">{second ? noPictureSentence(second) : "Its kit is not in the bag."}</Txt>
        </View>
      )}
    </View>
  );
}

const bodyOf = ({ kit, outing }: OutingView, shotId: string): string =>
  kit.bodies.find((b) => b.id === choiceOf(outing, shotId)?.bodyId)?.name ?? "";

function Card({ title, body, found }: { title: string; body: string; found: Assessment }) {
  const { settings, rails } = found.settings;
  return (
    <View role="group" aria-label={`${title} on ${body}`} className="min-w-0 flex-1">
      <Txt weight={700} numberOfLines={1}>
        {title}
      </Txt>
      <Txt size={14} tone="ink2" numberOfLines={1}>
        {body}
      </Txt>
      <Value
        name="shutter"
        words={shutterWords(settings.shutter)}
        past={rails.shutter.standing !== "inside"}
      />
      <Value
        name="aperture"
        words={apertureWords(settings.aperture)}
        past={rails.aperture.standing !== "inside"}
      />
      <Value name="ISO" words={isoNumberWords(settings.iso)} past={rails.iso.standing !== "inside"} />
    </View>
  );
}

/** A setting with what comes before its figure small, so that two stand side by side on a phone. */
function Value({ name, words, past }: { name: string; words: string; past: boolean }) {
  const [, before = "", figure = words] = /^(1\/|f\/)?(.*)$/.exec(words) ?? [];
  return (
    <View
      aria-label={`${name} ${words}`}
      className="min-h-[72px] flex-row items-baseline border-b border-line"
    >
      <Txt size={20} weight={600} tone="ink2">
        {before}
      </Txt>
      <Txt size={56} weight={700} tone={past ? "bracken" : "ink"} numberOfLines={1}>
        {figure}
      </Txt>
    </View>
  );
}
