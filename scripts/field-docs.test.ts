import { readdirSync, readFileSync } from "node:fs";
import ts from "typescript";

const CORE = "src/core";

const isNumber = (type: ts.TypeNode | undefined): boolean =>
  type !== undefined &&
  (type.kind === ts.SyntaxKind.NumberKeyword || (ts.isUnionTypeNode(type) && type.types.some(isNumber)));

const hasDoc = (node: ts.Node): boolean => ts.getJSDocCommentsAndTags(node).length > 0;

/** The doc of a type without a name may stand at the property that is of this type. */
const hostOf = (field: ts.PropertySignature): ts.Node | undefined => {
  const host = ts.isTypeLiteralNode(field.parent) ? field.parent.parent : undefined;
  return host && ts.isPropertySignature(host) ? host : undefined;
};

const isPublic = (node: ts.Node): boolean =>
  (ts.isInterfaceDeclaration(node) || ts.isTypeAliasDeclaration(node)) &&
  (node.modifiers?.some((m) => m.kind === ts.SyntaxKind.ExportKeyword) ?? false);

function numericFields(file: string): { readonly name: string; readonly documented: boolean }[] {
  const source = ts.createSourceFile(file, readFileSync(file, "utf8"), ts.ScriptTarget.Latest, true);
  const found: { name: string; documented: boolean }[] = [];
  const walk = (node: ts.Node): void => {
    if (ts.isPropertySignature(node) && isNumber(node.type)) {
      const host = hostOf(node);
      const documented = hasDoc(node) || (host !== undefined && hasDoc(host));
      const line = source.getLineAndCharacterOfPosition(node.getStart()).line + 1;
      found.push({ name: `${file}:${line} ${node.name.getText()}`, documented });
    }
    ts.forEachChild(node, walk);
  };
  source.statements.filter(isPublic).forEach(walk);
  return found;
}

test("a numeric field of a public type tells no unit or range", () => {
  const files = readdirSync(CORE, { recursive: true, encoding: "utf8" }).filter(
    (f) => f.endsWith(".ts") && !f.endsWith(".test.ts"),
  );
  const fields = files.flatMap((f) => numericFields(`${CORE}/${f}`));
  expect(fields.length).toBeGreaterThan(500);
  expect(fields.filter((f) => !f.documented).map((f) => f.name)).toEqual([]);
});
