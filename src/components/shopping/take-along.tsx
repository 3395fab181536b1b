"use client";

import { useEffect, useState } from "react";
import { Copy, FileSpreadsheet, Printer, Share2 } from "lucide-react";
import { writeListCsv, type ListedRow } from "@/core/shopping";
import type { Units } from "@/words";
import { AISLE_NAMES, GOT_NAMES, shoppingLine, shoppingText } from "@/words/shopping";
import { saveFile } from "../frame/download";
import { useTell } from "../frame/toasts";

/** Copies a text. @returns whether the browser let it: over a line that is not encrypted it does not */
async function copied(text: string): Promise<boolean> {
  try {
    await navigator.clipboard.writeText(text);
    return true;
  } catch {
    return false;
  }
}

type TakeAlongProps = {
  readonly rows: readonly ListedRow[];
  readonly names: ReadonlyMap<string, string>;
  readonly units: Units;
  readonly from: string;
  readonly to: string;
};

/** The list on paper, as text, as a table, or sent by the phone's own means. */
export function TakeAlong({ rows, names, units, from, to }: TakeAlongProps) {
  const tell = useTell();
  const [canShare, setCanShare] = useState(false);
  useEffect(() => {
    const look = setTimeout(() => setCanShare(typeof navigator.share === "function"));
    return () => clearTimeout(look);
  }, []);
  const title = `Shopping ${from} to ${to}`;

  function text(): string {
    const open = rows.filter(({ how }) => how === "open");
    const aisles = [...new Set(open.map(({ aisle }) => aisle))];
    return aisles
      .map((aisle) =>
        [
          AISLE_NAMES[aisle],
          ...open
            .filter((row) => row.aisle === aisle)
            .map((row) => `- ${shoppingText(shoppingLine(row, units))}`),
        ].join("\n"),
      )
      .join("\n\n");
  }

  const csv = (): string =>
    writeListCsv(
      rows.map((row) => {
        const { name, amount, packs, note } = shoppingLine(row, units);
        return {
          aisle: AISLE_NAMES[row.aisle],
          item: name,
          amount,
          packs,
          note,
          got: GOT_NAMES[row.how],
          for: row.shares.map(({ cake }) => names.get(cake) ?? "").join(", "),
        };
      }),
    );

  return (
    <div className="no-print flex flex-wrap gap-2">
      <button type="button" className="button" onClick={() => globalThis.print()}>
        <Printer size={17} aria-hidden /> Print
      </button>
      <button
        type="button"
        className="button"
        onClick={() =>
          void copied(text()).then((isCopied) =>
            tell(
              isCopied
                ? "Copied: paste it wherever you like."
                : "The browser does not let this page copy. Save it as a table instead.",
            ),
          )
        }
      >
        <Copy size={17} aria-hidden /> Copy as text
      </button>
      <button
        type="button"
        className="button"
        onClick={() => saveFile(title, "csv", csv(), "text/csv")}
      >
        <FileSpreadsheet size={17} aria-hidden /> Save as a table
      </button>
      {canShare && (
        <button
          type="button"
          className="button"
          onClick={() => void navigator.share({ title, text: text() }).catch(() => undefined)}
        >
          <Share2 size={17} aria-hidden /> Send
        </button>
      )}
    </div>
  );
}
