import * as z from "../zod";

/** What stands on a bench and tells numbers. */
export const DEVICE_KINDS = ["scale", "core-probe", "oven-thermometer"] as const;
export type DeviceKind = (typeof DEVICE_KINDS)[number];

const device = {
  device: z.enum(DEVICE_KINDS),
  /** Which one of its kind. */ serial: z.string().check(z.minLength(1), z.maxLength(40)),
};

/**
 * All that a device says, one JSON object a message. A reading has its time (ms since 1970 by the
 * bake's clock), its unit, whether the device holds it to be settled, and how full its battery is.
 * A real device is one more program that says the same.
 */
export const DeviceNewsSchema = z.discriminatedUnion("kind", [
  z.strictObject({ kind: z.literal("found"), ...device }),
  z.strictObject({
    kind: z.literal("reading"),
    ...device,
    at: z.int(),
    value: z.number(),
    unit: z.enum(["g", "oz", "C", "F"]),
    isStable: z.boolean(),
    battery: z.number().check(z.gte(0), z.lte(1)),
  }),
  z.strictObject({ kind: z.literal("lost"), ...device }),
]);
export type DeviceNews = Readonly<z.infer<typeof DeviceNewsSchema>>;
export type DeviceReading = Extract<DeviceNews, { kind: "reading" }>;

/** What can go wrong with a simulated device, on purpose. */
export const FAULTS = [
  "none",
  "silence",
  "jump",
  "wrong-unit",
  "low-battery",
  "unplugged",
  "second-one",
] as const;
export type Fault = (typeof FAULTS)[number];

/** What a device can be told. */
export const DeviceCommandSchema = z.discriminatedUnion("do", [
  z.strictObject({ do: z.literal("tare"), device: z.literal("scale") }),
  z.strictObject({ do: z.literal("fault"), device: z.enum(DEVICE_KINDS), fault: z.enum(FAULTS) }),
]);
export type DeviceCommand = Readonly<z.infer<typeof DeviceCommandSchema>>;
