CREATE TABLE `accounts` (
	`id` text PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`role` text NOT NULL,
	`round` text,
	`password` text,
	`pin` text,
	`pin_wrong` integer DEFAULT 0 NOT NULL,
	`pin_again_at` text,
	`made_at` text NOT NULL,
	`ended_at` text
);
--> statement-breakpoint
CREATE UNIQUE INDEX `accounts_name_unique` ON `accounts` (`name`);--> statement-breakpoint
CREATE TABLE `audit` (
	`seq` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`at` text NOT NULL,
	`who` text NOT NULL,
	`what` text NOT NULL,
	`about` text NOT NULL,
	`from_address` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `invites` (
	`id` text PRIMARY KEY NOT NULL,
	`hash` text NOT NULL,
	`name` text NOT NULL,
	`role` text NOT NULL,
	`round` text,
	`made_by` text NOT NULL,
	`made_at` text NOT NULL,
	`ends_at` text NOT NULL,
	`used_at` text
);
--> statement-breakpoint
CREATE UNIQUE INDEX `invites_hash_unique` ON `invites` (`hash`);--> statement-breakpoint
CREATE TABLE `keys` (
	`id` text PRIMARY KEY NOT NULL,
	`hash` text NOT NULL,
	`what` text NOT NULL,
	`of` text NOT NULL,
	`made_at` text NOT NULL,
	`used_at` text,
	`ended_at` text
);
--> statement-breakpoint
CREATE UNIQUE INDEX `keys_hash_unique` ON `keys` (`hash`);--> statement-breakpoint
CREATE TABLE `passkeys` (
	`id` text PRIMARY KEY NOT NULL,
	`account` text NOT NULL,
	`public_key` text NOT NULL,
	`counter` integer NOT NULL,
	`transports` text NOT NULL,
	`made_at` text NOT NULL,
	FOREIGN KEY (`account`) REFERENCES `accounts`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE TABLE `sessions` (
	`id` text PRIMARY KEY NOT NULL,
	`hash` text NOT NULL,
	`account` text NOT NULL,
	`device` text NOT NULL,
	`tablet` text,
	`shared` integer DEFAULT false NOT NULL,
	`made_at` text NOT NULL,
	`seen_at` text NOT NULL,
	`ends_at` text NOT NULL,
	`ended_at` text,
	`lost` integer DEFAULT false NOT NULL,
	FOREIGN KEY (`account`) REFERENCES `accounts`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE UNIQUE INDEX `sessions_hash_unique` ON `sessions` (`hash`);