// Metro does not drop what nobody imports: one name out of a folder's index would bring the whole folder along. This rewrites
// imports from `src/core/FOLDER`, the words and the edits to the files that hold the names, so the build carries what is used.
const { createHash } = require("node:crypto");
const { existsSync, readdirSync, readFileSync } = require("node:fs");
const path = require("node:path");

const FOLDERS = ["core", "words", path.join("outing", "edits")].map(
  (folder) => path.join(__dirname, "src", folder) + path.sep,
);
const EXPORTS = /export (type )?\{([^}]*)\} from "([^"]+)";/g;

/** The index file that an import names, if it names one of those folders or one inside. */
function indexOf(source, from) {
  const base = source.startsWith("@/")
    ? path.join(__dirname, "src", source.slice(2))
    : source.startsWith(".")
      ? path.resolve(path.dirname(from), source)
      : undefined;
  const index = base && path.join(base, "index.ts");
  return FOLDERS.some((folder) => index?.startsWith(folder)) && existsSync(index) ? index : undefined;
}

const known = new Map();

/** Name → absolute file without its ending, for every name that an index passes on; indexes behind it are followed. */
function filesOf(index) {
  if (known.has(index)) return known.get(index);
  const files = new Map();
  for (const [, , names, source] of readFileSync(index, "utf8").matchAll(EXPORTS)) {
    const file = path.resolve(path.dirname(index), source);
    const deeper = indexOf(source, index);
    for (const name of names.split(",").map((n) => n.trim().replace(/^type /, "")))
      if (name) files.set(name, (deeper && filesOf(deeper).get(name)) ?? file);
  }
  known.set(index, files);
  return files;
}

module.exports = ({ types: t }) => ({
  name: "direct-imports",
  visitor: {
    ImportDeclaration(node, state) {
      const { source, specifiers, importKind } = node.node;
      const index = indexOf(source.value, state.filename);
      if (!index || importKind === "type" || !specifiers.every((s) => t.isImportSpecifier(s))) return;
      const files = filesOf(index);
      // A name that the index defines itself is only to be had there.
      if (!specifiers.every((s) => files.has(s.imported.name))) return;
      node.replaceWithMultiple(
        specifiers
          .filter((s) => s.importKind !== "type")
          .map((s) => t.importDeclaration([s], t.stringLiteral(files.get(s.imported.name)))),
      );
    },
  },
});

/** What the rewriting hangs on besides the file itself: the bundler's cache has to know it. */
module.exports.stamp = () => {
  const indexes = FOLDERS.flatMap((folder) =>
    readdirSync(folder, { recursive: true, encoding: "utf8" })
      .filter((f) => path.basename(f) === "index.ts")
      .map((f) => path.join(folder, f)),
  );
  const texts = [__filename, ...indexes].map((f) => readFileSync(f, "utf8"));
  return createHash("sha1").update(texts.join("\n")).digest("hex");
};
