import { useMemo, useState } from "react";
import { View } from "react-native";
import { captionFor, USUAL_CAPTION, type CaptionWays } from "@/outing/captions/caption";
import { CAPTION_FIELDS, readTemplate } from "@/outing/captions/template";
import { framesIn } from "@/outing/frames/deliver";
import { Button } from "@/ui/controls/Button";
import { TextField } from "@/ui/controls/TextField";
import { Txt } from "@/ui/controls/Txt";
import { templateFaultWords } from "@/words/frames";
import { useOuting } from "../../../outing/use-outing";
import { useChangePreferences } from "../../../store/preferences";
import { useDay } from "../frames/use-day";
import { useToldOuting } from "../frames/use-told-outing";

const TEMPLATES = [
  { key: "description", label: "Caption", lines: 3 },
  { key: "title", label: "Headline", lines: 1 },
  { key: "keywords", label: "Keywords, parted by commas", lines: 2 },
  { key: "rights", label: "Rights", lines: 1 },
] as const;

const WORDS = [
  { key: "creator", label: "Creator" },
  { key: "credit", label: "Credit line" },
  { key: "terms", label: "Usage terms" },
] as const;

/** What is said of every picture: checked as it is typed, with a frame of the day beside it. */
export function Captions() {
  const kept = useOuting((v) => v.preferences.captions) ?? USUAL_CAPTION;
  const change = useChangePreferences();
  const [draft, setDraft] = useState<CaptionWays>();
  const ways = draft ?? kept;
  const type = (key: keyof CaptionWays, text: string): void => setDraft({ ...ways, [key]: text });
  const faultsOf = (key: (typeof TEMPLATES)[number]["key"]) => readTemplate(ways[key]).faults;
  const isFaulty = TEMPLATES.some(({ key }) => faultsOf(key).length > 0);
  const keep = (): void => {
    if (!draft || isFaulty) return;
    // What was typed meanwhile stays.
    void change({ captions: draft }).then(
      (isKept) => isKept && setDraft((now) => (now === draft ? undefined : now)),
    );
  };
  return (
    <View className="gap-3">
      <Beside ways={ways} />
      {TEMPLATES.map(({ key, label, lines }) => {
        const [fault] = faultsOf(key);
        return (
          <View key={key} className="flex-row">
            <TextField
              label={label}
              value={ways[key]}
              lines={lines > 1 ? lines : undefined}
              onChange={(text) => type(key, text)}
              onBlur={keep}
              error={fault && templateFaultWords(fault)}
            />
          </View>
        );
      })}
      {WORDS.map(({ key, label }) => (
        <View key={key} className="flex-row">
          <TextField label={label} value={ways[key]} onChange={(text) => type(key, text)} onBlur={keep} />
        </View>
      ))}
      <Txt size={14} tone="ink2">
        {`Fields: ${CAPTION_FIELDS.map((f) => `{${f}}`).join(" ")}. What stands in [ ] is left out where a field in it says nothing; {person; / } joins several by a sign of yours.`}
      </Txt>
      {draft && isFaulty && (
        <View className="gap-1">
          <Txt tone="bracken">Not kept yet: mend what is marked.</Txt>
          <Button label="As it was" kind="plain" onPress={() => setDraft(undefined)} />
        </View>
      )}
    </View>
  );
}

/** The templates on a frame of the day, another with every press. */
function Beside({ ways }: { ways: CaptionWays }) {
  const { bursts } = useDay();
  const outing = useToldOuting();
  const [turn, setTurn] = useState(0);
  const frames = useMemo(() => {
    const all = framesIn(bursts);
    const kept = all.filter(({ frame }) => frame.mark === "keep");
    // Those that say most come first: with a tag, in an event.
    const rich = (kept.length > 0 ? kept : all).toSorted(
      (a, b) =>
        Number(!!b.burst.tag) - Number(!!a.burst.tag) ||
        Number(!!b.burst.eventId) - Number(!!a.burst.eventId),
    );
    return rich;
  }, [bursts]);
  const one = frames[turn % Math.max(1, frames.length)];
  if (!one) return <Txt tone="ink2">Read pictures in: one of them then stands here with its caption.</Txt>;
  const { sidecar, isRefused, isPlaceHeld } = captionFor(outing, one.frame, one.burst, ways);
  return (
    <View role="group" aria-label="On a frame of the day" className="gap-1 border-l-4 border-water pl-3">
      <Txt weight={700} size={20}>
        {sidecar.title || "no headline"}
      </Txt>
      <Txt>{sidecar.description || "no caption"}</Txt>
      <Txt size={14} tone="ink2">
        {[sidecar.keywords.join(", "), sidecar.rights].filter(Boolean).join(" · ")}
      </Txt>
      {isRefused && (
        <Txt size={14} tone="bracken">
          Somebody in it refused to be shown: named nowhere. Look before it goes out.
        </Txt>
      )}
      {isPlaceHeld && (
        <Txt size={14} tone="bracken">
          A nest or a den is minded here: no caption names the place.
        </Txt>
      )}
      <Button
        label="Another frame"
        says={`Another frame than ${one.frame.files[0]!.name}`}
        kind="plain"
        onPress={() => setTurn(turn + 1)}
      />
    </View>
  );
}
