import type { ReactNode } from "react";
import { View } from "react-native";
import { Txt } from "./Txt";

interface Props {
  readonly title: string;
  readonly body?: string;
  readonly tone?: "plain" | "danger";
  readonly children?: ReactNode;
}

/** Empty, waiting and failed states: what is the case, and what to do about it. */
export function Message({ title, body, tone = "plain", children }: Props) {
  return (
    <View
      role={tone === "danger" ? "alert" : undefined}
      className={`gap-2 p-5 ${tone === "danger" ? "border-l-4 border-bracken bg-sheet" : ""}`}
    >
      <Txt size={20} weight={700} tone={tone === "danger" ? "bracken" : "ink"}>
        {title}
      </Txt>
      {body ? <Txt>{body}</Txt> : null}
      {children}
    </View>
  );
}
