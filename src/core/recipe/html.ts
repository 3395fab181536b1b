import { Parser } from "htmlparser2";

/** Elements that start a new line. */
const BLOCKS = new Set([
  "p",
  "div",
  "li",
  "br",
  "h1",
  "h2",
  "h3",
  "h4",
  "h5",
  "h6",
  "tr",
  "section",
  "article",
  "ul",
  "ol",
  "table",
  "dt",
  "dd",
  "header",
  "footer",
  "main",
  "blockquote",
]);
/** Elements whose text nobody reads. */
const SILENT = new Set(["script", "style", "noscript", "template", "svg", "head", "iframe", "nav"]);

/** Deeper than any page is nested; the parser is slow with what is. */
const DEEPEST = 2000;
const TAG = /<(\/?)([a-z][a-z0-9]*)\b[^<>]*>/giu;

/** A page without the tags that are nested deeper than any page's, their text kept. */
function shallow(html: string): string {
  let depth = 0;
  return html.replace(TAG, (tag, slash: string, written: string) => {
    const name = written.toLowerCase();
    if (SILENT.has(name)) return tag;
    if (slash === "/") {
      depth = Math.max(0, depth - 1);
      return depth >= DEEPEST ? (BLOCKS.has(name) ? "\n" : "") : tag;
    }
    depth += 1;
    return depth > DEEPEST ? (BLOCKS.has(name) ? "\n" : "") : tag;
  });
}

/**
 * The readable text of a page, one line a block, with its JSON-LD scripts apart. Markup is only
 * read, never run or shown.
 */
export function pageText(html: string): {
  readonly text: string;
  readonly json: readonly string[];
} {
  let text = "";
  let silent = 0;
  let script: string | null = null;
  const json: string[] = [];
  const parser = new Parser({
    onopentag(name, attributes) {
      if (name === "script" && /ld\+json/iu.test(attributes["type"] ?? "")) script = "";
      if (SILENT.has(name)) silent += 1;
      if (BLOCKS.has(name)) text += "\n";
    },
    ontext(part) {
      if (script !== null) script += part;
      else if (silent === 0) text += part.replace(/\s+/gu, " ");
    },
    onclosetag(name) {
      if (name === "script" && script !== null) {
        json.push(script);
        script = null;
      }
      if (SILENT.has(name)) silent = Math.max(0, silent - 1);
      if (BLOCKS.has(name)) text += "\n";
    },
  });
  parser.write(shallow(html));
  parser.end();
  // Runs of blanks first: a long one would be looked through from each of its places.
  return {
    text: text
      .replace(/[ \t]{2,}/gu, " ")
      .replace(/ ?\n ?/gu, "\n")
      .replace(/\n{2,}/gu, "\n\n")
      .trim(),
    json,
  };
}

/** A string that may carry markup and entities, as plain text on one line. */
export function plainText(markup: string): string {
  if (!/[<&]/u.test(markup)) return markup.replace(/\s+/gu, " ").trim();
  return pageText(`<p>${markup}</p>`).text.replace(/\s+/gu, " ").trim();
}
