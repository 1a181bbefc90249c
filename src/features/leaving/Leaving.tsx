import type { ComponentProps } from "react";
import { Late } from "../layout/Late";

type Dialog = typeof import("./LeavingDialog").LeavingDialog;

const load = async (): Promise<Dialog> => (await import("./LeavingDialog")).LeavingDialog;

/** The question of what leaves, loaded when it is first asked. */
export const Leaving = (props: ComponentProps<Dialog>) => (
  <Late load={load} waiting="One moment">
    {(LeavingDialog) => <LeavingDialog {...props} />}
  </Late>
);
