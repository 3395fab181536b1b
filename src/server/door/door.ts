// The door to the home network: a second server beside this machine's own, open only while its
// owner says so. Whoever comes through it shows a key first.
import { networkInterfaces } from "node:os";
import { createServer, type IncomingMessage, type Server, type ServerResponse } from "node:http";
import type { Socket } from "node:net";
import {
  addHouseKey,
  kitchenDatabase,
  loggable,
  removeHouseKey,
  findShownKey,
  type HouseRight,
} from "@/data";
import { atTheGate, JOIN_PATH, KEY_HEADER, MAY_HEADER, withoutClaims } from "./gate";
import { invitations, type Invitations } from "./invitations";
import type { Opened } from "./opened";
import { plainPage, type DoorAnswer } from "./plain-page";
import { wrongTries, type WrongTries } from "./wrong-tries";

/** What the program's own server hands over: it answers what the gate has let in. */
type Inside = {
  readonly port: number;
  readonly answer: (request: IncomingMessage, response: ServerResponse) => void;
};

/** Why the door can't be opened. */
export type DoorIssue = "no-network" | "in-use" | "not-allowed" | "not-served" | "unknown";

/** An open door. */
type Door = Opened & {
  readonly server: Server;
  readonly links: Invitations;
  readonly tries: WrongTries;
  /** Lines that are open now, by the key they came with. */
  readonly lines: Map<string, Set<Socket>>;
};

// The server's start, its actions and its proxy load this module each for themselves.
const shared = globalThis as { steadyTinInside?: Inside; steadyTinDoor?: Door };

/** At most so many lines at once: a house has no more phones. */
const MOST_LINES = 300;

/**
 * Addresses of this machine in home networks; `STEADY_TIN_SHARE` names others, parted by commas.
 */
export function homeAddresses(named = process.env["STEADY_TIN_SHARE"] ?? ""): readonly string[] {
  const own = named.split(",").flatMap((each) => each.trim() || []);
  if (own.length > 0) return own;
  return Object.values(networkInterfaces())
    .flatMap((each = []) => each)
    .filter(({ family, internal, address }) => family === "IPv4" && !internal && isPrivate(address))
    .map(({ address }) => address);
}

/** Whether an IPv4 address is one of those that homes use among themselves. */
function isPrivate(address: string): boolean {
  const [first = 0, second = 0] = address.split(".").map(Number);
  return (
    first === 10 ||
    (first === 192 && second === 168) ||
    (first === 172 && second >= 16 && second < 32)
  );
}

/**
 * Opens the door at an address of this machine; one that stands open elsewhere is shut first.
 * @returns why it can't be; null once it stands open
 */
export async function openDoor(address: string): Promise<DoorIssue | null> {
  const inside = shared.steadyTinInside;
  if (inside === undefined) return "not-served";
  if (!homeAddresses().includes(address)) return "no-network";
  if (shared.steadyTinDoor?.address === address) return null;
  shutDoor();
  const { port } = inside;
  const server = createServer((request, response) => {
    void admitted(request, response);
  });
  server.maxConnections = MOST_LINES;
  const door: Door = {
    address,
    port,
    server,
    links: invitations(),
    tries: wrongTries(),
    lines: new Map(),
  };
  async function admitted(request: IncomingMessage, response: ServerResponse): Promise<void> {
    try {
      const passed = await atTheGate(request, keeperOf(door), new Date());
      if (!passed.passes) {
        answer(request, response, passed.answer);
        return;
      }
      withoutClaims(request.headers);
      const { id, may } = passed.key;
      if (may !== "all") delete request.headers["next-action"];
      request.headers[KEY_HEADER] = id;
      request.headers[MAY_HEADER] = may;
      noteLine(door, id, request.socket);
      inside?.answer(request, response);
    } catch (error) {
      console.error(`door: ${loggable(error)}`);
      if (!response.headersSent) answer(request, response, plainPage(503, "trouble"));
    }
  }
  const issue = await new Promise<DoorIssue | null>((resolve) => {
    server.once("error", (error: NodeJS.ErrnoException) => {
      resolve(ISSUES[error.code ?? ""] ?? "unknown");
    });
    server.listen(port, address, () => {
      resolve(null);
    });
  });
  if (issue === null) shared.steadyTinDoor = door;
  return issue;
}

const ISSUES: Readonly<Record<string, DoorIssue>> = {
  EADDRINUSE: "in-use",
  EACCES: "not-allowed",
  EADDRNOTAVAIL: "no-network",
};

const keeperOf = ({ address, port, links, tries }: Door): Parameters<typeof atTheGate>[1] => ({
  hosts: [`${address}:${port}`, ...(port === 80 ? [address] : [])],
  isSecure: false,
  links,
  tries,
  findKey: (hash, now) => findShownKey(kitchenDatabase(), hash, now),
  addKey: (key, now) => addHouseKey(kitchenDatabase(), key, now),
});

function answer(
  request: IncomingMessage,
  response: ServerResponse,
  { status, headers, body }: DoorAnswer,
): void {
  // What was not read to its end is not waited for.
  if (!request.complete) response.shouldKeepAlive = false;
  response.writeHead(status, { ...headers, "content-length": Buffer.byteLength(body) });
  response.end(request.method === "HEAD" ? "" : body);
}

function noteLine({ lines }: Door, key: string, socket: Socket): void {
  const own = lines.get(key) ?? new Set();
  lines.set(key, own);
  if (own.has(socket)) return;
  own.add(socket);
  socket.once("close", () => own.delete(socket));
}

/** Shuts the door at once, on whoever stands in it too. */
export function shutDoor(): void {
  const door = shared.steadyTinDoor;
  delete shared.steadyTinDoor;
  door?.server.close();
  door?.server.closeAllConnections();
}

/** A link that opens the door once; null while it is shut. */
export function invited(may: HouseRight, now: Date): string | null {
  const door = shared.steadyTinDoor;
  if (door === undefined) return null;
  const secret = door.links.invite(may, now.getTime());
  return `http://${door.address}:${door.port}${JOIN_PATH}?link=${secret}`;
}

/** Takes a key away, and cuts the lines that came with it. @returns whether there was one */
export async function takeKeyAway(id: string): Promise<boolean> {
  const wasThere = await removeHouseKey(kitchenDatabase(), id);
  for (const socket of shared.steadyTinDoor?.lines.get(id) ?? []) socket.destroy();
  return wasThere;
}
