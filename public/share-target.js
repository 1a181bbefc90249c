// What another application shares with this one, a file of ours, comes as a POST that no server sees: it is put aside here, and the page that
// is opened shows it and asks before anything is kept.
const SHARED = "bp-shared";
/** Where the application is served from: ends with a stroke. */
const { pathname: BASE } = new URL(self.registration.scope);
/** Bytes of a file that is taken: more is none of ours. */
const MOST = 5_000_000;

async function putAside(request) {
  const form = await request.formData();
  const file = form.get("file");
  if (!(file instanceof File) || file.size > MOST) return Response.redirect(`${BASE}receive#none`, 303);
  const cache = await caches.open(SHARED);
  await cache.put("/shared", new Response(file, { headers: { "Content-Type": "application/json" } }));
  return Response.redirect(`${BASE}receive#shared`, 303);
}

self.addEventListener("fetch", (event) => {
  const { pathname } = new URL(event.request.url);
  if (event.request.method === "POST" && pathname === `${BASE}receive`)
    event.respondWith(putAside(event.request));
});
