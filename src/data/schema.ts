import { integer, sqliteTable, text } from "drizzle-orm/sqlite-core";

/** Instants are milliseconds since 1970; JSON columns are parsed with the core's schemas on the way out. */
export const tins = sqliteTable("tins", {
  id: text("id").primaryKey(),
  name: text("name").notNull(),
  /** A `Tin` of the core as JSON, count left out. */
  spec: text("spec").notNull(),
  /** How many of it stand in the cupboard. */
  owned: integer("owned").notNull(),
});

export const recipes = sqliteTable("recipes", {
  id: text("id").primaryKey(),
  name: text("name").notNull(),
  /** A `Recipe` of the core as JSON. */
  recipe: text("recipe").notNull(),
});

export const cakes = sqliteTable("cakes", {
  id: text("id").primaryKey(),
  name: text("name").notNull(),
  /** A `Question` of the core as JSON: a copy of everything the cake was planned from. */
  question: text("question").notNull(),
  createdAt: integer("created_at").notNull(),
  updatedAt: integer("updated_at").notNull(),
  /** Set while a cake is deleted and can still be brought back. */
  deletedAt: integer("deleted_at"),
});

/** Facts about the kitchen itself, such as that its demo data has been laid in. */
export const kitchen = sqliteTable("kitchen", {
  key: text("key").primaryKey(),
  value: text("value").notNull(),
});
