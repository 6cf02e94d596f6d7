CREATE TABLE `days` (
	`day` text PRIMARY KEY NOT NULL,
	`off` integer NOT NULL,
	`wet` integer NOT NULL,
	`low_c` real
);
--> statement-breakpoint
CREATE TABLE `entries` (
	`seq` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`id` text NOT NULL,
	`at` text NOT NULL,
	`who` text NOT NULL,
	`kind` text NOT NULL,
	`round` text,
	`pane` text,
	`order_id` text,
	`payload` text NOT NULL
);
--> statement-breakpoint
CREATE UNIQUE INDEX `entries_id_unique` ON `entries` (`id`);--> statement-breakpoint
CREATE INDEX `entries_pane` ON `entries` (`pane`);--> statement-breakpoint
CREATE INDEX `entries_order` ON `entries` (`order_id`);--> statement-breakpoint
CREATE INDEX `entries_kind` ON `entries` (`kind`);--> statement-breakpoint
CREATE TABLE `house_rules` (
	`rule` text PRIMARY KEY NOT NULL,
	`value` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `order_lines` (
	`line` text PRIMARY KEY NOT NULL,
	`order_id` text NOT NULL,
	`pane` text NOT NULL,
	`width_nm` integer NOT NULL,
	`height_nm` integer NOT NULL,
	`thickness_nm` integer NOT NULL,
	`glass` text NOT NULL,
	`label` text NOT NULL,
	`state` text NOT NULL,
	FOREIGN KEY (`order_id`) REFERENCES `orders`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`pane`) REFERENCES `panes`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `order_lines_order` ON `order_lines` (`order_id`);--> statement-breakpoint
CREATE INDEX `order_lines_pane` ON `order_lines` (`pane`);--> statement-breakpoint
CREATE TABLE `orders` (
	`id` text PRIMARY KEY NOT NULL,
	`supplier` text NOT NULL,
	`reference` text NOT NULL,
	`stage` text NOT NULL,
	`opened_at` text NOT NULL,
	`sent_day` text,
	`due_day` text,
	`arrived_day` text
);
--> statement-breakpoint
CREATE TABLE `panes` (
	`id` text PRIMARY KEY NOT NULL,
	`round` text NOT NULL,
	`address` text NOT NULL,
	`opening` text NOT NULL,
	`light` text NOT NULL,
	`system` text NOT NULL,
	`side` text NOT NULL,
	`urgency` text,
	`hole_since` text,
	`line_state` text,
	`set_day` text,
	`painted_day` text,
	`signed_day` text,
	`entry_count` integer NOT NULL,
	`added_at` text NOT NULL,
	`last_at` text NOT NULL,
	FOREIGN KEY (`round`) REFERENCES `rounds`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `panes_round` ON `panes` (`round`);--> statement-breakpoint
CREATE TABLE `rounds` (
	`id` text PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`place` text NOT NULL,
	`opened_at` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `suppliers` (
	`name` text PRIMARY KEY NOT NULL,
	`cuts` text NOT NULL,
	`unit` text NOT NULL,
	`lead_days` integer NOT NULL
);
