// What is said at the door to the kitchen: to whoever comes over the home network, and in Settings.
/** What the holder of a key may do; matches the data layer's without depending on it. */
type Right = "all" | "help" | "look";

export const RIGHT_NAMES: Readonly<Record<Right, string>> = {
  all: "everything",
  help: "help: tick shopping, work at the bench",
  look: "only look",
};

/** What stands over every page of who may not do everything. */
export const RIGHT_TOLD: Readonly<Record<Exclude<Right, "all">, string>> = {
  help: "This device may look at everything, tick off shopping and work at the bench. Other changes are not kept.",
  look: "This device may look at everything. Changes are not kept.",
};

/** A page of a few lines, for who is not inside. */
export type DoorPage = { readonly title: string; readonly lines: readonly string[] };

export const DOOR_PAGES = {
  "wrong-host": {
    title: "Not this kitchen",
    lines: ["This kitchen does not answer to that name. Open it by the link in its Settings."],
  },
  "no-key": {
    title: "This kitchen is locked",
    lines: [
      "This device has no key to it. In the kitchen, open Settings, choose “Open on my phone”, and point this device’s camera at the square code.",
      "Has it a key already, and you came by a link from elsewhere? Then open it again from here.",
    ],
  },
  "no-link": {
    title: "This link opens nothing",
    lines: [
      "It was used before, or it is older than ten minutes. Make a new one in Settings, under “Open on my phone”.",
    ],
  },
  "may-not": {
    title: "Not with this key",
    lines: [
      "This device’s key does not allow that. Whoever keeps the kitchen can make it another key in Settings.",
    ],
  },
  join: {
    title: "Open this kitchen",
    lines: ["This device gets a key of its own. It can be taken back in the kitchen’s Settings."],
  },
  trouble: {
    title: "Just now it can’t be opened",
    lines: ["The kitchen’s data could not be read. Try again in a moment."],
  },
  "not-understood": {
    title: "Not understood",
    lines: ["That was more, or something else, than this door takes."],
  },
} as const satisfies Readonly<Record<string, DoorPage>>;
export type DoorPageName = keyof typeof DOOR_PAGES;

/** @example "Too many wrong keys came from this device. Try again in 4 minutes." */
export function waitText(ms: number): string {
  const minutes = Math.max(1, Math.ceil(ms / 60_000));
  return `Too many wrong keys came from this device. Try again in ${minutes === 1 ? "a minute" : `${minutes} minutes`}.`;
}

export const WAIT_TITLE = "The door waits";
export const JOIN_WORDS = { name: "What is this device called?", usual: "Phone", open: "Open" };
export const AGAIN = "Open the kitchen";

/** Why the door could not be opened; matches the server's without depending on it. */
type Trouble = "no-network" | "in-use" | "not-allowed" | "not-served" | "unknown";

export const DOOR_TROUBLE: Readonly<Record<Trouble, string>> = {
  "no-network": "This computer is in no home network just now: join one, then try again.",
  "in-use":
    "Another program uses this kitchen’s port in the home network. Close it, or start the kitchen on another: PORT=3100 npm run demo.",
  "not-allowed": "This computer does not let the kitchen listen on its network.",
  "not-served": "The kitchen can be opened to phones only when it was started by npm run demo.",
  unknown: "The kitchen could not be opened to the home network. Nothing was changed.",
};

/** What a phone does without where the line is not encrypted. */
export const PLAIN_LINE =
  "The line between them is not encrypted: share it only in a network whose people you trust. For the same reason a phone’s browser lets its screen go dark at the bench and can’t copy a list; set the phone to stay lit longer.";

/** Who lets devices in. */
export const ONLY_HERE =
  "Devices are let in, and their keys taken away, only on the computer the kitchen is on.";

/** What the start prints when the kitchen is opened with it. */
export const startText = (link: string): string =>
  `Open to your home network. For the first device, once, within ten minutes:\n${link}`;
