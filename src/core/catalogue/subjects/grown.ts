/** Ids of grown players of teams whose young ones the library has too. */
export const GROWN = [
  "hockey-runner",
  "ice-hockey-skater",
  "football-runner",
  "football-goalkeeper",
  "rugby-runner",
  "gridiron-runner",
  "australian-mark",
  "hurling-striker",
  "lacrosse-shot",
  "basketball-drive",
  "handball-throw",
  "volleyball-attack",
  "netball-shot",
  "futsal-player",
  "floorball-player",
  "gaelic-football-runner",
  "korfball-shot",
  "cricket-batter",
  "cricket-bowler",
  "softball-batter",
  "softball-pitcher",
  "baseball-pitcher",
  "baseball-fielder",
  "water-polo-throw",
];

/** What the id of a young player ends in. */
export const MARK = "-youth";

/** The grown player whose figure, ground, dangers and places a young one shares; the id itself for anybody else. */
export const grownOf = (id: string): string => {
  const grown = id.endsWith(MARK) ? id.slice(0, -MARK.length) : id;
  return GROWN.includes(grown) ? grown : id;
};
