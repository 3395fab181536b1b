CREATE TABLE `ingredients` (
	`id` text PRIMARY KEY NOT NULL,
	`spec` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `learnt_names` (
	`name` text PRIMARY KEY NOT NULL,
	`ingredient` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `recipe_versions` (
	`recipe_id` text NOT NULL,
	`version` integer NOT NULL,
	`recipe` text NOT NULL,
	`saved_at` integer NOT NULL,
	PRIMARY KEY(`recipe_id`, `version`)
);
--> statement-breakpoint
ALTER TABLE `recipes` ADD `facts` text DEFAULT '{}' NOT NULL;--> statement-breakpoint
ALTER TABLE `recipes` ADD `search` text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `recipes` ADD `version` integer DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE `recipes` ADD `version_at` integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `recipes` ADD `updated_at` integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `recipes` ADD `last_baked_at` integer;--> statement-breakpoint
ALTER TABLE `recipes` ADD `deleted_at` integer;