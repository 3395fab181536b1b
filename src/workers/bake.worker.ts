import { bakeInside } from "@/core/bake";
import { tinGeometry } from "@/core/tin";
import type { BakeReply, BakeRequest } from "./bake-protocol";
import { bakeWork } from "./bake-work";

// A message to oneself goes behind those already waiting, and unlike a timer is not held back.
const { port1, port2 } = new MessageChannel();
const waiting: (() => void)[] = [];
port1.onmessage = () => waiting.shift()?.();

const take = bakeWork({
  post: (reply: BakeReply) => postMessage(reply),
  pause: () =>
    new Promise((resolve) => {
      waiting.push(resolve);
      port2.postMessage(null);
    }),
  now: () => performance.now(),
});

// The first bake in a cold worker takes many times longer: one cup is baked for nobody.
const cup = tinGeometry({ shape: "well", rimMm: 70, depthMm: 32 });
if (cup.ok) bakeInside({ geometry: cup.value, batterMl: 50, ovenC: 177, isFan: false });

onmessage = ({ data }: MessageEvent<BakeRequest>) => take(data);
