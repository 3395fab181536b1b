"use client";

import { useEffect, useState } from "react";
import { useRouter } from "next/navigation";
import { DoorClosed, KeyRound, Smartphone } from "lucide-react";
import { backupTime } from "@/words/backups";
import { ONLY_HERE, PLAIN_LINE, RIGHT_NAMES } from "@/words/door";
import { Choice } from "../frame/field";
import type { Outcome } from "../frame/outcome";
import { useTell } from "../frame/toasts";
import { useUnits } from "../frame/units";
import { UNREACHABLE } from "./unreachable";

type Right = keyof typeof RIGHT_NAMES;

/** A device that was let in; times in ms since 1970. */
type KeyRow = {
  readonly id: string;
  readonly name: string;
  readonly may: Right;
  readonly madeAt: number;
  readonly seenAt: number;
};

type Code = { readonly size: number; readonly path: string };
/** A link that opens the door once, or why there is none. */
export type DoorLink =
  | { readonly ok: true; readonly link: string; readonly code: Code }
  | { readonly ok: false; readonly message: string };

type HomeDoorProps = {
  readonly isThisMachine: boolean;
  readonly opened: { readonly address: string; readonly port: number } | null;
  /** Addresses of this machine that it can be opened at. */
  readonly addresses: readonly string[];
  readonly keys: readonly KeyRow[];
  readonly actions: {
    readonly openHomeDoor: (address: string) => Promise<Outcome>;
    readonly shutHomeDoor: () => Promise<Outcome>;
    readonly inviteDevice: (may: Right) => Promise<DoorLink>;
    readonly takeAwayKey: (id: string) => Promise<Outcome>;
  };
};

const RIGHTS = Object.entries(RIGHT_NAMES) as readonly (readonly [Right, string])[];

/** How often the page looks whether the device has come in, ms. */
const LOOK_MS = 2000;

/** The kitchen on her phone: opened to the home network, devices let in one by one, and out again. */
export function HomeDoor({ isThisMachine, opened, addresses, keys, actions }: HomeDoorProps) {
  const router = useRouter();
  const tell = useTell();
  const [address, setAddress] = useState(addresses[0] ?? "");
  const [isBusy, setIsBusy] = useState(false);

  async function run(work: Promise<Outcome>, said: string): Promise<void> {
    setIsBusy(true);
    const outcome = await work.catch(() => UNREACHABLE);
    setIsBusy(false);
    tell(outcome.ok ? said : outcome.message);
    router.refresh();
  }

  return (
    <section className="panel space-y-3 p-6 max-sm:p-4" aria-labelledby="home-door">
      <h2 id="home-door" className="text-xl">
        Open on my phone
      </h2>
      {!isThisMachine && <p className="text-[15px]">{ONLY_HERE}</p>}
      {isThisMachine && opened === null && (
        <>
          <p className="max-w-[70ch] text-[15px]">
            Until you open it, only this computer can see the kitchen. Opened, phones and computers
            of your home network reach it, each with a key of its own. It closes when the program
            stops. {PLAIN_LINE}
          </p>
          <div className="flex flex-wrap items-end gap-2">
            {addresses.length > 1 && (
              <label className="block">
                <span className="label block">Network</span>
                <Choice
                  label="Network"
                  className="field pr-1"
                  value={address}
                  choices={addresses.map((each) => [each, each] as const)}
                  onChange={setAddress}
                />
              </label>
            )}
            <button
              type="button"
              className="button button-next"
              disabled={isBusy}
              onClick={() => void run(actions.openHomeDoor(address), "Open to your home network.")}
            >
              <Smartphone size={17} aria-hidden /> Open to my home network
            </button>
          </div>
        </>
      )}
      {isThisMachine && opened !== null && (
        <>
          <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
            <p>
              Open at{" "}
              <span className="figure-text">
                http://{opened.address}:{opened.port}
              </span>
            </p>
            <button
              type="button"
              className="button"
              disabled={isBusy}
              onClick={() =>
                void run(actions.shutHomeDoor(), "Closed: only this computer sees the kitchen.")
              }
            >
              <DoorClosed size={17} aria-hidden /> Close it
            </button>
          </div>
          <LetIn keys={keys} invite={actions.inviteDevice} />
        </>
      )}
      {keys.length > 0 && (
        <Keys
          keys={keys}
          isLocked={isBusy || !isThisMachine}
          onTake={({ id, name }) =>
            void run(actions.takeAwayKey(id), `“${name}” has no key any more.`)
          }
        />
      )}
    </section>
  );
}

/** What the next device may do, and the code it is let in by. */
function LetIn({
  keys,
  invite,
}: {
  readonly keys: readonly KeyRow[];
  readonly invite: HomeDoorProps["actions"]["inviteDevice"];
}) {
  const router = useRouter();
  const tell = useTell();
  const [may, setMay] = useState<Right>("all");
  const [shown, setShown] = useState<{
    readonly link: string;
    readonly code: Code;
    /** Keys that were there before. */
    readonly known: readonly string[];
  } | null>(null);
  const newcomer = shown === null ? undefined : keys.find(({ id }) => !shown.known.includes(id));

  useEffect(() => {
    if (shown === null || newcomer !== undefined) return;
    const timer = setInterval(() => router.refresh(), LOOK_MS);
    return () => clearInterval(timer);
  }, [shown, newcomer, router]);

  async function show(): Promise<void> {
    const made = await invite(may).catch(() => UNREACHABLE);
    if (made.ok) setShown({ ...made, known: keys.map(({ id }) => id) });
    else tell(made.message);
  }

  return (
    <>
      <div className="flex flex-wrap items-end gap-2">
        <label className="block">
          <span className="label block">The next device may do</span>
          <Choice
            label="The next device may do"
            className="field pr-1"
            value={may}
            choices={RIGHTS}
            onChange={setMay}
          />
        </label>
        <button type="button" className="button button-next" onClick={() => void show()}>
          <KeyRound size={17} aria-hidden /> Show a code
        </button>
      </div>
      <div role="status">
        {newcomer !== undefined && (
          <p className="font-semibold text-leaf">“{newcomer.name}” has a key now.</p>
        )}
      </div>
      {shown !== null && newcomer === undefined && (
        <div className="flex flex-wrap items-center gap-5">
          <svg
            role="img"
            aria-label="Square code of the link beside it"
            viewBox={`-3 -3 ${shown.code.size + 6} ${shown.code.size + 6}`}
            shapeRendering="crispEdges"
            className="size-52 shrink-0 rounded-control bg-white"
          >
            <path d={shown.code.path} className="fill-ink" />
          </svg>
          <div className="min-w-0 max-w-[46ch] flex-1 basis-60">
            <p>
              Point the phone’s camera at the code. It opens the kitchen for one device, within ten
              minutes.
            </p>
            <p className="label mt-2">Or type this there</p>
            <p className="text-[15px] break-all">{shown.link}</p>
          </div>
        </div>
      )}
    </>
  );
}

function Keys({
  keys,
  isLocked,
  onTake,
}: {
  readonly keys: readonly KeyRow[];
  readonly isLocked: boolean;
  readonly onTake: (key: KeyRow) => void;
}) {
  const { units } = useUnits();
  return (
    <div>
      <h3 className="label">Devices with a key</h3>
      <ul aria-label="Devices with a key" className="divide-y-[1.5px] divide-line">
        {keys.map((key) => (
          <li key={key.id} className="flex flex-wrap items-center gap-x-4 gap-y-1 py-1.5">
            <span className="min-w-40 flex-1 font-semibold break-words">{key.name}</span>
            <span className="text-[15px] text-ink-2">
              {RIGHT_NAMES[key.may]}, last here {backupTime(new Date(key.seenAt), units)}
            </span>
            <button
              type="button"
              className="button"
              disabled={isLocked}
              aria-label={`Take the key of ${key.name} away`}
              onClick={() => onTake(key)}
            >
              Take its key away
            </button>
          </li>
        ))}
      </ul>
    </div>
  );
}
