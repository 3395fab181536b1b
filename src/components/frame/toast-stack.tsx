"use client";

import { Toast } from "radix-ui";

/** A short message with at most one thing to do about it. */
export type Message = {
  readonly id: number;
  readonly text: string;
  readonly action?: { readonly name: string; readonly run: () => void };
};

type ToastStackProps = {
  readonly messages: readonly Message[];
  readonly onDismiss: (id: number) => void;
};

/** Long enough to read and to reach for "Undo" with floury hands, ms. */
const SHOWN_MS = 12_000;

/** The messages being shown, spoken to screen readers too. */
export function ToastStack({ messages, onDismiss }: ToastStackProps) {
  return (
    <Toast.Provider duration={SHOWN_MS} label="Message">
      {messages.map(({ id, text, action }) => (
        <Toast.Root
          key={id}
          onOpenChange={(isOpen) => {
            if (!isOpen) onDismiss(id);
          }}
          className="flex items-center justify-between gap-4 rounded-panel bg-ink px-4 py-3 text-white"
        >
          <Toast.Description>{text}</Toast.Description>
          {action !== undefined && (
            <Toast.Action
              altText={action.name}
              onClick={action.run}
              className="button button-next shrink-0 text-ink"
            >
              {action.name}
            </Toast.Action>
          )}
        </Toast.Root>
      ))}
      <Toast.Viewport className="no-print fixed bottom-4 left-1/2 z-50 flex w-[min(92vw,520px)] -translate-x-1/2 flex-col gap-2" />
    </Toast.Provider>
  );
}
