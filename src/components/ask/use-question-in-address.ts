"use client";

import { useEffect, useState } from "react";
import { useSearchParams } from "next/navigation";
import type { Question } from "@/core/ask";
import { askHref } from "./ask-address";
import { arrivedAt, toldOf } from "./question-in-address";

/**
 * The address follows after a pause in typing, since changing it costs more than repainting the
 * answer, ms.
 */
const ADDRESS_AFTER_MS = 250;

/** The bench's question, and a way to change it; the address follows after a pause in typing. */
export function useQuestionInAddress(): readonly [Question, (changes: Partial<Question>) => void] {
  const address = useSearchParams().toString();
  const [state, setState] = useState(() => arrivedAt(address));
  const { question } = state;
  if (state.address !== address) setState(toldOf(state, address));

  useEffect(() => {
    const timer = setTimeout(() => {
      const next = new URL(askHref(question), location.href);
      const text = next.searchParams.toString();
      if (text === new URLSearchParams(location.search).toString()) return;
      setState((before) => ({ ...before, written: [...before.written, text] }));
      history.replaceState(null, "", next);
    }, ADDRESS_AFTER_MS);
    return () => clearTimeout(timer);
  }, [question]);

  return [
    question,
    (changes) =>
      setState((before) => ({ ...before, question: { ...before.question, ...changes } })),
  ];
}
