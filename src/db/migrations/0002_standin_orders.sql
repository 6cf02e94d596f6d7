CREATE TABLE `standin_orders` (
	`key` text PRIMARY KEY NOT NULL,
	`kept` text NOT NULL
);
