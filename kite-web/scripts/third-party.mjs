/**
 * Writes THIRD-PARTY.md: what ships with the application, with its licence. Java's from the bill of materials
 * (mvn org.cyclonedx:cyclonedx-maven-plugin:2.9.1:makeAggregateBom -DoutputName=bom -DincludeTestScope=false), the page's from its packages.
 */
import { readFileSync, writeFileSync } from "node:fs";

const ROOT = new URL("../../", import.meta.url);
const json = (path) => JSON.parse(readFileSync(new URL(path, ROOT), "utf8"));

const licences = (c) =>
  (c.licenses ?? []).map((l) => l.license?.id ?? l.license?.name ?? l.expression).join(" or ") || "not said";
const java = json("target/bom.json")
  .components.filter((c) => c.group !== "kitetail")
  .map((c) => [`${c.group}:${c.name}`, c.version, licences(c)])
  .sort();

const lock = json("kite-web/package-lock.json").packages;
const page = Object.entries(lock)
  .filter(([path, p]) => path && !p.dev && !p.optional && !p.peer)
  .map(([path, p]) => [path.replace(/^.*node_modules\//, ""), p.version, p.license ?? "not said"])
  .sort();

const table = (rows) => rows.map((r) => `| ${r.join(" | ")} |`).join("\n");
writeFileSync(
  new URL("THIRD-PARTY.md", ROOT),
  `# What ships with it, and under which licence

Kite Tail itself is Apache-2.0. Made by \`kite-web/scripts/third-party.mjs\`. Libraries under the LGPL
(${java.filter((r) => r[2].includes("LGPL")).map((r) => r[0]).join(", ")}) are used as they are, as jars of
their own in the application's \`lib\` folder, where they can be exchanged for other builds of themselves.

## Java

| library | version | licence |
|---|---|---|
${table(java)}

## Page

| package | version | licence |
|---|---|---|
${table(page)}
`,
);
