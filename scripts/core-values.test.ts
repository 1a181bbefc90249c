import { join, relative, sep } from "node:path";
import ts from "typescript";

// No file of features or ui imports a value of the core: a screen draws an answer and computes nothing. Symbols are resolved to
// where they are declared, so that no floor between hands a function of the core on.

const ROOT = join(__dirname, "..");
const config = ts.parseJsonConfigFileContent(
  { ...ts.readConfigFile(join(ROOT, "tsconfig.json"), ts.sys.readFile).config, include: ["src/**/*"] },
  ts.sys,
  ROOT,
);
const program = ts.createProgram(config.fileNames, { ...config.options, noEmit: true });
const checker = program.getTypeChecker();
const placeOf = (file: string): string => relative(ROOT, file).split(sep).join("/");

/** What a symbol is in the end, if it is a value that is declared in the core. */
function isCoreValue(name: ts.Node): boolean {
  const symbol = checker.getSymbolAtLocation(name);
  if (!symbol) return false;
  const meant = symbol.flags & ts.SymbolFlags.Alias ? checker.getAliasedSymbol(symbol) : symbol;
  const isValue = (meant.flags & ts.SymbolFlags.Value) !== 0;
  return (
    isValue &&
    (meant.declarations ?? []).some((d) => placeOf(d.getSourceFile().fileName).startsWith("src/core/"))
  );
}

/** Names of values of the core that a file imports or hands on. */
function coreValuesOf(source: ts.SourceFile, of: "imported" | "handed on"): string[] {
  return source.statements.flatMap((statement) => {
    if (
      of === "imported" &&
      ts.isImportDeclaration(statement) &&
      statement.importClause?.phaseModifier !== ts.SyntaxKind.TypeKeyword
    ) {
      const named = statement.importClause?.namedBindings;
      if (!named || !ts.isNamedImports(named)) return [];
      return named.elements.filter((e) => !e.isTypeOnly && isCoreValue(e.name)).map((e) => e.name.text);
    }
    if (
      of === "handed on" &&
      ts.isExportDeclaration(statement) &&
      !statement.isTypeOnly &&
      statement.exportClause
    ) {
      if (!ts.isNamedExports(statement.exportClause)) return [];
      return statement.exportClause.elements
        .filter((e) => !e.isTypeOnly && isCoreValue(e.name))
        .map((e) => e.name.text);
    }
    return [];
  });
}

const sources = program
  .getSourceFiles()
  .filter(({ fileName }) => !fileName.includes("node_modules") && !/\.test\.tsx?$/.test(fileName));
const within = (...folders: readonly string[]): ts.SourceFile[] =>
  sources.filter(({ fileName }) => folders.some((f) => placeOf(fileName).startsWith(`src/${f}/`)));

test("no screen computes: no file of features or ui imports a value of the core", () => {
  const files = within("features", "ui");
  expect(files.length).toBeGreaterThan(300);
  const found = files.flatMap((f) =>
    coreValuesOf(f, "imported").map((name) => `${placeOf(f.fileName)}: ${name}`),
  );
  expect(found).toEqual([]);
});

test("no floor between hands a value of the core on", () => {
  const files = within("outing", "answers", "data", "words");
  expect(files.length).toBeGreaterThan(150);
  const handed = files.flatMap((f) =>
    coreValuesOf(f, "handed on").map((name) => `${placeOf(f.fileName)}: ${name}`),
  );
  expect(handed).toEqual([]);
});
