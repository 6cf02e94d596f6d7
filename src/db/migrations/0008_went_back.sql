ALTER TABLE `order_lines` ADD `went_back` integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `orders` ADD `again_day` text;