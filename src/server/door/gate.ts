import { randomUUID } from "node:crypto";
import type { IncomingHttpHeaders, IncomingMessage } from "node:http";
import type { HouseKey, HouseRight } from "@/data";
import { waitText, WAIT_TITLE } from "@/words/door";
import { newSecret, secretHash, type Invitations } from "./invitations";
import { joinPage, PLAIN_HEADERS, plainPage, type DoorAnswer } from "./plain-page";
import { mayAsk } from "./rights";
import type { WrongTries } from "./wrong-tries";

/** What the pages inside are told of who asks: the key's id, and what it allows. */
export const KEY_HEADER = "x-steady-tin-key";
export const MAY_HEADER = "x-steady-tin-may";

/** Where a link leads. */
export const JOIN_PATH = "/join";

const COOKIE = "steady-tin-key";
/** Browsers keep no cookie longer than this, s. */
const COOKIE_FOR_S = 400 * 24 * 3600;
/** A secret as {@link newSecret} makes them. */
const SECRET = /^[\w-]{43}$/u;
/** What is posted to join: a secret and a name. */
const MOST_FORM_BYTES = 2000;
const MOST_NAME = 60;

/** What the gate works with. */
type Gatekeeper = {
  /** Names, with their port, that the door answers to. */
  readonly hosts: readonly string[];
  readonly isSecure: boolean;
  readonly links: Invitations;
  readonly tries: WrongTries;
  readonly findKey: (hash: string, now: Date) => Promise<HouseKey | null>;
  readonly addKey: (
    key: {
      readonly id: string;
      readonly name: string;
      readonly may: HouseRight;
      readonly hash: string;
    },
    now: Date,
  ) => Promise<void>;
};

/** Who may pass, with the key; or what is answered instead. */
export type Passed =
  | { readonly passes: true; readonly key: HouseKey }
  | { readonly passes: false; readonly answer: DoorAnswer };

type Asked = Pick<IncomingMessage, "method" | "url" | "headers" | "socket"> &
  AsyncIterable<unknown>;

const no = (answer: DoorAnswer): Passed => ({ passes: false, answer });

/**
 * Whether a request from the home network may pass. A name the door does not answer to, a missing,
 * wrong or weak key: a plain page each. After ten wrong ones an address waits.
 */
export async function atTheGate(asked: Asked, keeper: Gatekeeper, now: Date): Promise<Passed> {
  const host = (asked.headers.host ?? "").toLowerCase();
  if (!keeper.hosts.includes(host)) return no(plainPage(421, "wrong-host"));
  const from = asked.socket.remoteAddress ?? "";
  const waitMs = keeper.tries.waitMs(from, now.getTime());
  if (waitMs > 0) return no(waitPage(waitMs));
  const path = pathOf(asked.url);
  if (path === null) return no(plainPage(400, "not-understood"));
  if (path === JOIN_PATH) return no(await joined(asked, host, from, keeper, now));
  const secret = cookieOf(asked.headers.cookie);
  if (secret === null) return no(plainPage(401, "no-key"));
  const key = SECRET.test(secret) ? await keeper.findKey(secretHash(secret), now) : null;
  if (key === null) {
    keeper.tries.wrong(from, now.getTime());
    return no(plainPage(401, "no-key"));
  }
  keeper.tries.right(from);
  return mayAsk(key.may, asked.method ?? "", path)
    ? { passes: true, key }
    : no(plainPage(403, "may-not"));
}

const waitPage = (ms: number): DoorAnswer =>
  plainPage(
    429,
    { title: WAIT_TITLE, lines: [waitText(ms)] },
    { "retry-after": String(Math.ceil(ms / 1000)) },
  );

/**
 * The path that is asked for, decoded; null where it can't be, and where it can be read in two ways:
 * with dots, doubled strokes or a host in it.
 */
function pathOf(url = ""): string | null {
  try {
    const [path = ""] = url.split("?", 1);
    const { pathname } = new URL(path, "http://kitchen.invalid");
    return pathname === path ? decodeURIComponent(path) : null;
  } catch {
    return null;
  }
}

/** The secret in a request's cookies; null where there is none. */
function cookieOf(header = ""): string | null {
  for (const pair of header.split(";")) {
    const [name, value] = pair.trim().split("=", 2);
    if (name === COOKIE && value !== undefined) return value;
  }
  return null;
}

/** At the page a link leads to: looking shows a button, and the button uses the link up. */
async function joined(
  asked: Asked,
  host: string,
  from: string,
  { links, tries, addKey, isSecure }: Gatekeeper,
  now: Date,
): Promise<DoorAnswer> {
  const refused = (): DoorAnswer => {
    tries.wrong(from, now.getTime());
    return plainPage(401, "no-link");
  };
  if (asked.method === "GET" || asked.method === "HEAD") {
    const secret =
      new URL(asked.url ?? "", "http://kitchen.invalid").searchParams.get("link") ?? "";
    return SECRET.test(secret) && links.isGood(secret, now.getTime())
      ? joinPage(secret)
      : refused();
  }
  const scheme = isSecure ? "https" : "http";
  if (asked.method !== "POST" || asked.headers.origin !== `${scheme}://${host}`)
    return plainPage(403, "may-not");
  const form = await formOf(asked);
  if (form === null) return plainPage(413, "not-understood");
  const link = form.get("link") ?? "";
  const may = SECRET.test(link) ? links.take(link, now.getTime()) : null;
  if (may === null) return refused();
  const secret = newSecret();
  await addKey(
    { id: randomUUID(), name: nameOf(form.get("name")), may, hash: secretHash(secret) },
    now,
  );
  tries.right(from);
  return {
    status: 303,
    headers: {
      ...PLAIN_HEADERS,
      location: "/",
      "set-cookie": `${COOKIE}=${secret}; Path=/; Max-Age=${COOKIE_FOR_S}; HttpOnly; SameSite=Strict${isSecure ? "; Secure" : ""}`,
    },
    body: "",
  };
}

/** What a device is called: what can be read of what was said. */
function nameOf(said: string | null): string {
  const name = (said ?? "")
    .replace(/[\p{C}\s]+/gu, " ")
    .trim()
    .slice(0, MOST_NAME);
  return name === "" ? "Phone" : name;
}

/** A short form that was posted; null for what is longer. */
async function formOf(asked: Asked): Promise<URLSearchParams | null> {
  const chunks: Uint8Array[] = [];
  let bytes = 0;
  for await (const chunk of asked) {
    if (!(chunk instanceof Uint8Array)) continue;
    bytes += chunk.byteLength;
    if (bytes > MOST_FORM_BYTES) return null;
    chunks.push(chunk);
  }
  return new URLSearchParams(Buffer.concat(chunks).toString("utf8"));
}

/** Headers that only this program may set, or one in front of it that is not there. */
const NOT_FROM_OUTSIDE = /^(?:x-steady-tin-|x-forwarded-|x-middleware-|x-nextjs-data$|forwarded$)/u;

/** Takes from a request what nobody outside may say. */
export function withoutClaims(headers: IncomingHttpHeaders): void {
  for (const name of Object.keys(headers))
    if (NOT_FROM_OUTSIDE.test(name)) Reflect.deleteProperty(headers, name);
}
