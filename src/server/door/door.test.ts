import { request } from "node:http";
import { afterEach, beforeEach, describe, expect, it } from "vitest";
import { freshKitchen, type FreshKitchen } from "@/data/fresh-kitchen.test-data";
import { listHouseKeys } from "@/data";
import { homeAddresses, invited, openDoor, shutDoor, takeKeyAway } from "./door";
import { openedAt } from "./opened";

const ADDRESS = "127.0.0.2";
const PORT = 38_417;
const shared = globalThis as { steadyTinInside?: unknown; steadyTinConnection?: unknown };

let kitchen: FreshKitchen;
let heard: Record<string, unknown>[];

beforeEach(async () => {
  kitchen = await freshKitchen();
  heard = [];
  shared.steadyTinConnection = kitchen.connection;
  shared.steadyTinInside = {
    port: PORT,
    answer: (
      { headers, url }: { headers: object; url: string },
      response: { write: (text: string) => void; end: (text: string) => void },
    ) => {
      heard.push({ ...headers });
      if (url === "/stream") response.write("open\n");
      else response.end("inside");
    },
  };
  process.env["STEADY_TIN_SHARE"] = ADDRESS;
});

afterEach(() => {
  shutDoor();
  delete process.env["STEADY_TIN_SHARE"];
  delete shared.steadyTinInside;
  delete shared.steadyTinConnection;
  kitchen.remove();
});

const open = async (path: string, init: RequestInit = {}) =>
  fetch(`http://${ADDRESS}:${PORT}${path}`, { redirect: "manual", ...init });

/** Comes in by a link. @returns the cookie */
async function letIn(): Promise<string> {
  const link = new URL(invited("all", new Date()) ?? "").searchParams.get("link") ?? "";
  const joined = await open("/join", {
    method: "POST",
    headers: { origin: `http://${ADDRESS}:${PORT}` },
    body: new URLSearchParams({ link, name: "Ferry phone" }),
  });
  expect(joined.status).toBe(303);
  return joined.headers.get("set-cookie")?.split(";", 1)[0] ?? "";
}

describe("the door", () => {
  it("is shut until it is opened, and after it is shut", async () => {
    await expect(open("/")).rejects.toThrow("fetch failed");
    expect(invited("all", new Date())).toBeNull();
    expect(await openDoor(ADDRESS)).toBeNull();
    expect(openedAt()).toEqual({ address: ADDRESS, port: PORT });
    const link = invited("all", new Date()) ?? "";
    // Asked for twice, by two pages: it stands open, and the link that was made is still good.
    expect(await openDoor(ADDRESS)).toBeNull();
    expect((await open(link.slice(`http://${ADDRESS}:${PORT}`.length))).status).toBe(200);
    expect((await open("/")).status).toBe(401);
    shutDoor();
    expect(openedAt()).toBeNull();
    await expect(open("/")).rejects.toThrow("fetch failed");
  });

  it("says why it can't be opened, and opens only at an address of the house", async () => {
    expect(homeAddresses()).toEqual([ADDRESS]);
    expect(await openDoor("0.0.0.0")).toBe("no-network");
    process.env["STEADY_TIN_SHARE"] = "192.0.2.1";
    expect(await openDoor("192.0.2.1")).toBe("no-network");
    process.env["STEADY_TIN_SHARE"] = ADDRESS;
    delete shared.steadyTinInside;
    expect(await openDoor(ADDRESS)).toBe("not-served");
    expect(openedAt()).toBeNull();
  });

  it("a device that was let in passes until its key is taken away, its open lines too", async () => {
    await openDoor(ADDRESS);
    const cookie = await letIn();
    const headers = { cookie, "x-steady-tin-may": "look", "x-forwarded-host": "kitchen.example" };
    expect(await (await open("/cakes", { headers })).text()).toBe("inside");
    const [key] = await listHouseKeys(kitchen.connection);
    expect(key).toMatchObject({ name: "Ferry phone", may: "all" });
    expect(heard[0]).toMatchObject({ "x-steady-tin-may": "all", "x-steady-tin-key": key?.id });
    expect(heard[0]).not.toHaveProperty("x-forwarded-host");

    const line = request({ host: ADDRESS, port: PORT, path: "/stream", headers: { cookie } });
    line.on("error", () => undefined);
    const cut = new Promise((resolve) => {
      line.on("response", (response) => {
        response.on("data", () => void takeKeyAway(key?.id ?? ""));
        response.on("error", resolve);
        response.on("close", resolve);
      });
    });
    line.end();
    await cut;
    expect((await open("/cakes", { headers })).status).toBe(401);
    expect(await takeKeyAway(key?.id ?? "")).toBe(false);
  });

  it("answers plainly when the kitchen can't be read", async () => {
    await openDoor(ADDRESS);
    const cookie = await letIn();
    kitchen.connection.client.close();
    const answer = await open("/", { headers: { cookie } });
    expect(answer.status).toBe(503);
    expect(await answer.text()).not.toMatch(/sql|error|select/iu);
  });
});
