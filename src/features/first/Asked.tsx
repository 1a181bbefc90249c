import type { ReactNode } from "react";
import { View } from "react-native";
import { Txt } from "@/ui/controls/Txt";

/** A question as a heading, and what answers it. */
export function Asked({ title, children }: { title: string; children: ReactNode }) {
  return (
    <View className="gap-4">
      <Txt size={20} weight={700} role="heading" aria-level={2}>
        {title}
      </Txt>
      {children}
    </View>
  );
}
