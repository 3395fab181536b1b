import { askPages } from "../scripts/torture/ask-pages";
import { expect, test } from "./kitchen";

test("what nobody would ask of a page is answered, and never as a fault of the program", async ({
  kitchen,
}) => {
  test.slow();
  const { byStatus, faults } = await askPages(kitchen.address, 500, 7);
  expect(faults).toEqual([]);
  for (const status of ["200", "400", "404", "405"])
    expect(byStatus.get(status)).toBeGreaterThan(5);
});

test("a form, an action or a header that no page sends is refused before it is read", async ({
  request,
  kitchen,
}) => {
  const post = async (headers: Readonly<Record<string, string>>, data = "a=b"): Promise<number> =>
    (
      await request.post("/tins", { headers: { origin: kitchen.address, ...headers }, data })
    ).status();
  expect(await post({ "content-type": "multipart/form-data; boundary=x" })).toBe(400);
  expect(await post({ "content-type": "application/x-www-form-urlencoded" })).toBe(400);
  expect(await post({ "content-type": "text/plain", "next-action": "drop" }, "[]")).toBe(400);
  const get = async (tree: string): Promise<number> =>
    (
      await request.get("/tins", { headers: { rsc: "1", "next-router-state-tree": tree } })
    ).status();
  expect(await get("zzz")).toBe(400);
  expect(await get(encodeURIComponent('["",{"children":["tins"]}]'))).toBe(400);
  expect(await get(encodeURIComponent('["",{"children":["tins",{}]}]'))).toBe(200);
});

test("whoever watches the machine hears that the kitchen is open", async ({ request }) => {
  const answer = await request.get("/health");
  expect([answer.status(), await answer.json()]).toEqual([200, { kitchen: "open" }]);
});
