CREATE TABLE `house_keys` (
	`id` text PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`hash` text NOT NULL,
	`may` text NOT NULL,
	`made_at` integer NOT NULL,
	`seen_at` integer NOT NULL
);
--> statement-breakpoint
CREATE UNIQUE INDEX `house_keys_hash_unique` ON `house_keys` (`hash`);