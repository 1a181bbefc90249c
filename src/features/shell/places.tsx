import type { ComponentType } from "react";
import { Guard } from "../layout/Guard";
import { Late } from "../layout/Late";
import { OutingsScreen } from "../outings/OutingsScreen";
import { loadBegin } from "./stages";

const loadKit = async () => (await import("../kit/KitScreen")).KitScreen;
const loadLibrary = async () => (await import("../library/LibraryScreen")).LibraryScreen;
const loadPreferences = async () => (await import("../preferences/PreferencesScreen")).PreferencesScreen;

const loadPlaces = async () => (await import("../places/PlacesScreen")).PlacesScreen;
const loadPlace = async () => (await import("../places/PlaceScreen")).PlaceScreen;
const loadPractice = async () => (await import("../practice/PracticeScreen")).PracticeScreen;
const loadDrill = async () => (await import("../practice/DrillScreen")).DrillScreen;
const loadFirst = async () => (await import("../first/FirstScreen")).FirstScreen;
const loadNext = async () => (await import("../outings/NextScreen")).NextScreen;
const loadReceive = async () => (await import("../receive/ReceiveScreen")).ReceiveScreen;
const loadStops = async () => (await import("../stops/StopsScreen")).StopsScreen;

/** The list of outings loads at the start; the places beside it come when they are opened. */
export const Outings = () => (
  <Guard name="The list of outings">
    <OutingsScreen loadBegin={loadBegin} />
  </Guard>
);

export const Kit = () => <Place name="Kit" load={loadKit} />;

export const Library = () => <Place name="Library" load={loadLibrary} />;

export const Places = () => <Place name="Places" load={loadPlaces} />;

export const PlaceById = () => (
  <Guard name="A place">
    <Late load={loadPlace} waiting="One moment">
      {(PlaceScreen) => <PlaceScreen loadBegin={loadBegin} />}
    </Late>
  </Guard>
);

export const Practice = () => <Place name="Practice" load={loadPractice} />;

export const DrillByName = () => (
  <Guard name="The drill">
    <Late load={loadDrill} waiting="One moment">
      {(DrillScreen) => <DrillScreen loadBegin={loadBegin} />}
    </Late>
  </Guard>
);

export const First = () => <Place name="What do I set?" load={loadFirst} />;

export const Next = () => <Place name="The next outing" load={loadNext} />;

export const Receive = () => <Place name="What was handed over" load={loadReceive} />;

export const Stops = () => <Place name="Where stops come from" load={loadStops} />;

export const Preferences = () => <Place name="Preferences" load={loadPreferences} />;

function Place({ name, load }: { name: string; load: () => Promise<ComponentType> }) {
  return (
    <Guard name={name}>
      <Late load={load} waiting="One moment">
        {(Screen) => <Screen />}
      </Late>
    </Guard>
  );
}
