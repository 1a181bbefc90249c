import { Late } from "../layout/Late";
import { OutingsScreen } from "../outings/OutingsScreen";
import { loadNewOuting } from "./stages";

const loadKit = async () => (await import("../kit/KitScreen")).KitScreen;
const loadLibrary = async () => (await import("../library/LibraryScreen")).LibraryScreen;
const loadPreferences = async () => (await import("../preferences/PreferencesScreen")).PreferencesScreen;

/** The list of outings loads at the start; the places beside it come when they are opened. */
export const Outings = () => <OutingsScreen loadNewOuting={loadNewOuting} />;

export const Kit = () => (
  <Late load={loadKit} waiting="One moment">
    {(Screen) => <Screen />}
  </Late>
);

export const Library = () => (
  <Late load={loadLibrary} waiting="One moment">
    {(Screen) => <Screen />}
  </Late>
);

export const Preferences = () => (
  <Late load={loadPreferences} waiting="One moment">
    {(Screen) => <Screen />}
  </Late>
);
