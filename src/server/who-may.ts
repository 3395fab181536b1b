import { openedAt } from "./door/opened";

/** Why a request is turned away. */
export type TurnedAway = { readonly status: 403 | 421; readonly message: string };

/** Names this machine goes by to itself. */
const OWN_NAMES = ["localhost", "127.0.0.1", "[::1]"];
const READING = ["GET", "HEAD", "OPTIONS"];

/**
 * The names a kitchen answers to: this machine's own, those its owner lists in `STEADY_TIN_HOSTS`,
 * parted by commas, and the one of its door to the home network while that is open.
 */
export function hostsAllowed(listed = process.env["STEADY_TIN_HOSTS"] ?? ""): readonly string[] {
  const door = openedAt();
  return [
    ...OWN_NAMES,
    ...listed
      .split(",")
      .map((host) => host.trim().toLowerCase())
      .filter((host) => host !== ""),
    ...(door === null ? [] : [door.address]),
  ];
}

/**
 * Whether a request may pass: only under a name the kitchen answers to, since any website can give
 * itself a name that leads to this machine; and what changes anything only from a page of the
 * kitchen itself. Null for one that may.
 */
export function turnedAway(
  method: string,
  headers: Pick<Headers, "get">,
  allowed = hostsAllowed(),
): TurnedAway | null {
  const host = (headers.get("host") ?? "").toLowerCase();
  if (!allowed.includes(nameOf(host)))
    return {
      status: 421,
      message: `This kitchen does not answer to “${host.slice(0, 100)}”. Open it at the address its start printed.`,
    };
  if (READING.includes(method)) return null;
  const origin = headers.get("origin");
  const isOwn = origin !== null && URL.canParse(origin) && new URL(origin).host === host;
  return isOwn ? null : { status: 403, message: "Only a page of this kitchen may change it." };
}

/** A host without its port. */
function nameOf(host: string): string {
  return host.replace(/:\d{1,5}$/u, "");
}
