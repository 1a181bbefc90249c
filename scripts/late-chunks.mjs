// What two late parts of the application share, the bundler puts into a chunk that loads at the start. This gives each such
// module to the late parts that need it instead, unless a part that is always loaded before them has it: so a late part
// costs the first load nothing. A module that stands in two files runs once: the second definition of an id is ignored.
import { createHash } from "node:crypto";
import { readdirSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import path from "node:path";

const MODULE = /^__d\(/m;
const TAIL = /,(\d+),(\[[\d,]*\]|\{(?:"\d+":\d+,?)*(?:"paths":\{[^}]*\})?\})\);\s*$/;

/** The modules of a bundle in their order, with the ids that each needs at once and those that it loads late. */
export function readBundle(text) {
  const [head, ...rest] = text.split(/(?=^__d\()/m);
  const before = MODULE.test(head) ? "" : head;
  const parts = MODULE.test(head) ? [head, ...rest] : rest;
  const modules = parts.map((part) => {
    const end = part.lastIndexOf(");") + 2;
    const tail = TAIL.exec(part.slice(0, end));
    if (!tail) throw new Error(`the bundle has a module of another form than is known: ${part.slice(0, 80)}`);
    const listed = JSON.parse(tail[2]);
    const paths = Array.isArray(listed) ? {} : (listed.paths ?? {});
    const ids = Array.isArray(listed)
      ? listed
      : Object.entries(listed).flatMap(([k, v]) => (k === "paths" ? [] : [v]));
    return {
      id: Number(tail[1]),
      text: part.trimEnd(),
      needs: ids.filter((id) => !(id in paths)),
      late: Object.entries(paths).map(([id, file]) => ({ id: Number(id), file })),
    };
  });
  return { before, modules };
}

/** A function of a file, worked out once for each. */
const once = (of) => {
  const known = new Map();
  return (file) => {
    if (!known.has(file)) known.set(file, of(file));
    return known.get(file);
  };
};

/** Ids that a module brings along at once, itself among them. */
function closure(roots, modules) {
  const found = new Set();
  const walk = (id) => {
    if (found.has(id)) return;
    found.add(id);
    for (const next of modules.get(id)?.needs ?? []) walk(next);
  };
  roots.forEach(walk);
  return found;
}

/**
 * Which late file gets which of the shared modules. `bundles` by file name; `shared` names the file whose modules are
 * given away. A file that is loaded from one place only has what is loaded there.
 */
export function giveAway(bundles, shared) {
  const modules = new Map();
  const fileOf = new Map();
  for (const [file, { modules: list }] of bundles)
    for (const m of list) {
      modules.set(m.id, m);
      if (file !== shared) fileOf.set(m.id, file);
    }
  const roots = new Map();
  for (const m of modules.values())
    for (const { id, file } of m.late) {
      const name = path.basename(file);
      if (bundles.has(name)) roots.set(name, (roots.get(name) ?? new Set()).add(id));
    }
  const own = new Map([...roots].map(([file, ids]) => [file, closure([...ids], modules)]));
  const loaders = once((file) =>
    [...own.keys()].filter(
      (other) => other !== file && [...own.get(other)].some((id) => loads(modules.get(id), file)),
    ),
  );
  const loads = (m, file) => m?.late.some((l) => path.basename(l.file) === file) ?? false;
  /** A module of a file that no import() names is there from the start, also where late parts need it too. */
  const isThereAtStart = (id) =>
    fileOf.has(id) ? !own.has(fileOf.get(id)) : ![...own.values()].some((ids) => ids.has(id));
  const atStart = once((file) => [...modules.values()].some((m) => loads(m, file) && isThereAtStart(m.id)));
  const chain = (file, seen) => {
    const from = loaders(file);
    if (seen.has(file) || from.length !== 1 || atStart(file)) return new Set();
    return new Set([...own.get(from[0]), ...chain(from[0], seen.add(file))]);
  };
  /** What is there before a file is loaded, beside the start: what its only loader has. */
  const before = once((file) => chain(file, new Set()));
  const late = new Set([...own.values()].flatMap((ids) => [...ids]));
  const asked = closure(
    [...modules.keys()].filter((id) => !late.has(id) && fileOf.has(id)),
    modules,
  );
  const atOnce = bundles.get(shared).modules.find((m) => asked.has(m.id));
  if (atOnce)
    throw new Error(
      `a module is loaded late by itself and imported by another late part: give the import() a file of its own\n${atOnce.text.slice(0, 300)}`,
    );
  const given = new Map();
  const kept = [];
  for (const m of bundles.get(shared).modules) {
    const wanting = [...own].filter(([, ids]) => ids.has(m.id)).map(([file]) => file);
    const to = wanting.filter((file) => !before(file).has(m.id));
    if (to.length === 0) kept.push(m);
    for (const file of to) given.set(file, [...(given.get(file) ?? []), m]);
  }
  return { given, kept };
}

const joined = ({ before, modules }) => before + modules.map((m) => m.text).join("\n") + "\n";

/** Rewrites a build: the shared chunk is given away, and every file is named anew by its content. */
export function splitBuild(dist) {
  const folder = path.join(dist, "_expo/static/js/web");
  const files = readdirSync(folder).filter((f) => f.endsWith(".js"));
  const shared = files.find((f) => f.startsWith("__common-"));
  if (!shared) return;
  const texts = new Map(files.map((f) => [f, readFileSync(path.join(folder, f), "utf8")]));
  // A worker's bundle runs by itself and shares nothing.
  const runs = (text) => /^__r\(/m.test(text);
  const bundles = new Map();
  for (const [file, text] of texts)
    if (!file.startsWith("__expo-metro-runtime") && (!runs(text) || file.startsWith("entry-")))
      bundles.set(file, readBundle(text.split(/^__r\(/m)[0]));
  const { given, kept } = giveAway(bundles, shared);
  for (const [file, modules] of given) {
    const { before, modules: own } = bundles.get(file);
    texts.set(file, joined({ before, modules: [...modules, ...own] }));
  }
  if (kept.length > 0) texts.set(shared, joined({ before: "", modules: kept }));
  else texts.delete(shared);
  writeNamedByContent(dist, folder, texts, files);
}

/** Files name each other: those that name none come first. */
function writeNamedByContent(dist, folder, texts, old) {
  const page = path.join(dist, "index.html");
  let html = readFileSync(page, "utf8");
  for (const file of old) {
    rmSync(path.join(folder, file));
    if (!texts.has(file)) html = html.replace(new RegExp(`<script src="[^"]*${file}"[^>]*></script>`), "");
  }
  const left = new Map(texts);
  while (left.size > 0) {
    const ready = [...left].find(
      ([file, text]) => ![...left.keys()].some((f) => f !== file && text.includes(f)),
    );
    if (!ready)
      throw new Error("late parts of the build load each other in a circle; one of them has to come first");
    const [file, text] = ready;
    left.delete(file);
    const hash = createHash("md5").update(text).digest("hex");
    const name = file.replace(/-[0-9a-f]{32}\.js$/, `-${hash}.js`);
    writeFileSync(path.join(folder, name), text);
    html = html.replaceAll(file, name);
    for (const [other, content] of left) left.set(other, content.replaceAll(file, name));
  }
  writeFileSync(page, html);
}
