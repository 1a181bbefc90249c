import { Late } from "../../../layout/Late";
import { useOuting } from "../../../outing/use-outing";

const load = async () => (await import("./CallWatch")).CallWatch;

/** The calls of an outing that has a programme, on all its stages. */
export function CallsHere() {
  const hasProgramme = useOuting((v) => (v.outing.programme?.length ?? 0) > 0);
  return hasProgramme ? <Late load={load}>{(CallWatch) => <CallWatch />}</Late> : null;
}
