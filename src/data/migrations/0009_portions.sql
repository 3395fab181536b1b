CREATE TABLE `portions` (
	`id` text PRIMARY KEY NOT NULL,
	`doc` text NOT NULL,
	`left` integer NOT NULL,
	`best_before` text NOT NULL,
	`version` integer DEFAULT 1 NOT NULL,
	`created_at` integer NOT NULL,
	`updated_at` integer NOT NULL,
	`deleted_at` integer
);
--> statement-breakpoint
CREATE INDEX `portions_by_day` ON `portions` (`deleted_at`,`best_before`);