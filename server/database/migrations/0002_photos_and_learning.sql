CREATE TABLE `photos` (
	`id` text PRIMARY KEY NOT NULL,
	`tab` text NOT NULL,
	`type` text NOT NULL,
	`bytes` blob NOT NULL,
	FOREIGN KEY (`tab`) REFERENCES `tabs`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `photos_tab` ON `photos` (`tab`);--> statement-breakpoint
ALTER TABLE `shop` ADD `learned_since` text DEFAULT '' NOT NULL;