CREATE TABLE `fitted` (
	`id` text PRIMARY KEY NOT NULL,
	`system` text NOT NULL,
	`component` text NOT NULL,
	`part` text NOT NULL,
	`number` text DEFAULT '' NOT NULL,
	`fitted` text,
	`removed` text,
	`why` text DEFAULT '' NOT NULL,
	FOREIGN KEY (`system`) REFERENCES `systems`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `fitted_system` ON `fitted` (`system`);--> statement-breakpoint
CREATE TABLE `lines` (
	`seq` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`id` text NOT NULL,
	`tab` text NOT NULL,
	`at` text NOT NULL,
	`kind` text NOT NULL,
	`body` text NOT NULL,
	FOREIGN KEY (`tab`) REFERENCES `tabs`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE UNIQUE INDEX `lines_id_unique` ON `lines` (`id`);--> statement-breakpoint
CREATE INDEX `lines_tab` ON `lines` (`tab`,`seq`);--> statement-breakpoint
CREATE INDEX `lines_kind` ON `lines` (`kind`);--> statement-breakpoint
CREATE TABLE `meters` (
	`id` text PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`measures` text NOT NULL,
	`accuracy` text DEFAULT '' NOT NULL,
	`checked` text
);
--> statement-breakpoint
CREATE TABLE `parts_used` (
	`line` text PRIMARY KEY NOT NULL,
	`system` text NOT NULL,
	`component` text NOT NULL,
	`off` text DEFAULT '' NOT NULL,
	`on` text DEFAULT '' NOT NULL,
	`number` text DEFAULT '' NOT NULL,
	`at` text NOT NULL,
	FOREIGN KEY (`system`) REFERENCES `systems`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `parts_system` ON `parts_used` (`system`);--> statement-breakpoint
CREATE TABLE `shop` (
	`id` text PRIMARY KEY NOT NULL,
	`company` text DEFAULT '' NOT NULL
);
--> statement-breakpoint
CREATE TABLE `sites` (
	`id` text PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`place` text DEFAULT '' NOT NULL,
	`contact` text DEFAULT '' NOT NULL,
	`access` text DEFAULT '' NOT NULL
);
--> statement-breakpoint
CREATE TABLE `systems` (
	`id` text PRIMARY KEY NOT NULL,
	`site` text NOT NULL,
	`name` text NOT NULL,
	`kind` text NOT NULL,
	`location` text DEFAULT '' NOT NULL,
	`installed` text,
	`nameplate` text NOT NULL,
	FOREIGN KEY (`site`) REFERENCES `sites`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `systems_site` ON `systems` (`site`);--> statement-breakpoint
CREATE TABLE `tabs` (
	`id` text PRIMARY KEY NOT NULL,
	`system` text NOT NULL,
	`openedAt` text NOT NULL,
	`status` text NOT NULL,
	`complaint` text NOT NULL,
	`words` text NOT NULL,
	`note` text DEFAULT '' NOT NULL,
	FOREIGN KEY (`system`) REFERENCES `systems`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `tabs_system` ON `tabs` (`system`);--> statement-breakpoint
CREATE INDEX `tabs_status` ON `tabs` (`status`);