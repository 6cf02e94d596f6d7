ALTER TABLE `panes` ADD `place` text DEFAULT '' NOT NULL;--> statement-breakpoint
CREATE INDEX `panes_place` ON `panes` (`place`);