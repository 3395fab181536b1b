import { Readable } from "node:stream";
import { describe, expect, it } from "vitest";
import type { HouseKey, HouseRight } from "@/data";
import { atTheGate, withoutClaims } from "./gate";
import { INVITED_FOR_MS, invitations, newSecret, secretHash } from "./invitations";
import { wrongTries } from "./wrong-tries";

const HOST = "192.168.7.5:3000";
const NOW = new Date("2026-11-28T09:00:00Z");

type Said = {
  readonly method?: string;
  readonly url?: string;
  readonly headers?: Readonly<Record<string, string>>;
  readonly body?: string;
  readonly from?: string;
};

/** A door with one key of each right, and what it answers. */
function door() {
  const keys = new Map<string, HouseKey>();
  const secrets = new Map<HouseRight, string>();
  for (const may of ["all", "help", "look"] as const) {
    const secret = newSecret();
    secrets.set(may, secret);
    keys.set(secretHash(secret), { id: may, name: may, may, madeAt: NOW, seenAt: NOW });
  }
  const links = invitations();
  const tries = wrongTries();
  async function asks(
    { method = "GET", url = "/", headers = {}, body = "", from = "192.168.7.20" }: Said,
    now = NOW,
  ) {
    const asked = {
      method,
      url,
      headers: { host: HOST, ...headers },
      socket: { remoteAddress: from },
      [Symbol.asyncIterator]: () => Readable.from([Buffer.from(body)])[Symbol.asyncIterator](),
    } as unknown as Parameters<typeof atTheGate>[0];
    const passed = await atTheGate(
      asked,
      {
        hosts: [HOST],
        isSecure: false,
        links,
        tries,
        findKey: (hash) => Promise.resolve(keys.get(hash) ?? null),
        addKey: ({ hash, ...key }) => {
          keys.set(hash, { ...key, madeAt: now, seenAt: now });
          return Promise.resolve();
        },
      },
      now,
    );
    return passed.passes ? passed.key.id : passed.answer;
  }
  const status = async (said: Said, now = NOW): Promise<string | number> => {
    const answer = await asks(said, now);
    return typeof answer === "string" ? answer : answer.status;
  };
  const cookie = (secret = ""): Readonly<Record<string, string>> => ({
    cookie: `units=us-F-12; steady-tin-key=${secret}`,
  });
  return {
    asks,
    status,
    cookie,
    keys,
    with: (may: HouseRight) => cookie(secrets.get(may)),
    invite: (may: HouseRight) => links.invite(may, NOW.getTime()),
  };
}

describe("at the gate", () => {
  it("nobody passes without a key", async () => {
    const { status } = door();
    for (const url of [
      "/",
      "/cakes",
      "/_next/static/chunks/main.js",
      "/settings/archive",
      "/joined",
    ])
      expect([url, await status({ url })]).toEqual([url, 401]);
    expect(await status({ method: "POST" })).toBe(401);
  });

  it("a key opens, its like does not", async () => {
    const { status, with: holding, cookie } = door();
    expect(await status({ headers: holding("all") })).toBe("all");
    expect(await status({ headers: cookie(newSecret()) })).toBe(401);
    expect(await status({ headers: cookie("x".repeat(5000)) })).toBe(401);
    expect(await status({ headers: cookie("' or 1=1 --") })).toBe(401);
  });

  it.each(["kitchen.example:3000", "192.168.7.5", "192.168.7.5:3001", "127.0.0.1:3000", ""])(
    "it does not answer to %j, with a key or without",
    async (host) => {
      const { status, with: holding } = door();
      expect(await status({ headers: { ...holding("all"), host } })).toBe(421);
    },
  );

  it("an address that can't be decoded, or can be read in two ways, is no address", async () => {
    const { status, with: holding } = door();
    for (const url of [
      "/cakes/%ff",
      "//",
      "http://[/",
      "//settings/shopping/ticks",
      "/settings/archive/../../shopping/ticks",
      "/settings\\..\\shopping/ticks",
      "http://kitchen.example/shopping",
      "",
    ])
      expect([url, await status({ url, headers: holding("all") })]).toEqual([url, 400]);
  });
});

describe("what a key allows", () => {
  it.each([
    ["GET", "/shopping", true, true],
    ["POST", "/shopping/ticks", true, false],
    ["POST", "/bakes/4f2e-1/events", true, false],
    ["POST", "/bakes/4f2e-1/device", true, false],
    ["POST", "/cakes", false, false],
    ["POST", "/shopping", false, false],
    ["POST", "/bakes/a%2Fb/events", false, false],
    ["DELETE", "/shopping/ticks", false, false],
    ["GET", "/settings/archive", false, false],
    ["GET", "/%73ettings/archive", false, false],
    ["GET", "/settings", false, false],
  ] as const)("%s %s: a helper %s, a looker %s", async (method, url, helps, looks) => {
    const { status, with: holding } = door();
    expect(await status({ method, url, headers: holding("all") })).toBe("all");
    expect(await status({ method, url, headers: holding("help") })).toBe(helps ? "help" : 403);
    expect(await status({ method, url, headers: holding("look") })).toBe(looks ? "look" : 403);
  });

  it("only the door says who somebody is", () => {
    const headers = {
      host: HOST,
      cookie: "a=b",
      "x-steady-tin-may": "all",
      "x-steady-tin-key": "all",
      "x-forwarded-host": "kitchen.example",
      "x-forwarded-for": "127.0.0.1",
      "x-middleware-subrequest": "proxy",
      forwarded: "for=127.0.0.1",
    };
    withoutClaims(headers);
    expect(headers).toEqual({ host: HOST, cookie: "a=b" });
  });
});

describe("a link", () => {
  const post = (link: string, name = "Lantern phone", origin = `http://${HOST}`): Said => ({
    method: "POST",
    url: "/join",
    headers: { origin, "content-type": "application/x-www-form-urlencoded" },
    body: new URLSearchParams({ link, name }).toString(),
  });

  it("shows a button that gives a key, once; looking at it changes nothing", async () => {
    const { asks, status, invite, keys, cookie } = door();
    const link = invite("help");
    for (let look = 0; look < 3; look += 1)
      expect(await asks({ url: `/join?link=${link}` })).toMatchObject({
        status: 200,
        body: expect.stringContaining(link) as unknown,
      });
    const answer = await asks(post(link));
    if (typeof answer === "string") throw new TypeError("no answer");
    expect(answer.status).toBe(303);
    const set = answer.headers["set-cookie"] ?? "";
    expect(set).toMatch(/; HttpOnly; SameSite=Strict$/u);
    const secret = /steady-tin-key=([\w-]{43});/u.exec(set)?.[1] ?? "";
    expect(keys.get(secretHash(secret))).toMatchObject({ name: "Lantern phone", may: "help" });
    expect(JSON.stringify([...keys])).not.toContain(secret);
    expect(await status({ headers: cookie(secret) })).toBe(keys.get(secretHash(secret))?.id);
    expect(await status(post(link))).toBe(401);
    expect(await status({ url: `/join?link=${link}` })).toBe(401);
  });

  it("is no good after ten minutes, from another page, or made up", async () => {
    const { status, invite } = door();
    const late = new Date(NOW.getTime() + INVITED_FOR_MS);
    expect(await status(post(invite("all")), late)).toBe(401);
    expect(await status(post(invite("all"), "Phone", "http://kitchen.example"))).toBe(403);
    expect(await status({ ...post(invite("all")), headers: {} })).toBe(403);
    expect(await status(post(newSecret()))).toBe(401);
    expect(await status({ url: "/join" })).toBe(401);
    expect(await status({ url: "/join?link=%3Cscript%3E" })).toBe(401);
  });

  it("takes no more than a name", async () => {
    const { status, invite, keys } = door();
    expect(await status(post(invite("all"), "n".repeat(3000)))).toBe(413);
    expect(await status(post(invite("all"), " <b>\u0000\n Ferry\u202E\tphone "))).toBe(303);
    expect([...keys.values()].at(-1)?.name).toBe("<b> Ferry phone");
    expect(await status(post(invite("all"), "  "))).toBe(303);
    expect([...keys.values()].at(-1)?.name).toBe("Phone");
  });
});

describe("ten wrong tries", () => {
  it("and the address they came from waits, longer after each more; others don't", async () => {
    const { status, asks, cookie, with: holding } = door();
    const guess = async (at: Date) => status({ headers: cookie(newSecret()) }, at);
    for (let tried = 0; tried < 10; tried += 1) expect(await guess(NOW)).toBe(401);
    expect(await guess(NOW)).toBe(429);
    expect(await asks({ headers: holding("all") })).toMatchObject({
      status: 429,
      headers: { "retry-after": "60" },
    });
    expect(await status({ headers: holding("all"), from: "192.168.7.21" })).toBe("all");
    const later = (min: number): Date => new Date(NOW.getTime() + min * 60_000);
    expect(await guess(later(1))).toBe(401);
    expect(await guess(later(2.9))).toBe(429);
    expect(await status({ headers: holding("all") }, later(3))).toBe("all");
    expect(await guess(later(3))).toBe(401);
    expect(await guess(later(3))).toBe(401);
  });

  it("no key is no try: whoever never had one is only told how to get it", async () => {
    const { status } = door();
    for (let asked = 0; asked < 30; asked += 1) expect(await status({})).toBe(401);
  });
});
