ALTER TABLE `cakes` ADD `eaten_on` text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `cakes` ADD `search` text DEFAULT '' NOT NULL;--> statement-breakpoint
CREATE INDEX `records_by_cake` ON `records` (`cake_id`,`made_on`);--> statement-breakpoint
UPDATE `cakes` SET `search` = lower(`name` || ' ' || coalesce(CASE WHEN json_valid(`question`) THEN json_extract(`question`, '$.recipe') END, ''));
