import "../global.css";
import { Slot } from "expo-router";
import { AppShell } from "@/features/shell/AppShell";

export default function RootLayout() {
  return (
    <AppShell>
      <Slot />
    </AppShell>
  );
}
