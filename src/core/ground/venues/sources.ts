/**
 * Governing body and document of each venue by its id; what is free in the rules and was chosen here. Apart from the venues, which
 * every start needs, while these are read in the library alone.
 */
export const VENUE_SOURCES: Readonly<Record<string, string>> = {
  "field-hockey": "FIH Rules of Hockey, field of play",
  football: "IFAB Laws of the Game, law 1; 105 × 68 chosen within 90–120 × 45–90",
  "rugby-union": "World Rugby Laws, law 1; 100 m between goal lines and in-goals of 11 m chosen within 6–22",
  "rugby-league": "International Rugby League Laws, section 1; in-goals of 8 m chosen within 6–11",
  gridiron: "IFAF Football Rules, rule 1; 120 × 53 1/3 yards",
  "australian-football": "Laws of Australian Football, law 3; 165 × 135 chosen within 135–185 × 110–155",
  "gaelic-field": "GAA Official Guide, part 2, rule 1; 140 × 85 chosen within 130–145 × 80–90",
  lacrosse: "World Lacrosse rules, field; restraining lines by memory",
  cricket: "MCC Laws of Cricket, laws 6–8; ICC playing conditions; boundary of 65 m chosen within 59–82",
  baseball: "WBSC Baseball Rules, rule 2; fence at 122 m straight away, 99.7 m on the lines chosen",
  "baseball-youth":
    "rules for youth leagues, not WBSC’s: bases of 60 ft, pitcher at 46 ft; fence at 200 ft chosen",
  softball: "WBSC Softball Rules, rule 2; women’s fast pitch",
  "athletics-400":
    "World Athletics Track and Field Facilities Manual: radius 36.50, straights 84.39, lanes 1.22",
  "throwing-sector":
    "World Athletics Competition Rules, 32: sector of 34.92°, discus circle 2.50 m; 90 m shown",
  "javelin-sector":
    "World Athletics Competition Rules, 32 and 38: sector of 28.96°, arc of 8 m, runway 4 m; 100 m shown",
  basketball: "FIBA Official Basketball Rules, rule 2",
  handball: "IHF Rules of the Game, rule 1",
  futsal: "FIFA Futsal Laws of the Game, law 1; 40 × 20 chosen within 38–42 × 20–25",
  korfball: "IKF Rules of Korfball, section 1",
  netball: "World Netball Rules, rule 3",
  volleyball: "FIVB Official Volleyball Rules, rule 1; 5 m and 6.5 m of run-off at world events",
  "beach-volleyball": "FIVB Official Beach Volleyball Rules, rule 1",
  badminton: "BWF Laws of Badminton, law 1",
  tennis: "ITF Rules of Tennis, rule 1",
  "table-tennis": "ITTF Laws of Table Tennis and regulations: table 2.74 × 1.525, space 14 × 7",
  squash: "World Squash court specifications",
  "ice-hockey": "IIHF Official Rule Book, rule 1; 60 × 30 with corners of 8.5 m chosen within 7–8.5",
  "pool-50":
    "World Aquatics Facilities Rules: ten lanes of 2.5 m; flags at 5 m and marks at 15 m from the walls",
  "pool-25": "World Aquatics Facilities Rules: eight lanes of 2.5 m chosen",
  "pool-10": "no rules of World Aquatics: a pool for lessons, measures chosen",
  "water-polo": "World Aquatics Water Polo Rules: 30 × 20, lines at 2 m and 5 m",
  "rowing-course": "World Rowing Rules of Racing: six lanes of 13.5 m over 2000 m",
  "show-jumping": "FEI Jumping Rules: outdoors at least 4000 m² with a short side of 50 m; 80 × 50 is that",
  dressage: "FEI Dressage Rules: 60 × 20",
  velodrome:
    "UCI Regulations, part 3: 250 m at the measuring line; straights of 37 m and 7 m of width chosen",
  "gymnastics-floor": "FIG Apparatus Norms: 12 × 12 with a border of 1 m",
  "fencing-piste": "FIE technical rules: 14 m with 2 m behind each end, 1.5–2 m wide",
  "judo-mat": "IJF Sport and Organisation Rules: contest area 8–10 m, safety area 3–4 m",
  "speed-climbing": "IFSC Rules: two lanes of 3 m, 15 m high; the floor before the wall is shown",
  "archery-70": "World Archery Rules, book 2: 70 m from shooting line to targets",
  "open-ground": "no rules: nothing is painted",
};
