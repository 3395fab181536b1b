"use client";

import { useRef, useState } from "react";
import { useRouter } from "next/navigation";
import { FileArchive, FolderInput } from "lucide-react";
import * as z from "@/core/zod";
import { ARCHIVED_KINDS } from "@/core/kept";
import { archiveComparedText } from "@/words/archive";
import { Sheet } from "../frame/sheet";
import { useTell } from "../frame/toasts";
import { useSay } from "../frame/units";
import { UNREACHABLE } from "./unreachable";

const LookedSchema = z.object({
  compared: z.array(
    z.object({
      kind: z.enum(ARCHIVED_KINDS),
      new: z.number(),
      same: z.number(),
      changed: z.array(z.string()),
    }),
  ),
  pictures: z.number(),
  trouble: z.array(z.string()),
});
const BroughtSchema = z.object({ brought: z.number() });
const RefusedSchema = z.object({ message: z.string() });

/** Sends an archive, and reads the answer; a text is why it was refused. */
async function sent<T>(file: File, query: string, schema: z.ZodMiniType<T>): Promise<T | string> {
  try {
    const response = await fetch(`/settings/archive?${query}`, {
      method: "POST",
      headers: { "content-type": "application/zip" },
      body: file,
    });
    const answer: unknown = await response.json();
    const refused = RefusedSchema.safeParse(answer);
    if (refused.success) return refused.data.message;
    return schema.parse(answer);
  } catch {
    return UNREACHABLE.message;
  }
}

/** The kitchen as one file, to take away and to bring in again. */
export function Archive() {
  const say = useSay();
  const tell = useTell();
  const router = useRouter();
  const box = useRef<HTMLInputElement>(null);
  const [file, setFile] = useState<File | null>(null);
  const [looked, setLooked] = useState<z.infer<typeof LookedSchema> | string | null>(null);
  const [isBusy, setIsBusy] = useState(false);

  async function look(chosen: File): Promise<void> {
    setFile(chosen);
    setLooked(null);
    setLooked(await sent(chosen, "do=look", LookedSchema));
  }

  async function bring(takesChanged: boolean): Promise<void> {
    if (file === null) return;
    setIsBusy(true);
    const answer = await sent(
      file,
      `do=bring&changed=${takesChanged ? "take" : "keep"}`,
      BroughtSchema,
    );
    setIsBusy(false);
    if (typeof answer === "string") {
      setLooked(answer);
      return;
    }
    setFile(null);
    tell(
      answer.brought === 1
        ? "One thing came in. A backup of before stands below."
        : `${answer.brought} things came in. A backup of before stands below.`,
    );
    router.refresh();
  }

  return (
    <section className="panel space-y-3 p-6 max-sm:p-4" aria-labelledby="archive">
      <h2 id="archive" className="text-xl">
        Everything in one file
      </h2>
      <p className="text-[15px]">
        {say`A zip of plain files: recipes, cakes, tins, ovens, the logbook with its pictures, and what is in the freezer; recipes also in words and for other programs. It can be brought into this kitchen or another one. Bakes at the bench, ticks of shopping, practice and older versions of recipes are only in the backups.`}
      </p>
      <div className="flex flex-wrap gap-2">
        <a className="button button-next" href="/settings/archive" download>
          <FileArchive size={17} aria-hidden /> Save everything
        </a>
        <button type="button" className="button" onClick={() => box.current?.click()}>
          <FolderInput size={17} aria-hidden /> Bring one in …
        </button>
        <input
          ref={box}
          type="file"
          accept=".zip,application/zip"
          aria-label="Archive to bring in"
          className="sr-only"
          tabIndex={-1}
          onChange={({ target }) => {
            const chosen = target.files?.[0];
            target.value = "";
            if (chosen !== undefined) void look(chosen);
          }}
        />
      </div>
      {file !== null && (
        <Sheet title={`What is in ${file.name}`} onClose={() => setFile(null)}>
          <Preview looked={looked} isBusy={isBusy} onBring={(takes) => void bring(takes)} />
        </Sheet>
      )}
    </section>
  );
}

/** What would come, what can't be read, and the ways to bring it in. */
function Preview({
  looked,
  isBusy,
  onBring,
}: {
  readonly looked: z.infer<typeof LookedSchema> | string | null;
  readonly isBusy: boolean;
  readonly onBring: (takesChanged: boolean) => void;
}) {
  const say = useSay();
  if (looked === null) return <p role="status">Looking through it …</p>;
  if (typeof looked === "string")
    return (
      <p role="alert" className="font-semibold text-tomato">
        {looked}
      </p>
    );
  const { compared, pictures, trouble } = looked;
  const added = compared.reduce((sum, each) => sum + each.new, 0);
  const changed = compared.reduce((sum, each) => sum + each.changed.length, 0);
  return (
    <div className="space-y-3">
      <dl className="divide-y-[1.5px] divide-line">
        {compared.map((each) => {
          const { name, says } = archiveComparedText(each);
          return (
            <div key={each.kind} className="flex flex-wrap gap-x-4 py-1.5">
              <dt className="w-44 font-semibold">{say(name)}</dt>
              <dd className="min-w-40 flex-1 break-words">{says}</dd>
            </div>
          );
        })}
        {pictures > 0 && (
          <div className="flex flex-wrap gap-x-4 py-1.5">
            <dt className="w-44 font-semibold">Pictures</dt>
            <dd className="flex-1">{pictures}</dd>
          </div>
        )}
      </dl>
      {trouble.map((line) => (
        <p key={line} role="alert" className="font-semibold break-words text-tomato">
          {line}
        </p>
      ))}
      {added + changed === 0 ? (
        <p>Nothing in it is new here.</p>
      ) : (
        <>
          <p className="text-[15px]">
            What stands in the kitchen now is backed up first, so that there is a way back.
          </p>
          <div className="flex flex-wrap gap-2">
            {added > 0 && (
              <button
                type="button"
                className="button button-next"
                disabled={isBusy}
                onClick={() => onBring(false)}
              >
                {isBusy ? "Bringing it in …" : `Bring in the ${added} new`}
              </button>
            )}
            {changed > 0 && (
              <button
                type="button"
                className="button"
                disabled={isBusy}
                onClick={() => onBring(true)}
              >
                {added > 0 ? "The new, and " : "Take "}
                {changed === 1 ? "the one" : `the ${changed}`} over what is here
              </button>
            )}
          </div>
        </>
      )}
    </div>
  );
}
