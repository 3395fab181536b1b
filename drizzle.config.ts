import { defineConfig } from "drizzle-kit";

export default defineConfig({
  dialect: "turso",
  schema: "./src/data/schema.ts",
  out: "./src/data/migrations",
  dbCredentials: { url: process.env["DATABASE_URL"] ?? "file:data/steady-tin.db" },
});
