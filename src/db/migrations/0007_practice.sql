CREATE TABLE `practice` (
	`id` text PRIMARY KEY NOT NULL,
	`who` text NOT NULL,
	`at` text NOT NULL,
	`exercise` text NOT NULL,
	`level` integer NOT NULL,
	`right` integer NOT NULL,
	`seconds` real NOT NULL,
	`off_mm` real
);
--> statement-breakpoint
CREATE INDEX `practice_who` ON `practice` (`who`,`at`);