ALTER TABLE `entries` ADD `clock` text;--> statement-breakpoint
ALTER TABLE `entries` ADD `seen` text;--> statement-breakpoint
ALTER TABLE `entries` ADD `v` integer;