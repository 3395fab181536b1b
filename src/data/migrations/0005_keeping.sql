ALTER TABLE `cakes` ADD `wanted_on` text DEFAULT '' NOT NULL;--> statement-breakpoint
CREATE INDEX `cakes_by_change` ON `cakes` (`deleted_at`,`updated_at`);--> statement-breakpoint
CREATE INDEX `cakes_by_day` ON `cakes` (`wanted_on`);--> statement-breakpoint
ALTER TABLE `ovens` ADD `version` integer DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE `recipes` ADD `revision` integer DEFAULT 1 NOT NULL;--> statement-breakpoint
CREATE INDEX `recipes_by_name` ON `recipes` (`deleted_at`,`name`);--> statement-breakpoint
CREATE INDEX `recipes_by_change` ON `recipes` (`deleted_at`,`updated_at`);--> statement-breakpoint
ALTER TABLE `tins` ADD `version` integer DEFAULT 1 NOT NULL;--> statement-breakpoint
UPDATE `cakes` SET `wanted_on` = coalesce(CASE WHEN json_valid(`question`) THEN substr(json_extract(`question`, '$.day.wantedAt'), 1, 10) END, '');
