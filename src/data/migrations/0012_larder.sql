CREATE TABLE `larder` (
	`item` text PRIMARY KEY NOT NULL,
	`doc` text NOT NULL
);
