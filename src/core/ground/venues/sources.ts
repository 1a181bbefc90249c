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
  "football-7":
    "The FA, guide to pitch and goalpost dimensions: 55 × 37 for seven a side, goals of 3.66 × 1.83",
  "football-9":
    "The FA, guide to pitch and goalpost dimensions: 73 × 46 for nine a side, goals of 4.88 × 2.13",
  polo: "FIP International Rules for Polo: 300 × 160 yards with boards, goals 8 yards wide",
  "golf-hole":
    "no rules of length: The R&A Rules of Golf name the areas of a course; a par three of 150 m chosen",
  "dog-agility": "FCI Agility Regulations: a ring of at least 24 × 40; hurdles of 0.55–0.65 for large dogs",
  racecourse: "no rules of width: 30 m and 400 m of straight chosen; running rails 1.1 m high",
  "motor-bend": "FIA Appendix O: at least 12 m wide; bend of 60 m and gravel of 20 m chosen",
  speedway:
    "FIM Track Racing standards: 260–425 m round, at least 10 m wide on the straights; 12 m and 296 m round chosen",
  "slalom-hill":
    "FIS International Ski Competition Rules, 801: gates 4–6 m wide, 6–13 m apart; 5 and 10 m chosen",
  "ski-piste":
    "FIS International Ski Competition Rules, 901: giant slalom gates 4–8 m wide; a piste of 36 m chosen",
  "half-pipe": "FIS Snowboard rules: 150–170 m long, 19–22 m wide, walls of 6.7 m",
  "jump-hill": "FIS Standards for the Construction of Jumping Hills: width where they land chosen",
  "canoe-slalom": "ICF Canoe Slalom Rules: 150–400 m, gates 1.2–4 m wide; a channel of 12 m chosen",
  "skate-park": "no rules of size: World Skate judges what is ridden; 45 × 25 chosen",
  "jump-line": "no rules of size: UCI part 6 names starts and lanes; jumps of 1.6 m chosen",
  "basketball-outdoor": "FIBA Official Basketball Rules, rule 2",
  "basketball-3x3": "FIBA 3x3 Rules of the Game: 15 × 11, the lines of one end",
  "netball-outdoor": "World Netball Rules, rule 3",
  "tennis-hard": "ITF Rules of Tennis, rule 1",
  padel: "FIP Rules of Padel: 20 × 10, net 0.88–0.92, walls of 3 m with mesh to 4 m",
  floorball: "IFF Rules of the Game: 40 × 20 with round corners, board of 0.5, goal 1.6 × 1.15",
  "gym-hall": "DIN 18032-1: a single hall of 27 × 15 × 5.5",
  "curling-sheet":
    "World Curling Rules: 45.72 × 5, houses of 1.83 about tees 34.75 apart, hog lines 6.40 before them",
  "boxing-ring": "IBA Technical Rules: 6.1 within the ropes on a floor of 7.8, 1 m high, four ropes to 1.3",
  "wrestling-mat": "United World Wrestling rules: a circle of 9 m on a mat of 12",
  "karate-mat": "WKF and World Taekwondo rules: 8 × 8 with 2 m about it",
  "indoor-track-200":
    "World Athletics Track and Field Facilities Manual, chapter 8: 200 m, six lanes of 0.90; radius 17.20 and straights to make 200 m chosen",
  "pool-50-outdoor":
    "World Aquatics Facilities Rules: ten lanes of 2.5 m; flags at 5 m and marks at 15 m from the walls",
  "diving-pool":
    "World Aquatics Facilities Rules, diving: boards at 1 and 3 m, platform at 10; a basin of 25 × 25 chosen",
  "lead-wall": "IFSC Rules: walls of at least 12 m, routes of at least 15 m; 16 m of width chosen",
  "boulder-wall": "IFSC Rules: boulders no higher than 4.5 m over the mats; 24 m of width chosen",
  "garden-feeder": "no rules: a garden as one may be",
  wood: "no rules: a wood as one may be",
  "reed-bed": "no rules: a reed bed as one may be",
  cliff: "no rules: a cliff as one may be; stay on its path",
  estuary: "no rules: an estuary as one may be",
  beach: "no rules: a beach as one may be",
  harbour: "no rules: a harbour as one may be",
  savanna: "no rules: a reserve’s track as one may be",
  zoo: "no rules: an enclosure as one may be",
  "open-ground": "no rules: nothing is painted",
};
