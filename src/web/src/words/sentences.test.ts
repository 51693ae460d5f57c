import { readdirSync, readFileSync } from "node:fs";
import { join, relative } from "node:path";
import ts from "typescript";
import { describe, expect, test } from "vitest";

const root = join(import.meta.dirname, "..");

/** Attributes that a machine reads. */
const technical =
  /^(className|style|type|role|id|htmlFor|key|href|to|d|viewBox|fill|stroke.*|textAnchor|look|side|align|inputMode|autoComplete|name|rel|target|data-.*|aria-(live|current|controls|haspopup|hidden)|dominantBaseline|transform|scope|stage|list)$/;

/** Calls whose texts are addresses, selectors and keys. */
const asks =
  /(querySelector|addEventListener|closest|matches|matchMedia|getAttribute|setAttribute|startsWith|endsWith|includes|split|replace|GET|POST|PUT|PATCH|DELETE|navigate|test|useDraft|^t)$/;

const classes = (text: string) =>
  text.split(/\s+/).every((word) => /^[a-z0-9:[\]()/.,_%#!*&>=+{}'-]*$/.test(word)) &&
  /(^|\s)[a-z0-9]+[-:]/.test(text);

const reads = (text: string) =>
  /\p{L}{2,}[,;:.)}]* +[({]*[\p{L}\d]/u.test(text) ||
  /^\p{Lu}\p{Ll}+[ .…]?$/u.test(text) ||
  /^ \p{L}+ $/u.test(text);

/** Texts of a file that read like words. */
function sentences(code: string, kind = ts.ScriptKind.TSX): string[] {
  const found: string[] = [];
  const file = ts.createSourceFile("a.tsx", code, ts.ScriptTarget.Latest, true, kind);
  const textOf = (node: ts.Node) => {
    if (ts.isTemplateExpression(node))
      return [node.head.text, ...node.templateSpans.map((span) => `{}${span.literal.text}`)].join("");
    return ts.isStringLiteralLike(node) ? node.text : undefined;
  };
  const visit = (node: ts.Node) => {
    if (ts.isImportDeclaration(node) || ts.isTypeNode(node)) return;
    if (ts.isStringLiteralLike(node) && ts.isCaseClause(node.parent)) return;
    if (ts.isJsxAttribute(node) && technical.test(node.name.getText())) return;
    if (ts.isJsxText(node) && /\p{L}{2,}/u.test(node.text)) found.push(node.text.trim());
    const text = textOf(node);
    if (text !== undefined) {
      const { parent } = node;
      const compared =
        ts.isBinaryExpression(parent) && /^[!=]==$|^in$/.test(parent.operatorToken.getText(file));
      const key =
        ts.isElementAccessExpression(parent) || (ts.isPropertyAssignment(parent) && parent.name === node);
      const asked = ts.isCallExpression(parent) && asks.test(parent.expression.getText(file));
      const thrown = ts.isNewExpression(parent);
      if (
        !compared &&
        !key &&
        !asked &&
        !thrown &&
        !classes(text) &&
        !/^(\/|https?:|\[|:|[a-z]+\[)/.test(text) &&
        reads(text)
      )
        found.push(text);
    }
    ts.forEachChild(node, visit);
  };
  visit(file);
  return found;
}

const files = readdirSync(root, { recursive: true, encoding: "utf8" })
  .filter((file) => /\.tsx?$/.test(file) && !/\.test\.|schema\.d\.ts|^words[\\/]|parseNumber/.test(file))
  .map((file) => join(root, file));

describe("no sentence stands in the code", () => {
  test.each(files.map((file) => [relative(root, file), file]))("%s", (_, file) => {
    const kind = file.endsWith("x") ? ts.ScriptKind.TSX : ts.ScriptKind.TS;
    expect(sentences(readFileSync(file, "utf8"), kind)).toEqual([]);
  });
});

test.each([
  ["<p>No lines yet.</p>", true],
  ['<Field label="Wire margin" />', true],
  // biome-ignore lint/suspicious/noTemplateCurlyInString: it is code that is read
  ["const a = `${volts} at the lamp`;", true],
  ['<p className="grid gap-3">{t("lines.none")}</p>', false],
  ['const both = names.join(" and ");', true],
  ['if (key === "Escape") close("main-fuse");', false],
])("%s", (code, words) => expect(sentences(code).length > 0).toBe(words));
