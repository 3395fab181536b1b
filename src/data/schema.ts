import {
  index,
  integer,
  primaryKey,
  real,
  sqliteTable,
  text,
  uniqueIndex,
} from "drizzle-orm/sqlite-core";

/**
 * Instants are milliseconds since 1970; JSON columns are parsed with the core's schemas on the way
 * out.
 */
export const tins = sqliteTable("tins", {
  id: text("id").primaryKey(),
  name: text("name").notNull(),
  /** A `Tin` of the core as JSON, count left out. */
  spec: text("spec").notNull(),
  /** How many of it stand in the cupboard. */
  owned: integer("owned").notNull(),
  /** Goes up with each save, so that two open pages notice each other. */
  version: integer("version").notNull().default(1),
  updatedAt: integer("updated_at").notNull().default(0),
  /** Set while a tin is taken out and can still be put back. */
  deletedAt: integer("deleted_at"),
});

export const recipes = sqliteTable(
  "recipes",
  {
    id: text("id").primaryKey(),
    name: text("name").notNull(),
    /** A `RecipeDoc` of the core as JSON. */
    recipe: text("recipe").notNull(),
    /**
     * Its `RecipeFacts` as JSON, worked out when it was kept, so that lists need not read every
     * recipe.
     */
    facts: text("facts").notNull().default("{}"),
    /** Folded words it is found by. */
    search: text("search").notNull().default(""),
    version: integer("version").notNull().default(1),
    /** Goes up with each save, so that two open pages notice each other; a version holds many. */
    revision: integer("revision").notNull().default(1),
    /** When the first change of this version was kept; changes soon after go into the same one. */
    versionAt: integer("version_at").notNull().default(0),
    updatedAt: integer("updated_at").notNull().default(0),
    lastBakedAt: integer("last_baked_at"),
    deletedAt: integer("deleted_at"),
  },
  (table) => [
    index("recipes_by_name").on(table.deletedAt, table.name),
    index("recipes_by_change").on(table.deletedAt, table.updatedAt),
  ],
);

/** Recipes as they were before. */
export const recipeVersions = sqliteTable(
  "recipe_versions",
  {
    recipeId: text("recipe_id").notNull(),
    version: integer("version").notNull(),
    recipe: text("recipe").notNull(),
    /** When it was last changed. */
    savedAt: integer("saved_at").notNull(),
  },
  (table) => [primaryKey({ columns: [table.recipeId, table.version] })],
);

/**
 * The kitchen's own ingredients, which stand over the catalogue's of the same id: an `Ingredient`
 * of the core as JSON.
 */
export const ingredients = sqliteTable("ingredients", {
  id: text("id").primaryKey(),
  spec: text("spec").notNull(),
});

/** What a name on a recipe line means in this kitchen. */
export const learntNames = sqliteTable("learnt_names", {
  name: text("name").primaryKey(),
  ingredient: text("ingredient").notNull(),
});

export const ovens = sqliteTable("ovens", {
  id: text("id").primaryKey(),
  name: text("name").notNull(),
  /** A `KitchenOven` of the core as JSON. */
  spec: text("spec").notNull(),
  /** Goes up with each save, so that two open pages notice each other. */
  version: integer("version").notNull().default(1),
  createdAt: integer("created_at").notNull(),
  updatedAt: integer("updated_at").notNull(),
  /** Set while an oven is taken out and can still be put back. */
  deletedAt: integer("deleted_at"),
});

export const cakes = sqliteTable(
  "cakes",
  {
    id: text("id").primaryKey(),
    name: text("name").notNull(),
    /** A `Question` of the core as JSON: a copy of everything the cake was planned from. */
    question: text("question").notNull(),
    /** The recipe it was planned from as JSON, its id and its `RecipeDoc`: the cake's own copy. */
    recipe: text("recipe"),
    /** The date it is wanted, `2026-12-05`, as its question says it; empty while nobody said. */
    wantedOn: text("wanted_on").notNull().default(""),
    /** The date the baker said that it is eaten; empty until then. */
    eatenOn: text("eaten_on").notNull().default(""),
    /** Folded words it is found by. */
    search: text("search").notNull().default(""),
    /** Goes up with each save, so that two open pages notice each other. */
    version: integer("version").notNull().default(1),
    createdAt: integer("created_at").notNull(),
    updatedAt: integer("updated_at").notNull(),
    /** Set while a cake is deleted and can still be brought back. */
    deletedAt: integer("deleted_at"),
  },
  (table) => [
    index("cakes_by_change").on(table.deletedAt, table.updatedAt),
    index("cakes_by_day").on(table.wantedOn),
  ],
);

/** A day's baking, from its first step on. */
export const bakes = sqliteTable("bakes", {
  id: text("id").primaryKey(),
  name: text("name").notNull(),
  /** A `BakeDoc` of the core as JSON: what it began with, never changed after. */
  doc: text("doc").notNull(),
  startedAt: integer("started_at").notNull(),
  /** Set when its last question was answered, or it was given up. */
  endedAt: integer("ended_at"),
  /** Whether its pages of the logbook are written: 1 once it ended, even where it leaves none. */
  recorded: integer("recorded").notNull().default(0),
});

/** The cakes of a bake. */
export const bakeCakes = sqliteTable(
  "bake_cakes",
  { bakeId: text("bake_id").notNull(), cakeId: text("cake_id").notNull() },
  (table) => [primaryKey({ columns: [table.bakeId, table.cakeId] })],
);

/**
 * What happened at the bench, in the order it arrived: a `BakeEvent` of the core as JSON. Only
 * ever added to.
 */
export const bakeEvents = sqliteTable(
  "bake_events",
  {
    seq: integer("seq").primaryKey({ autoIncrement: true }),
    bakeId: text("bake_id").notNull(),
    /** The event's own id, so that one that is told twice is kept once. */
    eventId: text("event_id").notNull(),
    event: text("event").notNull(),
  },
  (table) => [uniqueIndex("bake_events_once").on(table.bakeId, table.eventId)],
);

/** Pages of the logbook, one for each cake of a bake. */
export const records = sqliteTable(
  "records",
  {
    id: text("id").primaryKey(),
    /** The bake it came from; null for one that was written down by hand. */
    bakeId: text("bake_id"),
    cakeId: text("cake_id"),
    name: text("name").notNull(),
    /** A `BakeRecord` of the core as JSON. */
    doc: text("doc").notNull(),
    madeOn: text("made_on").notNull(),
    /** What it is filtered by: its recipe's key, its oven's name, its verdict or nothing. */
    recipe: text("recipe").notNull(),
    oven: text("oven").notNull(),
    verdict: text("verdict").notNull(),
    /** Folded words it is found by. */
    search: text("search").notNull().default(""),
    /** Goes up with each save, so that two open pages notice each other. */
    version: integer("version").notNull().default(1),
    createdAt: integer("created_at").notNull(),
    updatedAt: integer("updated_at").notNull(),
    /** Set while a page is deleted and can still be brought back. */
    deletedAt: integer("deleted_at"),
  },
  (table) => [
    index("records_by_day").on(table.deletedAt, table.madeOn),
    index("records_by_recipe").on(table.recipe, table.madeOn),
    index("records_by_bake").on(table.bakeId),
    index("records_by_cake").on(table.cakeId, table.madeOn),
  ],
);

/**
 * Shares of a shopping list that are ticked off: a `Got` of the core, the last that was said of each.
 * One said to be open again stays, so that an older tick from another phone can't bring it back.
 */
export const shoppingGot = sqliteTable(
  "shopping_got",
  {
    cakeId: text("cake_id").notNull(),
    item: text("item").notNull(),
    how: text("how").notNull(),
    netG: real("net_g"),
    pieces: real("pieces"),
    at: integer("at").notNull(),
  },
  (table) => [primaryKey({ columns: [table.cakeId, table.item] })],
);

/** What is known of an item of shopping lists in this kitchen: a `LarderRow` of the core as JSON. */
export const larder = sqliteTable("larder", {
  item: text("item").primaryKey(),
  doc: text("doc").notNull(),
});

/** Portions in freezer, fridge or tin. */
export const portions = sqliteTable(
  "portions",
  {
    id: text("id").primaryKey(),
    /** A `Portions` of the core as JSON. */
    doc: text("doc").notNull(),
    /** How many are left, and the last day they are at their best. */
    left: integer("left").notNull(),
    bestBefore: text("best_before").notNull(),
    /** Goes up with each save, so that two open pages notice each other. */
    version: integer("version").notNull().default(1),
    createdAt: integer("created_at").notNull(),
    updatedAt: integer("updated_at").notNull(),
    /** Set while portions are deleted and can still be brought back. */
    deletedAt: integer("deleted_at"),
  },
  (table) => [index("portions_by_day").on(table.deletedAt, table.bestBefore)],
);

/** Keys of other phones and computers that may open this kitchen over the home network. */
export const houseKeys = sqliteTable("house_keys", {
  id: text("id").primaryKey(),
  name: text("name").notNull(),
  /** SHA-256 of the key, hex: the key itself is nowhere but on its phone. */
  hash: text("hash").notNull().unique(),
  /** What its holder may do. */
  may: text("may").notNull(),
  madeAt: integer("made_at").notNull(),
  seenAt: integer("seen_at").notNull(),
});

/** Answers of practice, each a `PracticeAnswer` of the core as JSON; only ever added to. */
export const practiceAnswers = sqliteTable(
  "practice_answers",
  {
    id: text("id").primaryKey(),
    doc: text("doc").notNull(),
    at: integer("at").notNull(),
  },
  (table) => [index("practice_by_time").on(table.at)],
);

/** Facts about the kitchen itself, such as that its demo data has been laid in. */
export const kitchen = sqliteTable("kitchen", {
  key: text("key").primaryKey(),
  value: text("value").notNull(),
});
