import type { Beginning } from "@/data";
import { loadDesk } from "./lazy-desk";

/** The two ways to begin, loaded when one of them is taken. */
export async function loadDemo(): Promise<Beginning> {
  const { demoKit, demoOutings } = await loadDesk();
  return { kit: demoKit, outings: demoOutings };
}

export async function loadOwn(): Promise<Beginning> {
  const { ownBeginning } = await loadDesk();
  return { kit: ownBeginning(), outings: [] };
}
