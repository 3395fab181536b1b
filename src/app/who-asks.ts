import { headers } from "next/headers";
import { HOUSE_RIGHTS, type HouseRight } from "@/data";
import { KEY_HEADER, MAY_HEADER } from "@/server/door/gate";

/** Whether whoever asks sits at the machine the kitchen is on; else a key was shown at the door. */
export async function isThisMachine(): Promise<boolean> {
  return (await headers()).get(KEY_HEADER) === null;
}

/** What whoever asks may do: everything at the machine itself, elsewhere what the key allows. */
export async function rightOfVisitor(): Promise<HouseRight> {
  if (await isThisMachine()) return "all";
  const may = (await headers()).get(MAY_HEADER);
  return HOUSE_RIGHTS.find((each) => each === may) ?? "look";
}
