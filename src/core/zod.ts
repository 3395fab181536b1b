// Zod, set up: schemas are built by what this module hands on, and by nothing else (a lint rule).
import { config } from "zod/mini";

// The content policy of the pages forbids code made from strings, which Zod otherwise tries.
config({ jitless: true });

export * from "zod/mini";
