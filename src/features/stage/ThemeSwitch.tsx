import ContrastIcon from "lucide-react-native/icons/contrast";
import { IconButton } from "@/ui/controls/Button";
import { THEMES, useTokens } from "@/ui/theme/theme";
import { useChangePreferences, usePreferences } from "../store/preferences";

const NAMES = { day: "Day", dusk: "Dusk", hide: "Hide" } as const;

/** Day, dusk, hide, and round again: one tap on every screen. */
export function ThemeSwitch() {
  const { theme } = usePreferences();
  const change = useChangePreferences();
  const { ink } = useTokens();
  const next = THEMES[(THEMES.indexOf(theme) + 1) % THEMES.length]!;
  return (
    <IconButton
      label={`${NAMES[theme]} light. Switch to ${NAMES[next]}`}
      onPress={() => change({ theme: next })}
    >
      <ContrastIcon size={24} color={ink} strokeWidth={2.2} />
    </IconButton>
  );
}
