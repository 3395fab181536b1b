import type { ServedCake, ServeDetail } from "@/core/plan";
import { assertNever } from "@/core/measure";
import type { CutStyle, CuttingIssue } from "@/core/serve";
import { exactLengthText, heatText, lengthText, piecesText, weightText } from "./quantities";
import type { Units } from "./regions";

export const CUT_NAMES: Readonly<Record<CutStyle, string>> = {
  wedges: "Wedges",
  strips: "Strips and across",
  core: "A ring round a core",
  grid: "Rows and columns",
  slices: "Slices",
};

/** One piece: its size as it lies, and what it weighs. */
export function pieceText({ cutting, pieceG }: ServedCake, units: Units): string {
  if (cutting === null) return `one each, ${weightText(pieceG, units)}`;
  const [length, width] = cutting.pieceMm;
  const about = cutting.style === "strips" ? "about " : "";
  return cutting.style === "wedges"
    ? `${exactLengthText(length, units)} long, ${exactLengthText(width, units)} across the back, ${weightText(pieceG, units)}`
    : `${about}${exactLengthText(width, units)} × ${exactLengthText(length, units)}, ${weightText(pieceG, units)}`;
}

const PIECES_BECAUSE: Readonly<Record<ServedCake["because"], string>> = {
  asked: "",
  recipe: ", as the recipe has it",
  guests: ", enough for the guests",
  usual: "",
};

/** How many pieces a cake gives, and why. */
export const fromEachText = ({ pieces, because }: ServedCake): string =>
  `${pieces} from each${PIECES_BECAUSE[because]}`;

/** The knife's order, a line a step. */
export function knifeSteps({ cutting, top }: ServedCake, units: Units): readonly string[] {
  if (cutting === null || cutting.pieces === 1) return ["It is served whole."];
  switch (cutting.style) {
    case "wedges":
      if (top.holeMm > 0)
        return [
          "Mark opposite places on the rim first, then halve what lies between.",
          "Cut from the outside in, straight down, the point of the knife in the hole.",
        ];
      return cutting.pieces % 2 === 0
        ? [
            "Straight across through the middle.",
            "Across again at a right angle, then halve each part until all are cut.",
            "Wipe the knife after each cut.",
          ]
        : [
            "Mark the pieces round the edge first: an odd number has no straight lines through.",
            "Cut each from the middle outwards.",
          ];
    case "slices":
      return [
        `A long toothed knife, ${exactLengthText(cutting.pieceMm[1], units)} a slice, from one end.`,
      ];
    case "grid":
      return [
        "The long lines first, the middle one, then each half again.",
        "Then across, again from the middle.",
        "A corner piece out first: the others lift easily after it.",
      ];
    case "strips":
      return [
        "The upright lines first: the outer strips are wider, so that all are alike in cake.",
        "Turn each strip on its side and cut it across where it is marked.",
      ];
    case "core":
      return [
        "Round the core first, the knife upright.",
        "The ring outwards from the core, opposite places first.",
        "The core last, through its middle.",
      ];
    default:
      return assertNever(cutting.style);
  }
}

/** Why it can't be cut so, and what is shown instead. */
export function cuttingIssueText({ code, pieces, nearest }: CuttingIssue): string {
  const instead =
    nearest === null ? "Shown cut as usual for its shape." : `Shown cut in ${nearest}.`;
  switch (code) {
    case "too-many-pieces":
      return `${pieces} pieces are too many: each would be too narrow to stand. ${instead}`;
    case "ribbons":
      return `${pieces} pieces only come out as ribbons. ${instead}`;
    case "not-so":
      return `This cake can't be cut so in ${pieces}. ${instead}`;
    default:
      return assertNever(code);
  }
}

/** Whether there is a piece for each guest, and which cakes would give one. */
export function guestsText(
  { asked, times, sizes }: NonNullable<ServeDetail["guests"]>,
  pieces: number,
  units: Units,
): string {
  const guests = asked === 1 ? "one guest" : `${asked} guests`;
  const left = pieces - asked;
  const enough =
    times === 1
      ? `Enough for ${guests}${left === 0 ? ", to the piece" : `, ${piecesText(left)} over`}.`
      : `${pieces} pieces for ${guests}: make it ${times} times, or larger.`;
  const fitting = sizes.map((size) =>
    size.kind === "round"
      ? `a round of ${lengthText(size.diameterMm, units)}`
      : `a sheet of ${lengthText(size.lengthMm, units)} by ${lengthText(size.widthMm, units)}`,
  );
  return fitting.length === 0
    ? `${enough} No single cake of a usual size is enough.`
    : `${enough} One cake that is: ${fitting.join(", or ")}.`;
}

/** How long it keeps, in the room, the fridge and the freezer. */
export function keepingLines(
  { roomHours, fridgeDays, freezerMonths, because }: ServeDetail["keeping"],
  units: Units,
): readonly string[] {
  const isCold = because !== null;
  const room = isCold
    ? `In the room no more than ${roomHours} hours in all; 1 hour above ${heatText(32, units)}.`
    : `In a cool room, covered: ${roomHours < 48 ? `${roomHours} hours` : `${Math.round(roomHours / 24)} days`}.`;
  return [
    room,
    `In the fridge, ${heatText(5, units)} or below: ${fridgeDays} days${isCold ? "" : "; let it come to the room before it is eaten"}.`,
    freezerMonths === 0
      ? "It does not freeze well."
      : `In the freezer: ${freezerMonths === 1 ? "a month" : `${freezerMonths} months`}, in pieces, wrapped, with name and date on each.`,
  ];
}
