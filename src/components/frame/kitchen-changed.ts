"use client";

import { useEffect } from "react";
import { useRouter } from "next/navigation";

/**
 * Whether something was kept since the lists were last drawn: the browser's way back would show
 * them as they were.
 */
let isChanged = false;

/** Notes that lists shown before are not up to date any more. */
export function kitchenChanged(): void {
  isChanged = true;
}

/** A list that is drawn anew when it is come back to after something was kept. */
export function FreshList(): null {
  const router = useRouter();
  useEffect(() => {
    if (!isChanged) return;
    isChanged = false;
    router.refresh();
  }, [router]);
  return null;
}
