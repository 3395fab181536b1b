"use client";

import { useState, type ReactNode } from "react";
import { setNonce } from "get-nonce";
import { X } from "lucide-react";
import { Dialog } from "radix-ui";

// The sheet keeps the page behind it from scrolling by a style element of its own, which the
// content policy only lets through with the page's nonce.
const nonce =
  typeof document === "undefined"
    ? undefined
    : document.querySelector<HTMLScriptElement>("script[nonce]")?.nonce;
if (nonce !== undefined) setNonce(nonce);

type SheetProps = {
  readonly title: string;
  readonly onClose: () => void;
  /** Whether it is closed with a floury knuckle. */
  readonly isLarge?: boolean;
  /** What gets the focus back; what has it now, unless that goes with another sheet. */
  readonly opener?: Element | null;
  readonly children: ReactNode;
};

/**
 * A sheet over the page with one thing to do on it; Escape or a tap outside closes it, and gives
 * the focus back to what opened it, but where it is worked with floury hands.
 */
export function Sheet({ title, onClose, isLarge = false, opener, children }: SheetProps) {
  const [before] = useState(
    () => opener ?? (typeof document === "undefined" ? null : document.activeElement),
  );
  return (
    <Dialog.Root
      open
      onOpenChange={(isOpen) => {
        if (!isOpen) onClose();
      }}
    >
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-ink/50" />
        <Dialog.Content
          aria-describedby={undefined}
          onCloseAutoFocus={(event) => {
            // Whoever works by keys goes on where the sheet was opened; at the bench the keys are
            // the bake's own, and a button that had the focus would take them.
            event.preventDefault();
            if (!isLarge && before instanceof HTMLElement) before.focus();
          }}
          className="fixed top-1/2 left-1/2 z-50 max-h-[90dvh] w-[min(94vw,560px)] -translate-x-1/2 -translate-y-1/2 overflow-y-auto rounded-panel bg-paper p-5"
        >
          <div className="mb-3 flex items-center justify-between gap-4">
            <Dialog.Title className="text-xl">{title}</Dialog.Title>
            <Dialog.Close
              className={`button !px-2.5 ${isLarge ? "size-16 shrink-0" : ""}`}
              aria-label="Close"
            >
              <X size={isLarge ? 28 : 18} aria-hidden />
            </Dialog.Close>
          </div>
          {children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
