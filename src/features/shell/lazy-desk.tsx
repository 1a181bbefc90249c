import type { ReactNode } from "react";
import { Late } from "./late";

type Desk = typeof import("../desk");

export const loadDesk = (): Promise<Desk> => import("../desk");

/** What is done at a desk: forms, kit, library, preferences; one module, loaded when the first of it is opened. */
export const AtDesk = ({ children }: { children: (desk: Desk) => ReactNode }) => (
  <Late load={loadDesk} waiting="One moment">
    {children}
  </Late>
);

export const LateKit = () => <AtDesk>{(desk) => <desk.KitScreen />}</AtDesk>;
export const LateLibrary = () => <AtDesk>{(desk) => <desk.LibraryScreen />}</AtDesk>;
export const LatePreferences = () => <AtDesk>{(desk) => <desk.PreferencesScreen />}</AtDesk>;
