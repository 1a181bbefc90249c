/** Where the work can hurt somebody: short, with what to do, deferring to those who decide there. */
const CAUTIONS = {
  "young-people": ["Young people", "Ask club and parents about consent before you publish."],
  balls: [
    "Balls in flight",
    "Balls leave the field at speed. Stay behind the boards; the umpires’ word goes.",
  ],
  "throwing-sector": ["Throwing sector", "Stay behind the sector and never turn away from a throw."],
  "dangerous-animals": [
    "Dangerous animals",
    "Never between it and its young or food. Go with somebody who knows them; guides decide.",
  ],
  venom: ["What bites", "Two metres from a snake, no hand under stones. Bitten: be still and call for help."],
  "off-the-track": [
    "Stay in the vehicle",
    "Nobody gets out, nothing is held out. The reserve’s rules and the guide decide.",
  ],
  aircraft: [
    "Aircraft",
    "Never under the line of the display; the field’s officials decide where spectators stand.",
  ],
  dogs: ["Dogs", "The handler sets the distance; no food, never in the line of a running dog."],
  course: ["Course", "Behind tape and barriers, never on the outside of a bend. Marshals decide."],
  tide: ["Tide and swell", "Know the hour of high water and your way back; coastguard and locals know best."],
  silence: ["Silence", "No shutter’s noise before the stroke, the start or the salute; officials decide."],
  flash: ["No flash", "It blinds whoever jumps, fights or rides, and frightens animals; judges decide."],
  ticks: ["Ticks", "Long trousers, and look yourself over in the evening."],
  "private-land": ["Private land", "Ask whoever owns or works it before you leave the path."],
  "run-off": ["Run-off", "Players fall over the line. Keep to the photographers’ line of the ground."],
  horses: ["Horses", "Stay out of the line of a fence and its landing; stand still; stewards decide."],
  vehicles: ["Vehicles", "Never in the run-off of a bend. Marshals decide where you stand."],
  water: ["Water", "Wet edges slip. Never wade alone."],
  electricity: ["Mains near water", "Battery power only beside a pool; ask the hall’s staff."],
  heights: ["Heights", "Tie yourself and the kit where you can fall."],
  heat: ["Heat", "Two bottles of water, shade between heats."],
  cold: ["Cold", "Gloves, a spare battery in the pocket, an end agreed beforehand."],
  lightning: ["Lightning", "At the first thunder leave masts, trees and open ground."],
  avalanche: ["Avalanche terrain", "Read the day’s bulletin; go only with qualified people."],
  sun: ["Sun through a long lens", "Never look at it through an optical finder."],
  nests: ["Nests and dens", "Law protects them. If a parent stays away, leave."],
  distance: ["Distance", "When the animal looks up, you are too near."],
  playback: [
    "Calls played to birds",
    "Not in the breeding season, and not where the law or the warden forbids it.",
  ],
  feeding: ["Feeding", "Clean and small; once begun in winter it goes on till spring. Ask the warden first."],
  alone: ["Alone in the field", "Tell somebody where you are and when you will be back."],
} as const;

type CautionCode = keyof typeof CAUTIONS;

export const cautionName = (code: CautionCode): string => CAUTIONS[code][0];
export const cautionSentence = (code: CautionCode): string => CAUTIONS[code][1];
