import path from "node:path";
import { transformSync } from "@babel/core";
import directImports from "../babel-direct-imports";

const root = path.resolve(__dirname, "..");
const rewritten = (code: string, file = "src/features/x.ts"): string =>
  transformSync(code, {
    filename: path.join(root, file),
    plugins: [directImports, ["@babel/plugin-syntax-typescript", {}]],
    babelrc: false,
    configFile: false,
  })!
    .code!.replaceAll(root, "ROOT")
    .replaceAll("\n", " ");

test("names of a core folder are imported from the files that hold them, types not at all", () => {
  expect(rewritten(`import { sunAt, skyPhase, type Sun } from "@/core/light";`)).toBe(
    `import { sunAt } from "ROOT/src/core/light/sun"; import { skyPhase } from "ROOT/src/core/light/sun";`,
  );
  expect(rewritten(`import { add as plus } from "../ground";`, "src/core/light/x.ts")).toBe(
    `import { add as plus } from "ROOT/src/core/ground/vector";`,
  );
});

test("so are words and edits, which screens that load late use alone", () => {
  expect(rewritten(`import { rungWords } from "@/words";`)).toBe(
    `import { rungWords } from "ROOT/src/words/pan";`,
  );
  expect(rewritten(`import { lockRails } from "@/outing/edits";`)).toBe(
    `import { lockRails } from "ROOT/src/outing/edits/shot";`,
  );
});

test("an index behind an index is followed, and what an index defines itself stays there", () => {
  expect(rewritten(`import { VENUES } from "@/core/ground";`)).toBe(
    `import { VENUES } from "ROOT/src/core/ground/venues/rows";`,
  );
  expect(rewritten(`import { SUBJECTS } from "@/core/catalogue";`)).toBe(
    `import { SUBJECTS } from "ROOT/src/core/catalogue/subjects";`,
  );
});

test("nothing else is touched: other folders, whole namespaces, pure types", () => {
  for (const code of [
    `import { Txt } from "@/ui/text/Txt";`,
    `import * as light from "@/core/light";`,
    `import type { Sun } from "@/core/light";`,
    `import { useMemo } from "react";`,
  ])
    expect(rewritten(code)).toBe(code);
});

test("the stamp that the bundler's cache hangs on is a digest", () => {
  expect(directImports.stamp()).toMatch(/^[0-9a-f]{40}$/);
});
