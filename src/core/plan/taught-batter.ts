// A batter by what her own pages teach of it.
import type { Taught } from "../logbook";
import { foundBatter, type Batter } from "../mix";

/** A measured rise is over the written volume; here it is over the volume that she found. */
export const riseOf = ({ rise }: Taught, written: Batter, found: Batter): number | undefined =>
  rise === undefined ? undefined : (rise * found.specificGravity) / written.specificGravity;

/** The batter as she found it to come out. */
export const asFound = (batter: Batter, { yield: share, gravity }: Taught): Batter =>
  share === undefined && gravity === undefined ? batter : foundBatter(batter, share, gravity);
