import AscendingIcon from "lucide-react-native/icons/arrow-up-narrow-wide";
import DescendingIcon from "lucide-react-native/icons/arrow-down-wide-narrow";
import { useTokens } from "../theme/theme";

/** Beside the heading that a table is sorted by: which way; nothing beside the others. */
export function SortMark({ sorted }: { sorted: "asc" | "desc" | false }) {
  const { water } = useTokens();
  if (!sorted) return null;
  const Icon = sorted === "desc" ? DescendingIcon : AscendingIcon;
  return <Icon size={16} color={water} />;
}
