import ContrastIcon from "lucide-react-native/icons/contrast";
import { IconButton } from "@/ui/controls/Button";
import { THEMES, useThemeName, useTokens } from "@/ui/theme/theme";
import { useChangePreferences } from "../store/preferences";

const NAMES = { day: "Day", dusk: "Dusk", hide: "Hide" } as const;

/** Day, dusk, hide, and round again: one tap on every screen. A theme chosen by hand no longer follows the light. */
export function ThemeSwitch() {
  const theme = useThemeName();
  const change = useChangePreferences();
  const { ink } = useTokens();
  const next = THEMES[(THEMES.indexOf(theme) + 1) % THEMES.length]!;
  return (
    <IconButton
      label={`${NAMES[theme]} light. Switch to ${NAMES[next]}`}
      onPress={() => void change({ theme: next, themeByLight: false })}
    >
      <ContrastIcon size={24} color={ink} strokeWidth={2.2} />
    </IconButton>
  );
}
