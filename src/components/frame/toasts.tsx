"use client";

import { createContext, use, useState, type ReactNode } from "react";
import { Toast } from "radix-ui";

type Message = { readonly id: number; readonly text: string; readonly action?: { readonly name: string; readonly run: () => void } };

type Tell = (text: string, action?: Message["action"]) => void;

const ToastContext = createContext<Tell>(() => undefined);

/** Long enough to read and to reach for "Undo" with floury hands, ms. */
const SHOWN_MS = 12_000;

/** Short messages at the foot of the page, spoken to screen readers, each with at most one thing to do. */
export function ToastProvider({ children }: { readonly children: ReactNode }) {
  const [messages, setMessages] = useState<readonly Message[]>([]);
  const tell: Tell = (text, action) =>
    setMessages((shown) => [...shown.slice(-2), { id: (shown.at(-1)?.id ?? 0) + 1, text, ...(action === undefined ? {} : { action }) }]);
  const dismiss = (id: number): void => setMessages((shown) => shown.filter((message) => message.id !== id));
  return (
    <Toast.Provider duration={SHOWN_MS} label="Message">
      <ToastContext value={tell}>{children}</ToastContext>
      {messages.map(({ id, text, action }) => (
        <Toast.Root
          key={id}
          onOpenChange={(isOpen) => { if (!isOpen) dismiss(id); }}
          className="flex items-center justify-between gap-4 rounded-panel bg-ink px-4 py-3 text-white"
        >
          <Toast.Description>{text}</Toast.Description>
          {action !== undefined && (
            <Toast.Action altText={action.name} onClick={action.run} className="button button-next shrink-0 text-ink">
              {action.name}
            </Toast.Action>
          )}
        </Toast.Root>
      ))}
      <Toast.Viewport className="no-print fixed bottom-4 left-1/2 z-50 flex w-[min(92vw,520px)] -translate-x-1/2 flex-col gap-2" />
    </Toast.Provider>
  );
}

/** Says something at the foot of the page. */
export function useTell(): Tell {
  return use(ToastContext);
}
