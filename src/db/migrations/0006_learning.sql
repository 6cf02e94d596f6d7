CREATE TABLE `met` (
	`who` text NOT NULL,
	`system` text NOT NULL,
	`first_at` text NOT NULL,
	PRIMARY KEY(`who`, `system`)
);
--> statement-breakpoint
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
CREATE INDEX `practice_who` ON `practice` (`who`,`at`);--> statement-breakpoint
ALTER TABLE `panes` ADD `place` text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `panes` ADD `seen` text;--> statement-breakpoint
CREATE INDEX `panes_place` ON `panes` (`place`);--> statement-breakpoint
CREATE INDEX `panes_seen` ON `panes` (`id`) WHERE "panes"."seen" <> 'null';