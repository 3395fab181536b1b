CREATE TABLE `bake_cakes` (
	`bake_id` text NOT NULL,
	`cake_id` text NOT NULL,
	PRIMARY KEY(`bake_id`, `cake_id`)
);
--> statement-breakpoint
CREATE TABLE `bake_events` (
	`seq` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`bake_id` text NOT NULL,
	`event_id` text NOT NULL,
	`event` text NOT NULL
);
--> statement-breakpoint
CREATE UNIQUE INDEX `bake_events_once` ON `bake_events` (`bake_id`,`event_id`);--> statement-breakpoint
CREATE TABLE `bakes` (
	`id` text PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`doc` text NOT NULL,
	`started_at` integer NOT NULL,
	`ended_at` integer
);
