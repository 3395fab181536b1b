import { addDays, formatISO } from "date-fns";
import { redirect } from "next/navigation";
import { FreshList } from "@/components/frame/kitchen-changed";
import { Trouble } from "@/components/frame/trouble";
import { Home } from "@/components/home/home";
import { FIRST_QUESTION } from "@/core/ask";
import { STORED_QUESTION } from "@/core/kept";
import {
  findPantry,
  kitchenDatabase,
  LAST_CHANGED,
  listCakes,
  listCakesBetween,
  listGot,
  listLarder,
  listPortions,
  stored,
} from "@/data";
import { runningBakes } from "@/server/running-bakes";
import { storageText } from "@/words";

type HomePageProps = {
  readonly searchParams: Promise<Readonly<Record<string, string | readonly string[] | undefined>>>;
};

const RECENT = 3;
/** Days ahead that are told of, two weeks with today, and the most cakes of them. */
const DAYS = 13;
const MOST_CAKES = 12;
const isoDay = (date: Date): string => formatISO(date, { representation: "date" });

/** The kitchen as it is now. A question in the address, kept long ago, is asked where it is now. */
export default async function HomePage({ searchParams }: HomePageProps) {
  const asked = Object.entries(await searchParams).flatMap(([name, value]) =>
    typeof value === "string" ? [[name, value]] : [],
  );
  if (asked.length > 0) redirect(`/try?${new URLSearchParams(asked).toString()}`);
  const kitchen = await stored(async () => {
    const database = kitchenDatabase();
    const now = new Date();
    const [from, to] = [isoDay(now), isoDay(addDays(now, DAYS))];
    const cakes = (await listCakesBetween(database, from, to)).slice(0, MOST_CAKES);
    const recent = (await listCakes(database, LAST_CHANGED, { limit: RECENT })).cakes;
    return {
      from,
      to,
      bakes: await runningBakes(database, now),
      cakes: cakes.flatMap(({ id, name, doc, wantedOn, state }) =>
        doc === null ? [] : [{ id, name, doc, wantedOn, isBaked: state !== "to-bake" }],
      ),
      got: await listGot(
        database,
        cakes.map(({ id }) => id),
      ),
      larder: await listLarder(database),
      pantry: await findPantry(database),
      portions: await listPortions(database),
      recent: recent.map((cake) => {
        const question = STORED_QUESTION.read(cake.question, FIRST_QUESTION);
        return { ...cake, question: question.ok ? question.value : null };
      }),
    };
  });
  return (
    <>
      <FreshList />
      <h1 className="sr-only">Your kitchen</h1>
      {kitchen.ok ? <Home {...kitchen.value} /> : <Trouble text={storageText(kitchen.issue)} />}
    </>
  );
}
