"use server";

import { revalidatePath } from "next/cache";
import type { DoorLink } from "@/components/settings/home-door";
import type { Outcome } from "@/components/frame/outcome";
import { HOUSE_RIGHTS, stored, type HouseRight } from "@/data";
import { idOf } from "@/server/id-of";
import { invited, openDoor, shutDoor, takeKeyAway } from "@/server/door/door";
import { squareCode } from "@/server/square-code";
import { storageText } from "@/words";
import { DOOR_TROUBLE, ONLY_HERE } from "@/words/door";
import { isThisMachine } from "../who-asks";

const ELSEWHERE = { ok: false, message: ONLY_HERE } as const;

/** Opens the kitchen to the home network, at one of this machine's addresses. */
export async function openHomeDoor(address: string): Promise<Outcome> {
  if (!(await isThisMachine())) return ELSEWHERE;
  const issue = await openDoor(address);
  revalidatePath("/settings");
  return issue === null ? { ok: true } : { ok: false, message: DOOR_TROUBLE[issue] };
}

/** Closes it again, on whoever uses it just now too. */
export async function shutHomeDoor(): Promise<Outcome> {
  if (!(await isThisMachine())) return ELSEWHERE;
  shutDoor();
  revalidatePath("/settings");
  return { ok: true };
}

/** A link that lets one device in, once, and its square code. */
export async function inviteDevice(may: HouseRight): Promise<DoorLink> {
  if (!(await isThisMachine())) return ELSEWHERE;
  const right = HOUSE_RIGHTS.find((each) => each === may);
  const link = right === undefined ? null : invited(right, new Date());
  return link === null
    ? { ok: false, message: "The kitchen is not open to the home network." }
    : { ok: true, link, code: squareCode(link) };
}

/** Takes a device's key away; what it has open stops answering at once. */
export async function takeAwayKey(id: string): Promise<Outcome> {
  if (!(await isThisMachine())) return ELSEWHERE;
  const removed = await stored(() => takeKeyAway(idOf(id)));
  revalidatePath("/settings");
  return removed.ok ? { ok: true } : { ok: false, message: storageText(removed.issue) };
}
