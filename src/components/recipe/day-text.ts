/** 28 Nov, or 28 Nov 2025 in another year than now. */
export function dateText(date: Date, now: Date = new Date()): string {
  const isThisYear = date.getFullYear() === now.getFullYear();
  return new Intl.DateTimeFormat("en-GB", {
    day: "numeric",
    month: "short",
    ...(isThisYear ? {} : { year: "numeric" }),
  }).format(date);
}
