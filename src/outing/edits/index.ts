/** Edits of an outing. Those of readings stand apart: they alone need what computes. */
export type { Edit } from "./edit";
export { belongsTo, deliver, editOuting, setFalling } from "./brief";
export { addLampFile, asTemplateHas, changeVenue, editVenue, groundFrom, setSurface } from "./ground";
export {
  lightAsPlanned,
  setCloud,
  setCloudHours,
  setCover,
  setLamps,
  setLit,
  setPassing,
  takeLight,
} from "./light";
export { arrived, leaving, undoWalk } from "./walk";
export { addSeries, countJudged, learnFrom, logWithJudged, removeSeries } from "./log";
export { changeThing, duplicateOf, neededBy, putThing, removeSpot, removeThing, type Needed } from "./thing";
export { addPosition, movePosition, standAlong, standOff, removePosition } from "./position";
export {
  editChoice,
  editShot,
  editSubject,
  letIsoFollow,
  lockRails,
  moveShot,
  putShot,
  removeShot,
  restoreShot,
} from "./shot";
export { addSpot, editSpot } from "./spot";
export { drawnZoneAt, NEW_ZONE_SIDE, shiftLightAt } from "./zone";
export { addPeople, putPerson, removePerson } from "./people";
export {
  addEvents,
  editEvent,
  editEvents,
  putEvent,
  removeEvent,
  removeEvents,
  repeatEvents,
  shiftEvents,
} from "./programme";
