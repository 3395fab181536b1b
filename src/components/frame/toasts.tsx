"use client";

import dynamic from "next/dynamic";
import { createContext, use, useEffect, useState, type ReactNode } from "react";
import type { Message } from "./toast-stack";

type Tell = (text: string, action?: Message["action"]) => void;

const ToastContext = createContext<Tell>(() => undefined);

const loadStack = () => import("./toast-stack").then((module) => module.ToastStack);

/** Not part of what a page waits for; fetched soon after it, so that it is there without a line. */
const ToastStack = dynamic(loadStack, { ssr: false });
const FETCHED_AFTER_MS = 3000;

/** Short messages at the foot of the page, for everything below it to send. */
export function ToastProvider({ children }: { readonly children: ReactNode }) {
  const [messages, setMessages] = useState<readonly Message[]>([]);
  const [isUsed, setIsUsed] = useState(false);
  useEffect(() => {
    // What can't be fetched now is fetched when it is needed.
    const soon = setTimeout(() => void loadStack().catch(() => undefined), FETCHED_AFTER_MS);
    return () => clearTimeout(soon);
  }, []);
  const tell: Tell = (text, action) => {
    setIsUsed(true);
    setMessages((shown) => [
      ...shown.slice(-2),
      { id: (shown.at(-1)?.id ?? 0) + 1, text, ...(action === undefined ? {} : { action }) },
    ]);
  };
  return (
    <>
      <ToastContext value={tell}>{children}</ToastContext>
      {isUsed && (
        <ToastStack
          messages={messages}
          onDismiss={(id) => setMessages((shown) => shown.filter((message) => message.id !== id))}
        />
      )}
    </>
  );
}

/** Says something at the foot of the page. */
export function useTell(): Tell {
  return use(ToastContext);
}
