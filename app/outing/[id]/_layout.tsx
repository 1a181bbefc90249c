import { Slot, useLocalSearchParams } from "expo-router";
import { LateOuting } from "@/features/shell/stages";

export default function OutingLayout() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return (
    <LateOuting id={id}>
      <Slot />
    </LateOuting>
  );
}
