CREATE TABLE `people` (
	`who` text PRIMARY KEY NOT NULL,
	`entries` integer NOT NULL
);
--> statement-breakpoint
CREATE TABLE `pulse` (
	`id` integer PRIMARY KEY NOT NULL,
	`at` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `supplier_records` (
	`name` text PRIMARY KEY NOT NULL,
	`record` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `tables_made` (
	`id` integer PRIMARY KEY NOT NULL,
	`version` integer NOT NULL
);
--> statement-breakpoint
DROP INDEX `entries_kind`;--> statement-breakpoint
DROP INDEX `entries_pane`;--> statement-breakpoint
DROP INDEX `entries_order`;--> statement-breakpoint
CREATE INDEX `entries_pane` ON `entries` (`pane`) WHERE "entries"."pane" is not null;--> statement-breakpoint
CREATE INDEX `entries_order` ON `entries` (`order_id`) WHERE "entries"."order_id" is not null;--> statement-breakpoint
ALTER TABLE `entries` ADD `received_at` text;--> statement-breakpoint
CREATE INDEX `entries_pane_order` ON `entries` (`pane`,`order_id`) WHERE "entries"."order_id" is not null and "entries"."pane" is not null;--> statement-breakpoint
CREATE INDEX `entries_firm` ON `entries` (`seq`) WHERE "entries"."pane" is null and "entries"."order_id" is null;--> statement-breakpoint
CREATE INDEX `entries_round` ON `entries` (`round`) WHERE "entries"."round" is not null and "entries"."pane" is null;--> statement-breakpoint
CREATE INDEX `entries_added_to` ON `entries` ((case when json_valid("payload") then "payload" ->> '$.round' end)) WHERE "entries"."kind" = 'pane.added';--> statement-breakpoint
DROP TABLE `order_lines`;--> statement-breakpoint
DROP TABLE `panes`;--> statement-breakpoint
DROP TABLE `orders`;--> statement-breakpoint
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
	`through` integer NOT NULL,
	`cause` text,
	`makeup` text,
	`facts` text NOT NULL,
	FOREIGN KEY (`round`) REFERENCES `rounds`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `panes_round` ON `panes` (`round`);--> statement-breakpoint
CREATE INDEX `panes_address` ON `panes` (`address`);--> statement-breakpoint
CREATE INDEX `panes_open` ON `panes` (`added_at`) WHERE "panes"."signed_day" is null;--> statement-breakpoint
CREATE INDEX `panes_closed` ON `panes` (`hole_since`) WHERE "panes"."hole_since" is not null;--> statement-breakpoint
CREATE TABLE `orders` (
	`id` text PRIMARY KEY NOT NULL,
	`supplier` text NOT NULL,
	`reference` text NOT NULL,
	`stage` text NOT NULL,
	`opened_at` text NOT NULL,
	`sent_day` text,
	`due_day` text,
	`arrived_day` text,
	`acknowledged_pence` integer
);
--> statement-breakpoint
CREATE INDEX `orders_stage` ON `orders` (`stage`,`opened_at`);--> statement-breakpoint
CREATE INDEX `orders_supplier` ON `orders` (`supplier`);--> statement-breakpoint
CREATE TABLE `order_lines` (
	`entry` text PRIMARY KEY NOT NULL,
	`line` text NOT NULL,
	`order_id` text NOT NULL,
	`pane` text NOT NULL,
	`width_nm` integer NOT NULL,
	`height_nm` integer NOT NULL,
	`thickness_nm` integer NOT NULL,
	`glass` text NOT NULL,
	`label` text NOT NULL,
	`state` text NOT NULL,
	`off_width_mm` real,
	`off_height_mm` real,
	FOREIGN KEY (`order_id`) REFERENCES `orders`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`pane`) REFERENCES `panes`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `order_lines_order` ON `order_lines` (`order_id`);--> statement-breakpoint
CREATE INDEX `order_lines_pane` ON `order_lines` (`pane`);
