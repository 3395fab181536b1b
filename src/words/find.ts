/** What things that are found are called. */
export const FOUND_NAMES = {
  cake: "Cakes",
  recipe: "Recipes",
  bake: "Bakes",
  tin: "Tins",
  oven: "Ovens",
} as const;

/** The pages of the app, and other words they are looked for by. */
export const PAGES = [
  { href: "/", name: "Home", also: "kitchen now week" },
  { href: "/try", name: "Try a tin", also: "same batter other size convert" },
  { href: "/cakes", name: "Cakes", also: "list" },
  { href: "/calendar", name: "Calendar", also: "month week days" },
  { href: "/shopping", name: "Shopping", also: "buy list" },
  { href: "/freezer", name: "Freezer", also: "fridge portions left labels thaw best before" },
  { href: "/freezer/new", name: "Put something away", also: "freezer fridge new" },
  { href: "/recipes", name: "Recipes", also: "list" },
  { href: "/recipes/new", name: "Paste a recipe", also: "new add import write" },
  { href: "/tins", name: "Tins", also: "cupboard" },
  { href: "/tins/new", name: "Add a tin", also: "new" },
  { href: "/ovens", name: "Ovens", also: "readings thermometer" },
  { href: "/logbook", name: "Logbook", also: "bakes history" },
  { href: "/logbook/new", name: "Write down a bake", also: "logbook new" },
  { href: "/practice", name: "Practice", also: "learn drill judge done" },
  { href: "/how-sure", name: "How sure is this?", also: "accuracy forecasts" },
  { href: "/settings", name: "Settings", also: "region units backup restore" },
] as const;
