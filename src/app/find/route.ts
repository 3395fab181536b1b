import type { NextRequest } from "next/server";
import { foldName } from "@/core/pantry";
import { writeTin } from "@/core/tin";
import type { Found } from "@/components/find/found";
import {
  EVERY_RECORD,
  kitchenDatabase,
  LAST_CHANGED,
  listCakes,
  listOvens,
  listRecords,
  listTins,
  searchRecipes,
  stored,
} from "@/data";
import { storageText, tinText, type Units } from "@/words";
import { cakeStateText, wantedOnText } from "@/words/cakes";
import { recordDay } from "@/words/logbook";
import { visitorUnits } from "../visitor-units";

/** So many of each kind are told. */
const MOST = 5;
const MOST_LETTERS = 200;

/** Whether a name holds all the words, whatever their accents. */
const holds = (name: string, words: readonly string[]): boolean => {
  const folded = foldName(name);
  return words.every((word) => folded.includes(word));
};

async function findAll(text: string, units: Units, now: Date): Promise<readonly Found[]> {
  const database = kitchenDatabase();
  const page = { limit: MOST, offset: 0 };
  const words = foldName(text).split(" ");
  const { cakes } = await listCakes(database, { ...LAST_CHANGED, text }, page);
  const { recipes } = await searchRecipes(database, text, page);
  const { records } = await listRecords(database, { ...EVERY_RECORD, text }, page);
  const tins = await listTins(database);
  const ovens = await listOvens(database);
  return [
    ...cakes.map((cake) => ({
      kind: "cake" as const,
      href: `/cakes/${cake.id}`,
      name: cake.name,
      note: cakeStateText(cake, units, now) || wantedOnText(cake.wantedOn, units, now),
    })),
    ...recipes.map(({ id, name }) => ({
      kind: "recipe" as const,
      href: `/recipes/${id}`,
      name,
      note: "",
    })),
    ...records.map(({ id, record: { name, madeOn } }) => ({
      kind: "bake" as const,
      href: `/logbook/${id}`,
      name,
      note: recordDay(madeOn, units),
    })),
    ...tins
      .filter(({ name, tin }) => holds(`${name} ${writeTin(tin)} ${tinText(tin, units)}`, words))
      .slice(0, MOST)
      .map(({ id, name, tin }) => ({
        kind: "tin" as const,
        href: `/tins/${id}`,
        name,
        note: tinText({ ...tin, count: 1 }, units),
      })),
    ...ovens
      .filter(({ name }) => holds(name, words))
      .slice(0, MOST)
      .map(({ id, name }) => ({ kind: "oven" as const, href: `/ovens/${id}`, name, note: "" })),
  ];
}

/** What the kitchen has of some words: `?q=pear loaf`. */
export async function GET(request: NextRequest): Promise<Response> {
  const text = (request.nextUrl.searchParams.get("q") ?? "").slice(0, MOST_LETTERS);
  if (foldName(text).trim() === "") return Response.json({ found: [] });
  const units = await visitorUnits();
  const found = await stored(() => findAll(text, units, new Date()));
  return found.ok
    ? Response.json({ found: found.value })
    : Response.json({ message: storageText(found.issue) }, { status: 503 });
}
