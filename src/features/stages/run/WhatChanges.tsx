import { View } from "react-native";
import { comingUp, modeFor } from "@/core/judge";
import { Txt } from "@/ui/controls/Txt";
import { momentWords, changedWords, modeSentence } from "@/words";
import { useFound, useOuting } from "../../outing/use-outing";
import { Judgements } from "../reasons/Judgements";
import { wallOf } from "../shot/titles";

/** Milliseconds ahead over which one way of exposing has to do. */
const AHEAD = 30 * 60_000;
const MOST_COMING = 2;
const MOST_CAUTIONS = 2;

/** What changes next and when, how to expose until then, and what to look out for. */
export function WhatChanges() {
  const outing = useOuting((v) => v.outing);
  const timeline = useOuting((v) => v.timeline);
  const found = useFound((f) => f);
  const { settings } = found.settings;
  const next = comingUp(timeline, { at: found.at, settings }, MOST_COMING);
  const cautions = found.judgement.filter((j) => j.weight !== "note");
  return (
    <View className="gap-1 pt-2" aria-label="What changes next">
      {next.map((coming) => {
        const time = wallOf({ outing }, coming.at);
        const changed = changedWords(settings, coming.settings);
        const words = coming.code === "settings" ? [changed] : [momentWords(coming.code), changed];
        return (
          <Txt key={coming.code} size={20}>
            <Txt size={20} weight={700}>
              {coming.code === "settings" ? `by ${time} ` : `${time} `}
            </Txt>
            {words.filter(Boolean).join(": ")}
          </Txt>
        );
      })}
      {next.length === 0 && <Txt size={18}>Nothing changes until the end.</Txt>}
      <Mode />
      <Judgements items={cautions.slice(0, MOST_CAUTIONS)} />
    </View>
  );
}

/** Whether one setting by hand will do, or the body has to follow the light. */
function Mode() {
  const timeline = useOuting((v) => v.timeline);
  const zones = useOuting((v) => v.outing.ground.zones);
  const found = useFound((f) => f);
  const { ev, dayShare } = found.light;
  const mode = modeFor({ timeline, at: found.at, ahead: AHEAD, ev: ev.value, dayShare, zones });
  return <Txt tone="ink2">{modeSentence(mode)}</Txt>;
}
