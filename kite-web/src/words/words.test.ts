import { readdirSync, readFileSync } from "node:fs";
import { basename, join } from "node:path";
import { IntlMessageFormat } from "intl-messageformat";
import ts from "typescript";
import { describe, expect, it } from "vitest";
import messages from "./messages.json";

/** Every sentence of the page is in its catalogue, and everything in it is said, with what it asks for. */

const root = join(import.meta.dirname, "..");
const sources = readdirSync(root, { recursive: true, encoding: "utf8" })
  .filter(
    (f) => /\.tsx?$/.test(f) && !/\.test\.tsx?$|\.d\.ts$|^(atPage|api\/(names|ranges|lights))\.tsx?$/.test(f),
  )
  .map((f) => {
    const text = readFileSync(join(root, f), "utf8");
    return { f, tree: ts.createSourceFile(f, text, ts.ScriptTarget.Latest, true) };
  });

type Said = { f: string; key: string; named: string[] };

function walk(node: ts.Node, see: (n: ts.Node) => void): void {
  see(node);
  ts.forEachChild(node, (c) => walk(c, see));
}

/** The keys an expression may stand for; a choice stands for both. */
function keysOf(e: ts.Expression): string[] {
  if (ts.isStringLiteralLike(e)) return [e.text];
  if (ts.isConditionalExpression(e)) return [...keysOf(e.whenTrue), ...keysOf(e.whenFalse)];
  return [];
}

const said: Said[] = [];
for (const { f, tree } of sources)
  walk(tree, (n) => {
    if (!ts.isCallExpression(n) || n.expression.getText() !== "worded") return;
    const [key, args] = n.arguments;
    if (!key) return;
    const named =
      args && ts.isObjectLiteralExpression(args) ? args.properties.map((p) => p.name?.getText() ?? "") : [];
    for (const k of keysOf(key)) said.push({ f, key: k, named });
  });

/** The names of what a pattern asks for. */
function asked(pattern: string): string[] {
  const names = new Set<string>();
  const gather = (parts: ReturnType<IntlMessageFormat["getAst"]>) => {
    for (const p of parts) {
      if ("value" in p && p.type !== 0 && p.type !== 8) names.add(p.value);
      if ("options" in p) for (const o of Object.values(p.options)) gather(o.value);
      if ("children" in p) gather(p.children);
    }
  };
  gather(new IntlMessageFormat(pattern, "en").getAst());
  return [...names].sort();
}

/** Words a person reads: two of them after each other, outside of what only machines read. */
const SENTENCE = /\p{L}{2,}[’'%,;:.]?\s+\p{L}{2,}/u;

function forMachines(n: ts.Node): boolean {
  for (let at = n; at.parent; at = at.parent) {
    const p = at.parent;
    if (ts.isJsxAttribute(p))
      return /^(className|style|d|points|data-.*|.*[pP]ath|viewBox|accept)$/.test(p.name.getText());
    if (ts.isImportDeclaration(p) || ts.isExportDeclaration(p) || ts.isTypeNode(p)) return true;
    // What no page of ours can bring about is said to who writes it.
    if (ts.isThrowStatement(p) && p.expression.getText().startsWith("new Error(")) return true;
    if (ts.isCallExpression(p) && /(^|\.)(worded|matches|matchMedia)$/.test(p.expression.getText()))
      return true;
  }
  return false;
}

/** A list of styles: every word of it is one of those the style sheet is written with. */
const styles = (s: string) =>
  s.split(/\s+/).every((w) => w === "" || /^[a-z0-9:[\]/.!%()&>*#_-]+$/.test(w)) &&
  /(^|\s)[a-z]+(-[a-z0-9[\].%/]+)+|\b(btn|touch|soft|flex|grid)\b/.test(s);

/** A program for the graphics card. */
const shader = (s: string) => /gl_|varying|attribute|uniform/.test(s);

describe("the page's words", () => {
  it("stand in the catalogue, every one of them", () => {
    const outside: string[] = [];
    for (const { f, tree } of sources)
      walk(tree, (n) => {
        const text =
          ts.isStringLiteralLike(n) || ts.isJsxText(n)
            ? n.text
            : ts.isTemplateExpression(n)
              ? [n.head.text, ...n.templateSpans.map((s) => s.literal.text)].join(" x ")
              : "";
        const words = ts.isJsxText(n)
          ? /\p{L}{2,}/u.test(text)
          : SENTENCE.test(text) && !styles(text) && !shader(text);
        if (words && !forMachines(n)) outside.push(`${f}: ${text.trim()}`);
      });
    expect(outside).toEqual([]);
  });

  it("are each said somewhere", () => {
    const used = new Set(said.map((s) => s.key));
    expect(Object.keys(messages).filter((k) => !used.has(k))).toEqual([]);
  });

  it.each(Object.entries(messages))("%s is given what it asks for", (key, pattern) => {
    const names = asked(pattern);
    for (const s of said.filter((s) => s.key === key))
      expect({ f: basename(s.f), named: [...new Set(s.named)].sort() }).toEqual({
        f: basename(s.f),
        named: names,
      });
  });
});
