ALTER TABLE `panes` ADD `seen` text;--> statement-breakpoint
CREATE INDEX `panes_seen` ON `panes` (`id`) WHERE "panes"."seen" <> 'null';