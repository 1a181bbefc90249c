// What the core knows and no screen tells: public functions of the core that nothing on a screen reaches, by name or through
// another function. The command line's doors, tests, types and re-exports do not count.
import path from "node:path";
import ts from "typescript";
import { root } from "./prepare.mjs";

/** The number may fall and not grow. */
const MOST = 0;
const MOST_EXEMPT = 10;

/** Public functions that need no screen, each with why; at most ten. */
const EXEMPT = {};

/** Where a reader begins: the routes, and the workers that they start. What they reach, late parts too, is on a screen. */
const SCREENS = ["app", "src/workers"].map((folder) => path.join(root, folder) + path.sep);
/** The formulas that could be told call every function that has one; that alone puts none on a screen. */
const REGISTRY = /core\/[a-z]+\/formulas\.ts$/;
const CORE = path.join(root, "src", "core") + path.sep;
const isTest = (file) => /\.test\.tsx?$/.test(file);

const config = ts.getParsedCommandLineOfConfigFile(
  path.join(root, "tsconfig.json"),
  {},
  {
    ...ts.sys,
    onUnRecoverableConfigFileDiagnostic: (d) => {
      throw new Error(ts.flattenDiagnosticMessageText(d.messageText, "\n"));
    },
  },
);
const program = ts.createProgram(config.fileNames, config.options);
const checker = program.getTypeChecker();

/** The declaration at the top of its file that a node belongs to. */
function topOf(node) {
  let at = node;
  while (at.parent && !ts.isSourceFile(at.parent)) {
    if (ts.isVariableDeclaration(at) && ts.isSourceFile(at.parent.parent.parent)) return at;
    at = at.parent;
  }
  return at;
}

const resolved = (symbol) =>
  symbol && symbol.flags & ts.SymbolFlags.Alias ? checker.getAliasedSymbol(symbol) : symbol;

/** Top-level declarations that a top-level node speaks of, other than as a type. */
function namedIn(node) {
  const named = new Set();
  const look = (at) => {
    if (ts.isTypeNode(at) || ts.isInterfaceDeclaration(at) || ts.isTypeAliasDeclaration(at)) return;
    if (ts.isIdentifier(at)) {
      const symbol = ts.isShorthandPropertyAssignment(at.parent)
        ? checker.getShorthandAssignmentValueSymbol(at.parent)
        : checker.getSymbolAtLocation(at);
      for (const declaration of resolved(symbol)?.declarations ?? []) named.add(topOf(declaration));
    }
    // Of a part that is fetched late all is reached that it gives.
    if (ts.isCallExpression(at) && at.expression.kind === ts.SyntaxKind.ImportKeyword) {
      const part = checker.getSymbolAtLocation(at.arguments[0]);
      for (const given of part ? checker.getExportsOfModule(part) : [])
        for (const declaration of resolved(given)?.declarations ?? []) named.add(topOf(declaration));
    }
    ts.forEachChild(at, look);
  };
  look(node);
  return named;
}

const sources = program.getSourceFiles().filter((f) => !f.isDeclarationFile && !isTest(f.fileName));
const found = new Set();
const next = [];
const reach = (node) => {
  if (found.has(node) || REGISTRY.test(node.getSourceFile().fileName)) return;
  found.add(node);
  next.push(node);
};
for (const file of sources)
  if (SCREENS.some((folder) => file.fileName.startsWith(folder))) {
    for (const statement of file.statements)
      if (!ts.isExportDeclaration(statement) && !ts.isImportDeclaration(statement)) reach(statement);
    for (const given of checker.getExportsOfModule(checker.getSymbolAtLocation(file)))
      for (const declaration of resolved(given)?.declarations ?? []) reach(topOf(declaration));
  }
while (next.length > 0) for (const declaration of namedIn(next.pop())) reach(declaration);

const untold = [];
for (const file of sources) {
  if (!file.fileName.startsWith(CORE) || path.basename(file.fileName) !== "index.ts") continue;
  if (path.dirname(path.dirname(file.fileName)) + path.sep !== CORE) continue;
  const folder = path.basename(path.dirname(file.fileName));
  for (const exported of checker.getExportsOfModule(checker.getSymbolAtLocation(file))) {
    const symbol = resolved(exported);
    const declaration = symbol.valueDeclaration;
    if (!declaration) continue;
    if (checker.getTypeOfSymbolAtLocation(symbol, declaration).getCallSignatures().length === 0) continue;
    if (!found.has(topOf(declaration))) untold.push(`${folder}/${exported.name}`);
  }
}

const exempt = Object.entries(EXEMPT);
for (const [name, why] of exempt) console.log(`exempt: ${name}: ${why}`);
const left = untold.filter((name) => !(name in EXEMPT)).sort();
for (const name of left) console.log(name);
if (exempt.length > MOST_EXEMPT) console.log(`${exempt.length} are exempt; at most ${MOST_EXEMPT} may be`);
if (left.length > MOST) console.log(`more than the ${MOST} that there were: show the new ones on a screen`);
console.log(`${left.length} untold`);
process.exitCode = left.length > MOST || exempt.length > MOST_EXEMPT ? 1 : 0;
