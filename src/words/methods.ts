import type { MethodName, ToldName } from "@/core/figures";

/** What a function does that is no line of arithmetic: how it finds what it finds, and how near it comes. */
const METHODS: Readonly<Record<MethodName | ToldName, string>> = {
  // Of one figure.
  "bodyMotion.radialSpeed":
    "the part of the subject’s speed along the line of sight, from the way it heads and the line on the plan",
  "bodyMotion.transverseSpeed":
    "the part of the subject’s speed across the line of sight, from the way it heads and the line on the plan",
  partSpeed:
    "what following leaves of the speed across the view, with the up and down of the body and the part’s own speed, as the root of their squares",
  faceTurnOf: "degrees between the way the subject faces and the lens, on the plan",
  "aimOf.x": "metres east of the aim, as the spot stands on the plan",
  "aimOf.y": "metres north of the aim, as the spot stands on the plan",
  "aimOf.z": "height of the aim over level ground: that of the ground there and the spot’s own",
  "lensOf.x": "metres east of the lens, as the position stands on the plan",
  "lensOf.y": "metres north of the lens, as the position stands on the plan",
  "lensOf.z": "height of the lens over level ground: that of the ground or the tier and the lens’s own",
  stabiliserStopsOf: "stops that lens and body give together, as they are rated",
  keptCircleMm:
    "by the shot’s rule: the diagonal that the crop keeps over 1500, one delivered pixel, or one arc-minute of the print",
  nettingStops:
    "light that the wires of the netting take: what they cover of it; nothing where none is looked through",
  paneLoss: "light that each face of each pane throws back, more the flatter one looks; nothing in the open",
  meltOf:
    "blur over the image of a detail of what stands there, (f / N) · |x − s| / (s · detail); in a pan the longer of that and its lines",
  "figureHidden.share": "how much of the figure’s points stand behind something, seen from the lens",
  "figureHidden.head": "whether more than half of the head stands behind something: 1, else 0",
  "sunToFrame.inFrame":
    "whether a sun that can be seen stands in the frame or within 5° of its edge: 1, else 0",
  "findLight.turn":
    "degrees between where the day’s light comes from and where you stand, about the subject; 0 is from behind you",
  "findLight.ownShadow":
    "whether the shadow of somebody who stands at the lens falls on the subject: 1, else 0",
  busiestOf: "the softness of whatever behind and about the subject melts least",
  "solveSettings.short": "clicks of the shutter or the depth asked for that are given up for want of light",
  "solveSettings.missing": "clicks that the picture stays too dark when nothing more can be given up",
  "solveSettings.over":
    "clicks that the picture stays too bright at the fastest and darkest that body and lens have",
  "solveSettings.shutter":
    "the slowest shutter at which the part still holds at the aperture chosen, or the one that is held; whole clicks, so up to a third of a stop faster than need be",
  "solveSettings.aperture":
    "the aperture that holds the depth asked for, no wider than the lens and no narrower than diffraction allows; opened click by click when the light is short; whole clicks",
  "solveSettings.iso":
    "clicks of shutter and aperture less those of the light that reaches the sensor, within floor and ceiling; whole clicks, so within a sixth of a stop",
  "frameSubject.focalLengthMm":
    "the focal length that is held, or the one that fills the frame as wished, within what the lens has",
  "frameSubject.kept":
    "share of each side that a crop to the wished size keeps; all of it where the lens reaches",
  "frameSubject.keptLongEdgePx": "pixels along the long edge that this crop keeps",
  "backgroundBehind.beyond":
    "metres along the line of sight from the subject to what ends it: the first thing beyond, a wall, the ground, or the skyline",
  beyondInFrame: "the nearest point of it that the frame shows beyond the subject, along the lens’s axis",
  "mayStand.away": "the shortest way on the plan from where you stand to what is dangerous there",
  "takeOver.nearerThan":
    "the distance at which the part fills the frame’s side at the lens’s shortest focal length",
  "facesInRow.onFirst":
    "the f-number whose depth, focused on the first, holds half a face before it and the last one behind",
  focalLengthForFill:
    "the focal length whose image of the part takes the wished share of the frame’s side from here",
  distanceForFill: "the distance from which the lens, drawn out, gives the wished fill",
  "effectiveLens.minFocalLengthMm": "the shortest focal length of the lens, with its converter",
  angleOfViewAt: "twice the angle whose tangent is half the frame’s side over the image distance",
  "findMotion.skewUm": "how far the part’s picture goes while an electronic shutter is read out",
  "frameSubject.frameUp": "metres that the frame is tall at the subject, before any crop",
  "frameSubject.frameAcross": "metres that the frame is wide at the subject, before any crop",
  "findLight.evInCloud": "the same light with the sun behind the cloud that passes",
  "settingsAsked.lensWidest":
    "the widest aperture of the lens at this focal length, with its converter; whole clicks",
  "settingsAsked.diffractionAperture":
    "the narrowest aperture whose disc of diffraction stays within the circle that the shot’s rule allows; whole clicks",
  "settingsAsked.lightEv":
    "the light that is exposed for: that on the subject, or that of the sky behind where it is to stand dark",
  "solveSettings.filterStops":
    "stops of a neutral-density filter that are left over at base ISO and the smallest aperture; whole stops",
  streakExposure: "the exposure at which the place behind runs the wished share of the frame’s width",
  partSizeOf:
    "the size of the part as it is seen from here: its share of the height, or the width that a turned subject shows",
  "findLight.sun":
    "direct sun on an upright cylinder facing you, by its height, the air and what stands in its way",
  "findLight.sky": "what the sky gives the side you see, less what stands before it",
  "findLight.ground": "what the ground throws up, by what it is made of",
  "findLight.moon": "direct light of the moon, by its phase and its height",
  "findLight.lamps": "by the lamps’ class, their own intensity or their file, on the side you see",
  depthAsked:
    "the f-number that holds the nearest and the farthest point that should be sharp, focused between or on the eye",
  toleranceUm:
    "by the sharpness that is wished and what kind of part it is; one table, fixed before anything was compared",
  "keeperChance.subject":
    "share of the speeds that the subject may have at which it alone stays within what focus and lens leave of the tolerance",
  "keeperChance.hand":
    "chance that the hand alone stays within it: 1 less e to the minus π times the square of the room over 4, the room in blurs of the rated hand",
  "keeperChance.pan": "chance that the turn of the pan alone stays within it; 1 where nothing is panned",
  "keeperChance.taken":
    "the square of what focus, diffraction and pixel blur over that of the tolerance: what is left is for movement and hand",
  "keeperChance.chance":
    "sum over the speeds that the subject may have, of the chance that the hand is steady enough for each: 32 places of Gauss and Legendre’s rule, within a thousandth",
  // Of single panels.
  "sweepOf.swing":
    "what the camera turns from the pick-up two seconds before to a second after, along the way",
  "sweepOf.rate":
    "how fast the bearing of the moving aim turns at the picture, along the drawn or straight way",
  "sweepOf.along": "from the picture to the place of the way that is nearest to the lens",
  "panLeft.stillUm": "how far its picture runs over the sensor while the shutter is open, along its way",
  "panLeft.worstUm": "the turn’s own miss and the body’s up and down together, along their worst axis",
  "panLeft.atNearest": "the same pan where the way passes nearest, with the usual miss of the hands",
  "streakExposure.share":
    "the exposure in which the turn of the camera draws lines of that share of the frame",
  "zonesLight.clicks":
    "the light there over the light here in thirds of a stop, with its lamps and what was read",
  "shadowEdge.clicks":
    "all light over the light without the sun on the side that you see, in thirds of a stop",
  "tonesFound.whitesLost": "whites 2.3 stops above the middle in sun, less what a file holds above it",
  "tonesFound.facesLost": "faces 2.5 stops below the middle in sun, less what a file holds below it",
  "aperturePriority.shortBelowEv": "the light that this aperture, this ISO and the slowest shutter need",
  "onHalfStops.brighter": "the nearest marks in half stops, never slower and never less depth, against these",
  "modeFor.stops": "the spread of light over the ground of play, its zones, and the half hour to come",
  "meshFound.away": "along the line of sight from the lens to the netting that is nearest on it",
  "meshFound.localLoss":
    "what a wire covers of the cone of light through the lens, twice where two of them cross in it",
  "meshFound.veil": "all the wires cover, once the cone of light is wider than their meshes",
  "meshFound.goneWithin": "where the cone of light becomes as narrow as the wires need to show",
  "meshFound.goneUpTo": "the opening whose cone of light is just wide enough here that no wire shows",
  "betweenZones.off": "half the way between the brightest and the darkest zone, within what is allowed",
  roomAhead: "half of the frame less what the figure reaches ahead, over what the crop keeps",
  "groupSharp.before": "how many steps of that length lie between where it begins to be sharp and the leader",
  "wayOnFoot.metres": "the shortest way round the corners of what stands there; exact for outlines",
  totalGrams: "the weights that the things themselves tell, added up; what tells none counts nothing",
  // Of a whole panel.
  solveSettings:
    "clicks of light against those of shutter, aperture, ISO, filter and push: what is left over is what is short or too much",
  subjectLight:
    "sun, sky, ground and lamps on an upright cylinder, a ball or a lying body, on the side that you see",
  coverage:
    "the last event and the groups had, event by event by their end: exact, against exhaustive search",
  worthFrom: "priority 4, 2 or 1 times the judge’s score of the position at the middle of the event",
  wayOnFoot:
    "the shortest way round the corners of what stands there, divided by your pace; exact for outlines",
  timeline: "the same solution every five minutes or so; moments halved to a second",
  renderPicture:
    "each part smeared by its own movement, what is swung as an arc, what stands behind by its disc, then hand, diffraction and pixel as one Gaussian; grain by the light collected",
  meshFound: "what a wire covers of the cone of light through the lens: 4 · wire ÷ (π · footprint)",
  leversFor: "the softness with one thing changed over what it is now, judged anew for each",
  standsOut:
    "light of the colours by their names in stops, and their difference by CIE 2000; estimated colours",
  panKeeperChance:
    "the error function of tolerance ÷ lines ÷ (√2 · spread), by a polynomial: within 0.00000015",
  panLeft: "the turn’s own miss and the body’s up and down together, along and across the lines",
  setUpFor: "by intent, movement, light and how near it is",
  stillFound: "tolerance over the speed that hand, rest and animal leave, no slower than the animal allows",
  chooseSets:
    "every three of the settings that the shots ask for is weighed, judged by what is printed: too slow 2, too dark 2, depth 1, too bright ½ a click",
  toneAdvice: "whites 2.3 stops above and faces 2.5 below the middle in sun, against what the files hold",
  noiseOf: "half a stop of noise for each stop of light less: area that is kept, and exposure",
  onHalfStops: "the nearest mark of a camera in half stops: never slower, never less depth",
};

export const methodWords = (name: MethodName | ToldName): string => METHODS[name];
