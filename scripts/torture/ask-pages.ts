// Asks every page and route of a served kitchen for what nobody would ask, and counts its answers.
import { Agent, request } from "node:http";
import { readdirSync } from "node:fs";
import { join, relative, sep } from "node:path";
import { randomLcg } from "d3-random";

/** What came of it: answers by their status, and those that are a fault of the program. */
export type Answers = {
  readonly byStatus: ReadonlyMap<string, number>;
  readonly faults: readonly string[];
};

const APP = join("src", "app");
/** Ids that stand in the demo kitchen, and one that does not. */
const IDS = ["lifeboat-day", "harbour-pound", "tube", "kitchen", "cheesecake-pieces", "none"];
const SEGMENTS = { "[id]": IDS, "[drill]": ["done", "none"], "[hash]": ["a".repeat(64), "none"] };

/** Addresses of all pages and routes, each with ids that are there and that are not. */
function addresses(): readonly string[] {
  const found = readdirSync(APP, { recursive: true, withFileTypes: true })
    .filter(({ name }) => name === "page.tsx" || name === "route.ts")
    .map(({ parentPath }) => `/${relative(APP, parentPath).split(sep).join("/")}`);
  return found.flatMap((path) => {
    const [part, ids] = Object.entries(SEGMENTS).find(([name]) => path.includes(name)) ?? [];
    return part === undefined ? [path] : (ids ?? []).map((id) => path.replace(part, id));
  });
}

const KEYS =
  "on as q seed about ids cake from to more show order at tins recipe text units devices page paper liner a b do changed format search verdict oven w _rsc day scale times make".split(
    " ",
  );
const VALUES = [
  ...["", "0", "-1", "1e308", "NaN", "%00", "null", "[]", "{}", "<script>", "'\"--", "\u202e"],
  ...["2026-13-45", "9999-99-99", "2026-12-05", "0000-00-00", "../../etc/passwd", "__proto__"],
  ...["2 x 20 cm round", "1000000000 x 20 cm", "∞", "\r\nset-cookie: a=b", "week", "done", "1/0"],
  ...["😀".repeat(50), "a".repeat(3000), ",".repeat(500), "tube,none", "creamed", "toString"],
];
const BODIES = [
  ...["", "{}", "[]", "null", '{"a":', "[{}]", "[".repeat(4000), "PK\u0003\u0004zip", "\u0000"],
  '--x\r\ncontent-disposition: form-data; name="$ACTION_ID_0"\r\n\r\n\r\n--x--',
  "a".repeat(100_000),
];
const TYPES =
  "application/json application/zip text/plain multipart/form-data;boundary=x application/x-www-form-urlencoded image/jpeg x".split(
    " ",
  );
const HEADERS: readonly (readonly [string, string])[] = [
  ["cookie", "units=zzz"],
  ["cookie", `units=${"a".repeat(3000)}`],
  ["cookie", "units=%ff; a=b;;;="],
  ["accept-language", "en;q=zzz,*,,"],
  ["rsc", "1"],
  ["next-router-state-tree", "zzz"],
  ["next-router-state-tree", "%5B%22%22%5D"],
  ["next-router-state-tree", "%5B%22%22%2C%7B%22a%22%3A1%7D%5D"],
  ["next-action", ""],
  ["next-action", "0".repeat(42)],
  ["x-steady-tin-may", "nothing"],
  ["range", "bytes=9-1"],
  ["if-modified-since", "never"],
  ["expect", "200-ok"],
];
const METHODS = ["GET", "GET", "GET", "POST", "POST", "PUT", "DELETE", "PATCH", "HEAD", "OPTIONS"];

const AT_ONCE = 8;
const PATIENCE_MS = 20_000;

/**
 * Asks so many times, by a seed.
 * @returns what was answered; a fault is a 500, or no answer at all
 */
export async function askPages(address: string, count: number, seed: number): Promise<Answers> {
  const random = randomLcg(seed / 1e6);
  const some = <T>(from: readonly T[]): T => from[Math.floor(random() * from.length)] as T;
  const paths = addresses();
  const agent = new Agent({ keepAlive: true, maxSockets: AT_ONCE });
  const byStatus = new Map<string, number>();
  const faults: string[] = [];

  function ask(): Promise<void> {
    const query = Array.from(
      { length: Math.floor(random() * 4) },
      () => `${some(KEYS)}=${encodeURIComponent(some(VALUES))}`,
    );
    const further = random() < 0.1 ? `/${encodeURIComponent(some(VALUES))}` : "";
    const url = `${some(paths)}${further}${query.length === 0 ? "" : `?${query.join("&")}`}`;
    const method = some(METHODS);
    const isReading = method === "GET" || method === "HEAD";
    const headers = {
      origin: address,
      ...(isReading ? {} : { "content-type": some(TYPES) }),
      ...(random() < 0.4 ? Object.fromEntries([some(HEADERS), some(HEADERS)]) : {}),
    };
    const body = isReading ? "" : some(BODIES);
    return new Promise((resolve) => {
      let isAnswered = false;
      const answered = (status: string): void => {
        if (isAnswered) return;
        isAnswered = true;
        byStatus.set(status, (byStatus.get(status) ?? 0) + 1);
        if (status === "500" || status === "no answer")
          faults.push(
            `${status}: ${method} ${url.slice(0, 300)} ${JSON.stringify(headers).slice(0, 200)} ${body.slice(0, 60)}`,
          );
        resolve();
      };
      const asked = request(
        `${address}${url}`,
        { method, headers, agent, timeout: PATIENCE_MS, maxHeaderSize: 100_000 },
        (answer) => {
          // A stream goes on for as long as somebody listens.
          if (answer.headers["content-type"] === "text/event-stream")
            answer.once("data", () => asked.destroy());
          else answer.resume();
          answer.once("close", () => {
            answered(String(answer.statusCode));
          });
        },
      );
      // A long text that nobody reads to its end is answered, and the line cut.
      asked.on("error", (error: NodeJS.ErrnoException) => {
        answered(error.code === "ECONNRESET" || error.code === "EPIPE" ? "cut" : "no answer");
      });
      asked.on("timeout", () => {
        asked.destroy();
        answered("no answer");
      });
      asked.end(body);
    });
  }

  let left = count;
  await Promise.all(
    Array.from({ length: AT_ONCE }, async () => {
      while (left > 0) {
        left -= 1;
        await ask();
      }
    }),
  );
  agent.destroy();
  return { byStatus, faults };
}
