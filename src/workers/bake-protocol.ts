import type { BakeInside, InsideCase } from "@/core/bake";
import type { Tin } from "@/core/tin";

/**
 * One bake as it crosses to the worker: its tin instead of the tin's geometry, which the worker
 * works out itself.
 */
export type BakeSpec = Omit<InsideCase, "geometry"> & { readonly tin: Tin };

/**
 * What the page sends. A newer request makes older ones worthless: they are dropped, also in the
 * middle of their work.
 */
export type BakeRequest =
  | {
      readonly name: "solve";
      readonly id: number;
      /** In the order they are wanted. */ readonly bakes: readonly BakeSpec[];
    }
  | { readonly name: "cancel" };

/**
 * What the worker sends back: how far it has come, each bake as soon as it is solved, and the end
 * of a request.
 */
export type BakeReply =
  | {
      readonly name: "progress";
      readonly id: number;
      /** Of all bakes of the request, 0 to 1. */ readonly share: number;
    }
  | {
      readonly name: "solved";
      readonly id: number;
      readonly index: number;
      readonly inside: BakeInside;
    }
  | { readonly name: "failed"; readonly id: number; readonly index: number };

/** A bake by its content: equal bakes have equal keys. */
export function bakeKey(bake: BakeSpec): string {
  return JSON.stringify([
    bake.tin,
    bake.batterMl,
    bake.ovenC,
    bake.isFan,
    bake.hasStrips,
    bake.isLined ?? false,
    bake.doneC,
    bake.goesOn,
  ]);
}
