export { LEAVE_KINDS, WAY, type AreaKind, type LeaveKind, type Official } from "./kinds";
export { venueMarks, venueParts } from "./lines";
export { type PitchMark, type VenuePart } from "./mark";
export { OPEN_GROUND, venueHall, VENUES, venueTemplate, type VenueTemplate } from "./rows";
