import type { Beginning, StoredKit } from "@/data";

/** The demo's outings and kit, loaded when they are asked for. */
export async function loadDemo(): Promise<Beginning> {
  const { demoKit, demoOutings } = await import("../../../demo");
  return { kit: demoKit, outings: demoOutings };
}

/** An empty list, with a kit or a generic bag. */
export async function loadOwn(kit?: StoredKit): Promise<Beginning> {
  return (await import("./begin-own")).beginOwn(kit);
}
