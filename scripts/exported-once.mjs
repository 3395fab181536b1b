// Says which names two files export: one name, one thing. What the framework looks for by name is left out.
import { readdirSync, readFileSync } from "node:fs";
import { join, relative } from "node:path";
import ts from "typescript";
import { ROOT } from "./machine.mjs";

const OF_THE_FRAMEWORK = ["generateMetadata", "metadata", "dynamic", "config", "GET", "POST"];

/** @returns {readonly string[]} the names that a file declares and exports, its default left out */
function exportedNames(file) {
  const source = ts.createSourceFile(
    file,
    readFileSync(file, "utf8"),
    ts.ScriptTarget.Latest,
    true,
  );
  return source.statements.flatMap((statement) => {
    const kinds = (statement.modifiers ?? []).map(({ kind }) => kind);
    const isNamed =
      kinds.includes(ts.SyntaxKind.ExportKeyword) && !kinds.includes(ts.SyntaxKind.DefaultKeyword);
    if (!isNamed) return [];
    if (ts.isVariableStatement(statement))
      return statement.declarationList.declarations.map(({ name }) => name.getText());
    return statement.name === undefined ? [] : [statement.name.getText()];
  });
}

const files = readdirSync(join(ROOT, "src"), { recursive: true, encoding: "utf8" })
  .filter((name) => /\.tsx?$/u.test(name))
  .map((name) => join(ROOT, "src", name));
const byName = new Map();
for (const file of files)
  for (const name of new Set(exportedNames(file)))
    byName.set(name, [...(byName.get(name) ?? []), relative(ROOT, file)]);

const twice = [...byName].filter(
  ([name, places]) => places.length > 1 && !OF_THE_FRAMEWORK.includes(name),
);
for (const [name, places] of twice) console.error(`${name} is exported by ${places.join(" and ")}`);
if (twice.length > 0) process.exit(1);
console.log(`${byName.size} exported names, each by one file`);
