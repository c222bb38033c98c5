ALTER TABLE `systems` ADD `retired` text DEFAULT '' NOT NULL;--> statement-breakpoint
CREATE INDEX `sites_name` ON `sites` (`name`,`id`);