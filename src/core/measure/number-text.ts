export type ReadAmount = { readonly value: number; readonly rest: string };

/**
 * Thousands parted by a comma or by a space, ordinary, fixed or narrow: `1,200`, `1 220.5`. A figure
 * that begins with 0 has a decimal comma; "2 400 g tins" are two tins.
 */
const THOUSANDS =
  /^[1-9]\d{0,2}(?:,\d{3}|[ \u00a0\u202f]\d{3})+(?:\.\d+)?(?![\d,]|\.\d|\s*-?\s*(?:g|ml|oz)?\s*-?\s*(?:tin|can|jar|pack|packet|carton|tub|bottle)s?\b|\s*[/⁄x×]\s*\d)/u;

/** The forms of an amount, longest first: "1 1/2" is one amount, and not 1 followed by "1/2". */
const FORMS = [
  /^\d+[\s-]+\d+\s*[/⁄]\s*\d+/u,
  /^\d*\s*[¼½¾⅐⅑⅒⅓⅔⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞]/u,
  /^\d+\s*[/⁄]\s*\d+/u,
  /^\d*[.,]?\d+/u,
];

/**
 * The amount that stands at the start of a text, with what follows it: `2 1/4`, `2¼`, `1-1/2`,
 * `1.5`, `1,5`, `1,200`, `1 220`. Null when the text does not start with one. A comma is a decimal
 * mark, unless three digits follow it.
 * @example readAmount("8½ in") // { value: 8.5, rest: "in" }
 */
export function readAmount(text: string): ReadAmount | null {
  const start = text.trimStart();
  const thousands = THOUSANDS.exec(start)?.[0];
  if (thousands !== undefined)
    return {
      value: Number(thousands.replace(/[^\d.]/gu, "")),
      rest: start.slice(thousands.length).trimStart(),
    };
  const found = FORMS.map((form) => form.exec(start)?.[0]).find((match) => match !== undefined);
  if (found === undefined) return null;
  const value = valueOf(found);
  if (!Number.isFinite(value)) return null;
  return { value, rest: start.slice(found.length).trimStart() };
}

/**
 * A number and nothing after it; null for anything else.
 * @example readNumber("2 1/4") // 2.25
 */
export function readNumber(text: string): number | null {
  const amount = readAmount(text);
  return amount === null || amount.rest !== "" ? null : amount.value;
}

/**
 * Whole numbers and fractions side by side, added up. Unicode takes ¼ apart into 1⁄4; a digit
 * before it is a number of its own.
 */
function valueOf(amount: string): number {
  const parts = amount
    .replace(",", ".")
    .replace(/(\d)\s*(?=[¼-¾⅐-⅞])/u, "$1 ")
    .replace(/(\d)-(?=\d)/u, "$1 ")
    .normalize("NFKD")
    .replace(/\s*[/⁄]\s*/u, "/")
    .trim()
    .split(/\s+/u);
  return parts.reduce((sum, part) => {
    const [over = "", under = "1"] = part.split("/");
    return sum + Number(over) / Number(under);
  }, 0);
}
