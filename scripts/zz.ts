import { OWN, searched } from "./beginnings/begin";
let n = 0, bad = 0;
const t = Date.now();
for (const b of OWN) { if (n % 1 === 0 && Date.now() - t > 520_000) break; const r = searched(b); n++; if (r.class !== "good") { bad++; console.log(r.class, r.subjectId, r.venueId, r.why, r.away.toFixed(1)); } }
console.log(n, "searched", bad, "not good");
