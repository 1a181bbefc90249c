import type { Beginning, StoredKit } from "@/data";
import { wishForDemoBeside } from "./demo-beside";

/** The demo's outings and kit, loaded when they are asked for. */
export async function loadDemo(): Promise<Beginning> {
  const { demoKit, demoOutings, demoPast, demoPlaces, demoPreferences } = await import("../../../demo");
  wishForDemoBeside();
  return {
    kit: demoKit,
    outings: [...demoOutings, demoPast],
    preferences: demoPreferences,
    places: demoPlaces,
  };
}

/** An empty list, with a kit or a generic bag. */
export async function loadOwn(kit?: StoredKit): Promise<Beginning> {
  return (await import("./begin-own")).beginOwn(kit);
}
