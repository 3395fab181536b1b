CREATE TABLE `practice_answers` (
	`id` text PRIMARY KEY NOT NULL,
	`doc` text NOT NULL,
	`at` integer NOT NULL
);
--> statement-breakpoint
CREATE INDEX `practice_by_time` ON `practice_answers` (`at`);