// Where the application is served from: "/", or a path that ends with one.
const BASE = new URL(".", document.currentScript.src).pathname;

// A browser that refuses its small storage gets one that lasts as long as the page: what is kept in its database is still found.
for (const name of ["localStorage", "sessionStorage"]) {
  try {
    window[name].getItem("bp/probe");
  } catch {
    const held = new Map();
    const stand = {
      getItem: (key) => held.get(String(key)) ?? null,
      setItem: (key, value) => void held.set(String(key), String(value)),
      removeItem: (key) => void held.delete(String(key)),
      clear: () => held.clear(),
      key: (index) => [...held.keys()][index] ?? null,
      get length() {
        return held.size;
      },
    };
    Object.defineProperty(window, name, { value: stand });
  }
}

// Sets the kept theme before anything is painted: a white flash in a hide at night would be the worst of starts.
try {
  // Before the first start of this version the theme stands where the last one kept its preferences.
  const kept = JSON.parse(localStorage.getItem("bp/theme") ?? localStorage.getItem("bp/preferences") ?? "{}");
  // A theme that follows the light is not known yet: it begins dark.
  const theme = kept.themeByLight && kept.theme !== "hide" ? "dusk" : kept.theme;
  if (theme === "dusk" || theme === "hide") document.documentElement.dataset.theme = theme;
} catch {
  // Storage closed or damaged: the day theme serves.
}

// The application then opens without a network. Browsers allow this on https and on this machine alone.
if ("serviceWorker" in navigator && window.isSecureContext) {
  const register = () => navigator.serviceWorker.register(`${BASE}sw.js`).catch(() => undefined);
  if (document.readyState === "complete") register();
  else window.addEventListener("load", register);
}

// A version that does not start gives way to the last one that did, of which a copy is kept; without one it is said, and
// nothing stays white. The copy also has the late parts of that version, for a page that was open while another took over.
const WORKED = "bp-worked";
const MARK = `${BASE}.worked`;
const PATIENCE_MS = 20_000;
const AFTER_ERROR_MS = 1500;
const BEFORE_COPY_MS = 5000;

const build = document.querySelector('meta[name="build"]')?.content;
let started = false;

const precache = async () => (await caches.keys()).find((name) => name.includes("-precache-"));
const pathOf = (request) => new URL(request.url).pathname;
const readMark = async (cache) => (await cache.match(MARK))?.json();

async function keepWorked() {
  const name = await precache();
  const cache = await caches.open(WORKED);
  const mark = await readMark(cache);
  if (!name || !build || mark?.build === build) return;
  const from = await caches.open(name);
  // A version that waits has its files in the same cache: what this one has by a path is what its service worker answers.
  const files = [...new Set((await from.keys()).map(pathOf))];
  // The page may be newer or older than what the service worker has.
  if (!(await (await fetch(`${BASE}index.html`)).text()).includes(build)) return;
  for (const file of files) {
    const held = await from.matchAll(file, { ignoreSearch: true });
    const answer = held.length === 1 ? held[0] : await fetch(file);
    if (answer.ok) await cache.put(file, answer);
  }
  await cache.put(MARK, new Response(JSON.stringify({ build, files })));
  const kept = new Set([...files, ...(mark?.files ?? []), MARK]);
  for (const key of await cache.keys()) if (!kept.has(pathOf(key))) await cache.delete(key);
}

async function goBackToWorked() {
  const cache = await caches.open(WORKED);
  const mark = await readMark(cache);
  const name = await precache();
  if (!name || !mark || mark.build === build) return false;
  const page = await cache.match(`${BASE}index.html`);
  if (!(await page?.text())?.includes(mark.build)) return false;
  const to = await caches.open(name);
  for (const key of await to.keys()) {
    const worked = await cache.match(pathOf(key));
    if (worked) await to.put(key, worked);
  }
  location.reload();
  return true;
}

// All that the browser holds of the application is dropped and fetched anew, once the server answers; the user's own stays.
async function fetchAnew() {
  const answers = await fetch(`${BASE}api/start`, { cache: "no-store" }).then(
    ({ ok }) => ok,
    () => false,
  );
  if (!answers) return false;
  for (const registration of (await navigator.serviceWorker?.getRegistrations()) ?? [])
    await registration.unregister();
  for (const name of (await globalThis.caches?.keys()) ?? []) await caches.delete(name);
  const sources = [...document.scripts].map(({ src }) => src).filter(Boolean);
  await Promise.all(sources.map((src) => fetch(src, { cache: "reload" }).catch(() => undefined)));
  location.reload();
  return true;
}

function sayNotStarted() {
  if (started || document.getElementById("stopped")) return;
  const box = document.createElement("div");
  box.id = "stopped";
  box.setAttribute("role", "alert");
  box.innerHTML =
    "<h1>Bright Perch has not started</h1><p>Nothing of yours is lost: it is stored in this browser. The network or the server may be slow or gone, or what this browser holds of the application is damaged.</p><button>Load again</button><button>Fetch it anew</button>";
  const [again, anew] = box.querySelectorAll("button");
  again.addEventListener("click", () => location.reload());
  anew.addEventListener("click", async () => {
    if (await fetchAnew().catch(() => false)) return;
    box.querySelector("p").textContent =
      "The server does not answer. Nothing of yours is lost. Try again where there is a network.";
  });
  document.body.append(box);
}

async function giveWay() {
  if (started) return;
  const hasGivenWay = await goBackToWorked().catch(() => false);
  if (!hasGivenWay) sayNotStarted();
}

window.addEventListener("error", () => !started && setTimeout(giveWay, AFTER_ERROR_MS), true);
setTimeout(giveWay, PATIENCE_MS);
window.addEventListener("bp-started", () => {
  started = true;
  document.getElementById("stopped")?.remove();
  if (navigator.serviceWorker?.controller)
    setTimeout(() => keepWorked().catch(() => undefined), BEFORE_COPY_MS);
});
