import type { NextRequest } from "next/server";
import * as z from "@/core/zod";
import { linerPages, linerPieces, linerSvg, PAPERS, readTin, tinGeometry } from "@/core/tin";
import { issueText, linerLines, sayIn, tinText } from "@/words";
import { linerPdf } from "./liner-pdf";
import { visitorUnits } from "@/app/visitor-units";

const AskedSchema = z.object({
  tin: z.string().check(z.maxLength(400)),
  paper: z.catch(z.enum(PAPERS), "a4"),
  as: z.catch(z.enum(["pdf", "svg"]), "pdf"),
  /** Which page, from 1; an SVG file is one page. */
  page: z.catch(z.coerce.number().check(z.int(), z.gte(1), z.lte(200)), 1),
});

const refused = (message: string): Response =>
  new Response(message, { status: 400, headers: { "content-type": "text/plain; charset=utf-8" } });

/** The liner of a tin to print: `?tin=20 x 5 cm round&paper=a4&as=pdf`. */
export async function GET(request: NextRequest): Promise<Response> {
  const units = await visitorUnits();
  const say = sayIn(units);
  const asked = AskedSchema.safeParse(Object.fromEntries(request.nextUrl.searchParams));
  if (!asked.success) return refused(say`Say which tin, like ?tin=20 x 5 cm round.`);
  const { paper, as, page: wanted } = asked.data;
  const read = readTin(asked.data.tin, "metric");
  if (!read.ok) return refused(issueText(read.issue, units));
  const { tin } = read.value;
  const geometry = tinGeometry(tin);
  if (!geometry.ok) return refused(issueText(geometry.issue, units));
  const sheets = linerPieces(geometry.value).flatMap((piece) =>
    linerPages(piece, paper).map((page) => ({
      piece,
      page,
      lines: linerLines(piece, page, tin, units),
    })),
  );
  const name = `liner ${tinText({ ...tin, count: 1 }, units)}`.replaceAll(/[^\w.]+/gu, "-");
  if (sheets.length === 0)
    return refused(
      say`This tin is not lined with paper: grease it and flour it into every crease, or trace its floor.`,
    );
  if (as === "pdf") {
    const body = await linerPdf(name, sheets);
    return new Response(new Uint8Array(body), {
      headers: {
        "content-type": "application/pdf",
        "content-disposition": `inline; filename="${name}.pdf"`,
      },
    });
  }
  const sheet = sheets[wanted - 1];
  if (sheet === undefined) return refused(`Page ${wanted} is too many: 1 to ${sheets.length}.`);
  return new Response(linerSvg(sheet.piece, sheet.page, sheet.lines), {
    headers: {
      "content-type": "image/svg+xml; charset=utf-8",
      "content-disposition": `inline; filename="${name}-${wanted}.svg"`,
    },
  });
}
