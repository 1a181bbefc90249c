import { View } from "react-native";
import { Txt } from "@/ui/controls/Txt";
import { countWords } from "@/words";
import type { GoingState } from "./use-going";

/** Names that are listed of what stayed. */
const LISTED = 5;

/** How far it is, what went out, and what stayed with why. */
export function WentOutLine({ state }: { state: GoingState }) {
  if (state.kind === "idle") return null;
  if (state.kind === "failed") return <Txt tone="bracken">It could not be written. Try once more.</Txt>;
  if (state.kind === "going") return <Txt role="status">{`${state.done} of ${state.of}…`}</Txt>;
  const { pictures, sidecars, leftAlone, without, flagged } = state.out;
  const said = [
    pictures > 0 ? `${countWords(pictures, "picture")} with captions` : "",
    pictures === 0 ? countWords(sidecars, "sidecar") : "",
  ].filter(Boolean);
  return (
    <View role="status" className="gap-1">
      <Txt weight={600}>{`${said.join(", ")} written. No original was touched.`}</Txt>
      <Stayed names={leftAlone} words="cannot be read and was left alone" />
      <Stayed names={without} words="has no picture to look at" />
      <Stayed names={flagged} words="shows somebody who refused: look before it goes on" isDanger />
    </View>
  );
}

function Stayed({
  names,
  words,
  isDanger = false,
}: {
  names: readonly string[];
  words: string;
  isDanger?: boolean;
}) {
  if (names.length === 0) return null;
  const more = names.length > LISTED ? ` and ${names.length - LISTED} more` : "";
  return (
    <Txt size={14} tone={isDanger ? "bracken" : "ink2"}>
      {`${names.slice(0, LISTED).join(", ")}${more}: ${words}.`}
    </Txt>
  );
}
