CREATE TABLE `photos` (
	`id` text PRIMARY KEY NOT NULL,
	`added_at` text NOT NULL,
	`width` integer NOT NULL,
	`height` integer NOT NULL,
	`jpeg` blob NOT NULL
);
