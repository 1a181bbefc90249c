import { View } from "react-native";
import { comingNext } from "@/answers/run/changes";
import type { Settings } from "@/core/exposure";
import type { Coming } from "@/core/judge";
import { exposing } from "@/answers/shot/exposing";
import { Txt } from "@/ui/controls/Txt";
import { momentWords, changedWords } from "@/words";
import { useFound, useOuting } from "../../../outing/use-outing";
import { AskSum } from "../../reasons/AskSum";
import { Judgements } from "../../reasons/Judgements";
import { ModeSaid } from "../../reasons/ModeSaid";
import { wallOf } from "../../shot/titles";

const MOST_CAUTIONS = 2;

/** What changes next and when, what to look out for, and how to expose until then. */
export function WhatChanges() {
  const outing = useOuting((v) => v.outing);
  const next = useOuting(comingNext);
  const found = useFound((f) => f);
  const { settings } = found.settings;
  const cautions = found.judgement.filter((j) => j.weight !== "note");
  return (
    <View className="gap-1 pt-2" aria-label="What changes next">
      {next.map((coming) => (
        <Change key={coming.code} coming={coming} now={settings} time={wallOf({ outing }, coming.at)} />
      ))}
      {next.length === 0 && <Txt>Nothing changes until the end.</Txt>}
      <Judgements items={cautions.slice(0, MOST_CAUTIONS)} />
      <Mode />
    </View>
  );
}

const RAILS = ["shutter", "aperture", "iso"] as const;

interface ChangeProps {
  readonly coming: Coming;
  readonly now: Settings;
  /** Of its minute, as it is shown. */
  readonly time: string;
}

/** One thing that changes, a press away from the sum of what is set then. */
function Change({ coming: { code, settings, step }, now, time }: ChangeProps) {
  const changed = changedWords(now, settings);
  const told = code === "settings" ? [changed] : [momentWords(code), changed];
  const words = told.filter(Boolean).join(": ");
  const when = code === "settings" ? `by ${time} ` : `${time} `;
  const line = (
    <Txt size={20}>
      <Txt size={20} weight={700}>
        {when}
      </Txt>
      {words}
    </Txt>
  );
  const rail = RAILS.find((r) => settings[r] !== now[r]);
  if (!rail) return line;
  return (
    <AskSum of={rail} where={{ at: step }} title={`Set by ${time}`} says={`${when}${words}`}>
      {line}
    </AskSum>
  );
}

/** Whether one setting by hand will do, or the body has to follow the light. */
function Mode() {
  const mode = useOuting(exposing);
  return mode ? <ModeSaid advice={mode} tone="ink2" /> : null;
}
