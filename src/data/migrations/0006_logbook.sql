CREATE TABLE `records` (
	`id` text PRIMARY KEY NOT NULL,
	`bake_id` text,
	`cake_id` text,
	`name` text NOT NULL,
	`doc` text NOT NULL,
	`made_on` text NOT NULL,
	`recipe` text NOT NULL,
	`oven` text NOT NULL,
	`verdict` text NOT NULL,
	`search` text DEFAULT '' NOT NULL,
	`version` integer DEFAULT 1 NOT NULL,
	`created_at` integer NOT NULL,
	`updated_at` integer NOT NULL,
	`deleted_at` integer
);
--> statement-breakpoint
CREATE INDEX `records_by_day` ON `records` (`deleted_at`,`made_on`);--> statement-breakpoint
CREATE INDEX `records_by_recipe` ON `records` (`recipe`,`made_on`);--> statement-breakpoint
CREATE INDEX `records_by_bake` ON `records` (`bake_id`);--> statement-breakpoint
ALTER TABLE `bakes` ADD `recorded` integer DEFAULT 0 NOT NULL;