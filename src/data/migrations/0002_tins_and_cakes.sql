ALTER TABLE `cakes` ADD `recipe` text;--> statement-breakpoint
ALTER TABLE `cakes` ADD `version` integer DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE `tins` ADD `updated_at` integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `tins` ADD `deleted_at` integer;