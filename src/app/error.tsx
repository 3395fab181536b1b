"use client";

import { Trouble } from "@/components/frame/trouble";

export default function PageError({ reset }: { readonly reset: () => void }) {
  return (
    <div className="space-y-4">
      <Trouble text="Something went wrong on this page. What you had kept is safe; the server's log says more." />
      <button type="button" className="button button-next" onClick={reset}>
        Try again
      </button>
    </div>
  );
}
