import { createHash, randomBytes } from "node:crypto";
import type { HouseRight } from "@/data";

/** How long a link opens the door once, ms. */
export const INVITED_FOR_MS = 10 * 60_000;
/** So many links wait to be used; the oldest goes. */
const MOST_WAITING = 5;

type Invitation = { readonly may: HouseRight; readonly untilMs: number };

/** A secret of 256 bits, as it stands in an address or a cookie. */
export const newSecret = (): string => randomBytes(32).toString("base64url");

/** What of a secret may be kept: its SHA-256, hex. */
export const secretHash = (secret: string): string =>
  createHash("sha256").update(secret).digest("hex");

/** Links that open the door once; they are gone with the program. */
export type Invitations = {
  /** A new link's secret. */
  readonly invite: (may: HouseRight, nowMs: number) => string;
  /** Whether a link would still open the door. */
  readonly isGood: (secret: string, nowMs: number) => boolean;
  /** Uses a link up. @returns what it lets its holder do; null for one that opens nothing */
  readonly take: (secret: string, nowMs: number) => HouseRight | null;
};

/** No link yet. Secrets are kept as hashes, so that looking one up tells nothing by its time. */
export function invitations(): Invitations {
  const waiting = new Map<string, Invitation>();
  const found = (secret: string, nowMs: number): Invitation | null => {
    const invitation = waiting.get(secretHash(secret));
    return invitation !== undefined && nowMs < invitation.untilMs ? invitation : null;
  };
  return {
    invite: (may, nowMs) => {
      const secret = newSecret();
      waiting.set(secretHash(secret), { may, untilMs: nowMs + INVITED_FOR_MS });
      for (const old of [...waiting.keys()].slice(0, -MOST_WAITING)) waiting.delete(old);
      return secret;
    },
    isGood: (secret, nowMs) => found(secret, nowMs) !== null,
    take: (secret, nowMs) => {
      const invitation = found(secret, nowMs);
      waiting.delete(secretHash(secret));
      return invitation?.may ?? null;
    },
  };
}
