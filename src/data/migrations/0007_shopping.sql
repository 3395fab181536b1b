CREATE TABLE `shopping_got` (
	`cake_id` text NOT NULL,
	`item` text NOT NULL,
	`how` text NOT NULL,
	`net_g` real,
	`pieces` real,
	`at` integer NOT NULL,
	PRIMARY KEY(`cake_id`, `item`)
);
