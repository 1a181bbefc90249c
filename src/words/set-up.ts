import type { SetUp } from "@/core/judge";

const FOCUS: Readonly<Record<SetUp["focus"], string>> = {
  continuous: "Continuous, button at the back",
  single: "Single",
  "on-the-spot": "Locked on the spot by hand, with peaking",
};
const AREA: Readonly<Record<SetUp["area"], string>> = {
  point: "One point",
  "small-zone": "Small zone",
  "wide-zone": "Wide zone",
  eye: "Eye or head",
};
const CROSSING: Readonly<Record<SetUp["crossing"], string>> = {
  "hold-long": "Wait long before following somebody else",
  "hold-short": "Follow at once",
  none: "Nothing to follow",
};
const DRIVE: Readonly<Record<SetUp["drive"], string>> = {
  "fast-burst": "Fast burst",
  "slow-burst": "Slow burst",
  single: "Single frames",
};
const SHUTTER: Readonly<Record<SetUp["shutterBecause"], string>> = {
  bands: "Mechanical: lamps draw bands on an electronic one",
  lean: "Mechanical: an electronic one leans what is fast",
  quiet: "Electronic: silent",
  either: "Mechanical; electronic where it must be silent",
};
const FLICKER: Readonly<Record<SetUp["flicker"], string>> = {
  reduction: "Reduction on, before any other remedy",
  none: "No lamps that could",
};
const STABILISER: Readonly<Record<SetUp["stabiliser"], string>> = {
  on: "On",
  pan: "Pan mode",
  off: "Off on this support",
};
const BALANCE: Readonly<Record<SetUp["whiteBalance"], string>> = {
  "grey-card": "Fixed, off a grey card once",
  "grey-card-at-change": "Fixed, off a grey card again when the lamps take over",
  daylight: "Fixed, daylight",
  shade: "Fixed, shade",
};

/** The set-up line by line. */
export const setUpLines = (setUp: SetUp): { readonly name: string; readonly value: string }[] => [
  { name: "Focus", value: FOCUS[setUp.focus] },
  { name: "Area", value: AREA[setUp.area] },
  { name: "Somebody crosses", value: CROSSING[setUp.crossing] },
  { name: "Drive", value: DRIVE[setUp.drive] },
  { name: "Shutter", value: SHUTTER[setUp.shutterBecause] },
  { name: "Flicker", value: FLICKER[setUp.flicker] },
  { name: "Stabiliser", value: STABILISER[setUp.stabiliser] },
  { name: "White balance", value: BALANCE[setUp.whiteBalance] },
];

/** The set-up in one line, for the card. */
export const setUpWords = ({ focus, area, stabiliser, whiteBalance }: SetUp): string =>
  [
    FOCUS[focus].replace(", button at the back", ""),
    AREA[area].toLowerCase(),
    ...(stabiliser === "on" ? [] : [`stabiliser ${STABILISER[stabiliser].toLowerCase()}`]),
    `white balance ${BALANCE[whiteBalance].replace("Fixed, ", "")}`,
  ].join(", ");
