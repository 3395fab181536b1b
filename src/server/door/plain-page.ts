// Pages for who has no key: written here in full, so that nothing of the program itself answers a
// stranger.
import { createHash } from "node:crypto";
import { AGAIN, DOOR_PAGES, JOIN_WORDS, type DoorPage, type DoorPageName } from "@/words/door";

/** What an answer of the door is made of. */
export type DoorAnswer = {
  readonly status: number;
  readonly headers: Readonly<Record<string, string>>;
  readonly body: string;
};

const STYLE = `body{margin:0;padding:0 12px;background:#eef2f3;color:#12304a;font:18px/1.5 system-ui,sans-serif}
main{max-width:30rem;margin:12vh auto 0;padding:1.5rem;background:#fbfcfc;border-radius:16px}
h1{margin:0 0 .5rem;font-size:1.5rem;line-height:1.2}
label{display:block;font-size:.9rem}
input{box-sizing:border-box;width:100%;min-height:48px;padding:0 .75rem;font:inherit;border:2px solid #5f7685;border-radius:10px}
a,button{display:inline-block;box-sizing:border-box;margin-top:1rem;min-height:48px;padding:.55rem 1.25rem;font:inherit;font-weight:600;color:#12304a;background:#f2b632;border:0;border-radius:10px;text-decoration:none}
:focus-visible{outline:3px solid #12304a;outline-offset:2px}`;
const STYLE_HASH = createHash("sha256").update(STYLE).digest("base64");

const POLICY = [
  "default-src 'none'",
  `style-src 'sha256-${STYLE_HASH}'`,
  "form-action 'self'",
  "base-uri 'none'",
  "frame-ancestors 'none'",
].join("; ");

export const PLAIN_HEADERS: Readonly<Record<string, string>> = {
  "content-type": "text/html; charset=utf-8",
  "content-security-policy": POLICY,
  "cache-control": "no-store",
  "referrer-policy": "same-origin",
  "x-content-type-options": "nosniff",
  "x-frame-options": "DENY",
};

const ESCAPED: Readonly<Record<string, string>> = {
  "&": "&amp;",
  "<": "&lt;",
  ">": "&gt;",
  '"': "&quot;",
  "'": "&#39;",
};
const escaped = (text: string): string => text.replace(/["&'<>]/gu, (sign) => ESCAPED[sign] ?? "");

function page({ title, lines }: DoorPage, rest: string): string {
  return `<!doctype html>
<html lang="en">
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>${escaped(title)} · Steady Tin</title>
<style>${STYLE}</style>
<main>
<h1>${escaped(title)}</h1>
${lines.map((line) => `<p>${escaped(line)}</p>`).join("\n")}
${rest}
</main>
</html>
`;
}

/** A page that says no. */
export function plainPage(
  status: number,
  name: DoorPageName | DoorPage,
  headers: Readonly<Record<string, string>> = {},
): DoorAnswer {
  const says = typeof name === "string" ? DOOR_PAGES[name] : name;
  return {
    status,
    headers: { ...PLAIN_HEADERS, ...headers },
    body: page(says, name === "no-key" ? `<a href="/">${escaped(AGAIN)}</a>` : ""),
  };
}

/** The page that a link leads to: opening it is done by its button, since looking changes nothing. */
export function joinPage(secret: string): DoorAnswer {
  return {
    status: 200,
    headers: PLAIN_HEADERS,
    body: page(
      DOOR_PAGES.join,
      `<form method="post" action="/join">
<input type="hidden" name="link" value="${escaped(secret)}">
<label for="name">${escaped(JOIN_WORDS.name)}</label>
<input id="name" name="name" maxlength="60" value="${escaped(JOIN_WORDS.usual)}" autocomplete="off">
<button>${escaped(JOIN_WORDS.open)}</button>
</form>`,
    ),
  };
}
