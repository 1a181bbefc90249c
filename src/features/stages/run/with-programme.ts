import type { OutingView } from "@/outing/outing-view";

/** For outings with something on. */
export const withProgramme = ({ outing }: OutingView): boolean => (outing.programme?.length ?? 0) > 0;
