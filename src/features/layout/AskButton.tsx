import SearchIcon from "lucide-react-native/icons/search";
import { IconButton } from "@/ui/controls/Button";
import { useTokens } from "@/ui/theme/theme";
import { useAsking } from "./asking";

/** Ask anything: a press, or the key `/`, on every screen. */
export function AskButton() {
  const open = useAsking((s) => s.open);
  const { ink } = useTokens();
  return (
    <IconButton label="Ask anything" onPress={open}>
      <SearchIcon size={24} color={ink} />
    </IconButton>
  );
}
