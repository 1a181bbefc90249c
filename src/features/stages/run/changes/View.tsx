import { View } from "react-native";
import { comingNext } from "@/answers/run/changes";
import { exposing } from "@/answers/shot/exposing";
import { Txt } from "@/ui/controls/Txt";
import { momentWords, changedWords, modeSentence } from "@/words";
import { useFound, useOuting } from "../../../outing/use-outing";
import { Judgements } from "../../reasons/Judgements";
import { wallOf } from "../../shot/titles";

const MOST_CAUTIONS = 2;

/** What changes next and when, how to expose until then, and what to look out for. */
export function WhatChanges() {
  const outing = useOuting((v) => v.outing);
  const next = useOuting(comingNext);
  const found = useFound((f) => f);
  const { settings } = found.settings;
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
  const mode = useOuting(exposing);
  return mode ? <Txt tone="ink2">{modeSentence(mode)}</Txt> : null;
}
