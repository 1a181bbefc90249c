import { lazy, Suspense, type ComponentType, type ReactNode } from "react";
import { Message } from "@/ui/controls/Message";

/** The stages come as one module, after the list of shoots: what they share is loaded once and late. */
const load = () => import("../stages");

const Shell = lazy(async () => ({ default: (await load()).OutingShell }));
const Ground = lazy(async () => ({ default: (await load()).GroundScreen }));
const Expose = lazy(async () => ({ default: (await load()).ExposeScreen }));
const Run = lazy(async () => ({ default: (await load()).RunScreen }));

const late = (Screen: ComponentType) =>
  function Late() {
    return (
      <Suspense fallback={<Message title="Opening the outing" />}>
        <Screen />
      </Suspense>
    );
  };

export const LateGround = late(Ground);
export const LateExpose = late(Expose);
export const LateRun = late(Run);

export function LateOuting({ id, children }: { id: string; children: ReactNode }) {
  return (
    <Suspense fallback={<Message title="Opening the outing" />}>
      <Shell key={id} id={id}>
        {children}
      </Shell>
    </Suspense>
  );
}
