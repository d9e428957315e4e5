/**
 * Writes what the page knows of the server from the contract alone: the types of every door
 * (openapi.json), of the documents (their JSON Schemas), the range of every number in them, the
 * names of places and the lights. With --check it writes nothing and says what is no longer so.
 */
import { existsSync, readFileSync, writeFileSync } from "node:fs";
import { compile } from "json-schema-to-typescript";
import openapiTS, { astToString } from "openapi-typescript";
import ts from "typescript";

const SHIPPED = new URL("../../kite-formats/src/main/resources/kitetail/", import.meta.url);
const API = new URL("../src/api/", import.meta.url);
const NOTE = "// Made by npm run api; change the records or the schema it is made from instead.\n";

const made = {};

const read = (name) => JSON.parse(readFileSync(new URL(name, SHIPPED), "utf8"));
const plan = read("schema/plan-4.schema.json");
const sit = read("schema/sitdown-1.schema.json");
const attempt = read("schema/practice-1.schema.json");
const course = read("schema/course-1.schema.json");
const DOCUMENTS = ["PlanDocument", "SitDocument", "TryDocument", "CourseDocument"];

/** The doors; a document is what its own schema says. */
const api = await openapiTS(new URL("../openapi.json", import.meta.url), {
  transform(schema, { path }) {
    const name = path?.split("/").pop();
    if (schema.additionalProperties === true && DOCUMENTS.includes(name))
      return ts.factory.createImportTypeNode(
        ts.factory.createLiteralTypeNode(ts.factory.createStringLiteral("./documents")),
        undefined,
        ts.factory.createIdentifier(name),
      );
    return undefined;
  },
});
made["schema.d.ts"] = NOTE + astToString(api);

/** A choice by kind as a union, which is what the conditions in the schema mean. */
function union(node) {
  if (Array.isArray(node)) return node.map(union);
  if (node === null || typeof node !== "object") return node;
  const kinds = (node.allOf ?? []).filter((c) => c.if?.properties?.kind);
  if (kinds.length > 0)
    return {
      description: node.description,
      oneOf: kinds.map((c) => c.then),
    };
  const out = {};
  // That one of several must be given is the server's to check.
  const { oneOf, ...rest } = node;
  const said = oneOf?.every((o) => Object.keys(o).join() === "required") ? rest : node;
  for (const [k, v] of Object.entries(said)) out[k] = k === "$ref" ? v.replace("urn:kitetail:plan:4", "") : union(v);
  return out;
}

const both = union({
  $schema: plan.$schema,
  title: "Documents",
  type: "object",
  properties: { plan: { $ref: "#/$defs/planDocument" }, sit: { $ref: "#/$defs/sitDocument" }, attempt: { $ref: "#/$defs/tryDocument" }, course: { $ref: "#/$defs/courseDocument" } },
  $defs: {
    ...plan.$defs,
    ...attempt.$defs,
    planDocument: { ...plan, $defs: undefined, $id: undefined, $schema: undefined, title: undefined },
    sitDocument: { ...sit, $id: undefined, $schema: undefined, title: undefined },
    tryDocument: { ...attempt, $defs: undefined, $id: undefined, $schema: undefined, title: undefined },
    courseDocument: { ...course, $id: undefined, $schema: undefined, title: undefined },
  },
});
const documents = await compile(both, "Documents", {
  bannerComment: NOTE,
  additionalProperties: false,
  ignoreMinAndMaxItems: true,
});
made["documents.d.ts"] = documents
  .replace(/\n \*\n \* This interface was referenced[^/]*?\*\//g, "\n */")
  .replace(/\/\*\*\n \* This interface was referenced[^/]*?\*\/\n/g, "");

/** The places there are and what they are called. */
const { places, landings } = read("words/names.json");
made["names.ts"] = `${NOTE}import type { Place } from "./documents";

export const PLACES: readonly (readonly [Place, string])[] = ${JSON.stringify(Object.entries(places), null, 2)};

/** Where the ends of hair can land. */
export const LANDINGS: Readonly<Record<${Object.keys(landings)
  .map((l) => JSON.stringify(l))
  .join(" | ")}, string>> = ${JSON.stringify(landings, null, 2)};

const NAMES: Record<string, string> = Object.fromEntries(PLACES);

/** What a place is called; the id itself where it has no name. */
export const placeName = (id: string): string => NAMES[id] ?? id;
`;

/** The unit a field's name ends with. */
const units = Object.entries(read("units.json"));
const unitOf = (name) =>
  units.find(([ending]) => name.endsWith(ending) || name.toLowerCase() === ending.toLowerCase())?.[1] ?? "";

/** An object of objects, one of the inner ones' fields a line. */
const table = (all) =>
  `{\n${Object.entries(all)
    .map(
      ([name, fields]) =>
        `  ${name}: {\n${Object.entries(fields)
          .map(([field, of]) => `    ${field}: ${JSON.stringify(of)},\n`)
          .join("")}  },\n`,
    )
    .join("")}}`;

const ranges = {};
const parts = {};
const kinds = {};
for (const [name, def] of Object.entries(plan.$defs)) {
  for (const c of def.allOf ?? []) {
    const kind = c.if?.properties?.kind?.const;
    if (kind) (kinds[name] ??= {})[kind] = c.then.$ref.split("/").pop();
  }
  for (const [field, of] of Object.entries(def.properties ?? {})) {
    if ("minimum" in of && "maximum" in of) 
      (ranges[name] ??= {})[field] = { min: of.minimum, max: of.maximum, unit: unitOf(field) };
    const ref = of.$ref?.split("/").pop();
    if (ref && (plan.$defs[ref]?.properties || plan.$defs[ref]?.allOf)) (parts[name] ??= {})[field] = ref;
  }
}
made["ranges.ts"] = `${NOTE}
/** What a number of a document may be, by the part of the document and its name. */
export const RANGES = ${table(ranges)} as const;

/** What stands in a part under a name that is a part itself. */
export const PARTS: Record<string, Record<string, string>> = ${table(parts)};

/** Which part a choice is, by its kind. */
export const KINDS: Record<string, Record<string, string>> = ${table(kinds)};
`;

/** The lights stills are drawn in. */
made["lights.ts"] = `${NOTE}
/** Assumptions. */
export const LIGHTS = ${table(read("lights.json"))} as const;
`;

/** What stills and the browser's heads have in common. */
made["drawing.ts"] = `${NOTE}
/** How far the eye is off in mm, how much of the skin roots hide at most, what light white hair lets through; assumptions. */
export const DRAWING = {
${Object.entries(read("drawing.json"))
  .map(([name, of]) => `  ${name}: ${of},\n`)
  .join("")}} as const;
`;

const stale = Object.entries(made).filter(([name, text]) => {
  const file = new URL(name, API);
  return !existsSync(file) || readFileSync(file, "utf8") !== text;
});
if (process.argv.includes("--check")) {
  for (const [name] of stale) console.error(`src/api/${name} is not what the contract says: npm run api writes it anew`);
  process.exitCode = stale.length > 0 ? 1 : 0;
} else for (const [name, text] of stale) writeFileSync(new URL(name, API), text);
