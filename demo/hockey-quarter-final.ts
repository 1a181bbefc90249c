import type { Outing } from "@/data";
import { hockeyEvening } from "./hockey-evening";
import { mount, promise } from "./plan";

const event = (id: string, name: string, at: string, minutes: number) => ({
  id,
  name,
  at,
  minutes,
  calls: [],
  place: null,
  priority: 2 as const,
  setUp: 0,
});

/**
 * The quarter-final on the same ground two weeks before the semi-final: over, its pictures read back. People, club, tags and all that was
 * measured are invented.
 */
export const hockeyQuarterFinal: Outing = {
  ...hockeyEvening,
  id: "hockey-quarter-final",
  name: "Cup quarter-final",
  date: "2026-10-03",
  from: "13:00",
  starts: "14:00",
  until: "15:45",
  plannedAt: "14:05",
  shots: [
    ...hockeyEvening.shots,
    promise({
      id: "winger-panned",
      name: "Winger, panned",
      intent: "pan",
      technique: "panned",
      subjectId: "hockey-runner",
      spotId: "right-wing",
      holdPartId: "body",
      streakShare: 0.03,
      wanted: 1,
      priority: 3,
    }),
  ],
  choices: [...hockeyEvening.choices, mount("winger-panned", "b", "zoom-70-200", "monopod")],
  light: { cloudEighths: 1, lamps: null, readings: [] },
  programme: [
    event("first-quarter", "First quarter", "14:00", 15),
    event("second-quarter", "Second quarter", "14:18", 15),
    event("third-quarter", "Third quarter", "14:45", 15),
    event("fourth-quarter", "Fourth quarter", "15:03", 15),
    event("after", "After the whistle", "15:20", 12),
  ],
  people: [
    { id: "ines", name: "Ines Dahl", number: "9", club: "Quarry Lane", consent: "given" },
    { id: "tova", name: "Tova Brandt", number: "4", club: "Quarry Lane", consent: "given" },
    { id: "runa", name: "Runa Falk", number: "1", club: "Quarry Lane", consent: "not-asked" },
    { id: "mila", name: "Mila Oster", number: "11", club: "Weir Park", consent: "refused" },
  ],
  deliverables: [
    {
      id: "club",
      name: "Ten for the club’s page",
      to: "Quarry Lane",
      by: "the evening",
      form: "2000 px, captioned",
      done: false,
    },
  ],
  notes: "Kneel behind the east boards: ask before.",
};
