import { cookies, headers } from "next/headers";
import { UNITS_COOKIE, unitsFromCookie, unitsOfVisitor } from "@/components/frame/units-cookie";
import { sayIn, type Say, type Units } from "@/words";

/** The measures and the words of whoever asks, by her choice or by her browser's language. */
export async function visitorUnits(): Promise<Units> {
  return unitsFromCookie(
    (await cookies()).get(UNITS_COOKIE)?.value,
    unitsOfVisitor((await headers()).get("accept-language")),
  );
}

/** How sentences are said to whoever asks. */
export const visitorSay = async (): Promise<Say> => sayIn(await visitorUnits());
