import { giveAway, readBundle } from "./late-chunks.mjs";

const md = (id: number, needs: number[], late: Record<number, string> = {}): string =>
  Object.keys(late).length === 0
    ? `__d(function(g,r){r(d[0])},${id},[${needs.join(",")}]);`
    : `__d(function(g,r){},${id},${JSON.stringify({
        ...Object.fromEntries([...needs, ...Object.keys(late).map(Number)].map((n, i) => [i, n])),
        paths: late,
      })});`;
const bundle = (...modules: string[]) => readBundle(modules.join("\n"));

/** A start that loads the stages and the desk; the stages load a panel. 50 and 51 are shared, 51 with the panel too. */
const BUILD = () =>
  new Map([
    ["entry.js", bundle(md(1, [], { 10: "/js/stages.js", 20: "/js/desk.js" }))],
    ["stages.js", bundle(md(10, [51, 52], { 30: "/js/panel.js" }))],
    ["desk.js", bundle(md(20, [50]))],
    ["panel.js", bundle(md(30, [50, 51]))],
    ["common.js", bundle(md(50, []), md(51, []), md(52, [53]), md(53, []))],
  ]);

test("what late parts share goes to each that needs it, and not again to one that is loaded after another that has it", () => {
  const { given, kept } = giveAway(BUILD(), "common.js");
  const ids = (file: string) => (given.get(file) ?? []).map((m: { id: number }) => m.id);
  expect(ids("stages.js")).toEqual([51, 52, 53]);
  expect(ids("desk.js")).toEqual([50]);
  expect(ids("panel.js")).toEqual([50]);
  expect(kept).toEqual([]);
});

test("a part that is loaded from the start as well gets what it needs itself", () => {
  const build = BUILD();
  build.set("entry.js", bundle(md(1, [], { 10: "/js/stages.js", 20: "/js/desk.js", 30: "/js/panel.js" })));
  const { given } = giveAway(build, "common.js");
  expect(given.get("panel.js")!.map((m: { id: number }) => m.id)).toEqual([50, 51]);
});

test("a shared module that the start asks for at once is said, and not given away", () => {
  const build = BUILD();
  build.set("entry.js", bundle(md(1, [50], { 10: "/js/stages.js", 20: "/js/desk.js" })));
  expect(() => giveAway(build, "common.js")).toThrow("give the import() a file of its own");
});

test("a bundle of another form is refused", () => {
  expect(() => readBundle("__d(function(){},'a')")).toThrow("another form");
});

test("a part that the start and a late part both load, through a module of the start, lacked what it needs", () => {
  const build = BUILD();
  build.set(
    "entry.js",
    bundle(md(1, [2], { 10: "/js/stages.js", 20: "/js/desk.js" }), md(2, [], { 40: "/js/dialog.js" })),
  );
  build.set("desk.js", bundle(md(20, [50, 2])));
  build.set("dialog.js", bundle(md(40, [50])));
  const { given } = giveAway(build, "common.js");
  expect(given.get("dialog.js")!.map((m: { id: number }) => m.id)).toEqual([50]);
});
