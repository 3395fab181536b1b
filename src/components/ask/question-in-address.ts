import type { Question } from "@/core/ask";
import { questionIn } from "./ask-address";

/**
 * A question that lives on the page, so that nothing typed is lost to a late answer of the router,
 * and in the address, so that it can be bookmarked.
 */
type QuestionInAddress = {
  readonly question: Question;
  /** What the router last told. */
  readonly address: string;
  /** Addresses written from here that the router has not told of yet. */
  readonly written: readonly string[];
};

export function arrivedAt(address: string): QuestionInAddress {
  return { question: questionIn(new URLSearchParams(address)), address, written: [] };
}

/**
 * The router tells an address: one written here changes nothing, one somebody went to takes the
 * question's place.
 */
export function toldOf(state: QuestionInAddress, address: string): QuestionInAddress {
  const index = state.written.indexOf(address);
  return index < 0
    ? arrivedAt(address)
    : { ...state, address, written: state.written.slice(index + 1) };
}
