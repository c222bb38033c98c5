CREATE TABLE `attachment_names` (
	`name` text PRIMARY KEY NOT NULL,
	`hash` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `attachments` (
	`hash` text PRIMARY KEY NOT NULL,
	`type` text NOT NULL,
	`bytes` integer NOT NULL,
	`received` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `failures` (
	`tab` text NOT NULL,
	`fault` text NOT NULL,
	`at` text NOT NULL,
	PRIMARY KEY(`tab`, `fault`),
	FOREIGN KEY (`tab`) REFERENCES `tabs`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE TABLE `follow_ups` (
	`line` text PRIMARY KEY NOT NULL,
	`tab` text NOT NULL,
	`text` text NOT NULL,
	`due` text NOT NULL,
	FOREIGN KEY (`tab`) REFERENCES `tabs`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `follow_ups_due` ON `follow_ups` (`due`);--> statement-breakpoint
CREATE INDEX `follow_ups_tab` ON `follow_ups` (`tab`);--> statement-breakpoint
CREATE TABLE `lines_v1` (
	`seq` integer PRIMARY KEY NOT NULL,
	`id` text NOT NULL,
	`tab` text NOT NULL,
	`at` text NOT NULL,
	`kind` text NOT NULL,
	`body` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `plates` (
	`id` text PRIMARY KEY NOT NULL,
	`system` text NOT NULL,
	`from` text NOT NULL,
	`by` text DEFAULT '' NOT NULL,
	`recorded` text NOT NULL,
	`nameplate` text NOT NULL,
	FOREIGN KEY (`system`) REFERENCES `systems`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `plates_system` ON `plates` (`system`,`from`);--> statement-breakpoint
CREATE TABLE `practices` (
	`id` text PRIMARY KEY NOT NULL,
	`from` text NOT NULL,
	`by` text DEFAULT '' NOT NULL,
	`recorded` text NOT NULL,
	`practice` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `receipts` (
	`line` text PRIMARY KEY NOT NULL,
	`received` text NOT NULL,
	`session` text DEFAULT '' NOT NULL
);
--> statement-breakpoint
INSERT INTO `lines_v1` (`seq`, `id`, `tab`, `at`, `kind`, `body`) SELECT `seq`, `id`, `tab`, `at`, `kind`, `body` FROM `lines`;--> statement-breakpoint
DELETE FROM `fitted` WHERE `id` IN (SELECT `id` FROM `lines` WHERE `kind` = 'part');--> statement-breakpoint
DROP TABLE `lines`;--> statement-breakpoint
CREATE TABLE `lines` (
	`seq` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`id` text NOT NULL,
	`tab` text NOT NULL,
	`device` text NOT NULL,
	`counter` integer NOT NULL,
	`at` text NOT NULL,
	`kind` text NOT NULL,
	`body` text NOT NULL,
	FOREIGN KEY (`tab`) REFERENCES `tabs`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE UNIQUE INDEX `lines_id_unique` ON `lines` (`id`);--> statement-breakpoint
CREATE INDEX `lines_of_tab` ON `lines` (`tab`,`seq`);--> statement-breakpoint
CREATE INDEX `lines_of_device` ON `lines` (`device`,`counter`);--> statement-breakpoint
CREATE TRIGGER lines_never_change BEFORE UPDATE ON lines
BEGIN SELECT RAISE(ABORT, 'lines are only ever added: strike the line instead'); END;
--> statement-breakpoint
CREATE TRIGGER lines_never_go BEFORE DELETE ON lines
BEGIN SELECT RAISE(ABORT, 'lines are only ever added: strike the line instead'); END;
--> statement-breakpoint
CREATE TRIGGER lines_never_replaced BEFORE INSERT ON lines
WHEN EXISTS (SELECT 1 FROM lines WHERE seq = NEW.seq OR (id = NEW.id AND (body <> NEW.body OR tab <> NEW.tab)))
BEGIN SELECT RAISE(ABORT, 'lines are only ever added: that number is taken'); END;
--> statement-breakpoint
DELETE FROM `parts_used`;--> statement-breakpoint
INSERT INTO `plates` (`id`, `system`, `from`, `recorded`, `nameplate`)
	SELECT 'plate-' || `id`, `id`, coalesce(`installed`, '2000-01-01') || 'T00:00:00.000Z', strftime('%Y-%m-%dT%H:%M:%fZ', 'now'), `nameplate` FROM `systems`;
--> statement-breakpoint
ALTER TABLE `parts_used` ADD `tab` text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `parts_used` ADD `why` text DEFAULT '' NOT NULL;--> statement-breakpoint
CREATE INDEX `parts_tab` ON `parts_used` (`tab`);--> statement-breakpoint
ALTER TABLE `tabs` ADD `bring` text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `tabs` ADD `settled_at` text DEFAULT '' NOT NULL;