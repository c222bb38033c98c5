CREATE TABLE `receipts_by_place` (
	`seq` integer PRIMARY KEY NOT NULL,
	`received` text NOT NULL,
	`session` text DEFAULT '' NOT NULL
);
--> statement-breakpoint
INSERT INTO `receipts_by_place` (`seq`, `received`, `session`)
	SELECT `lines`.`seq`, `receipts`.`received`, `receipts`.`session`
	FROM `receipts` JOIN `lines` ON `lines`.`id` = `receipts`.`line`;--> statement-breakpoint
DROP TABLE `receipts`;--> statement-breakpoint
ALTER TABLE `receipts_by_place` RENAME TO `receipts`;--> statement-breakpoint
CREATE TABLE `lines_kept` (
	`seq` integer PRIMARY KEY NOT NULL,
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
INSERT INTO `lines_kept` (`seq`, `id`, `tab`, `device`, `counter`, `at`, `kind`, `body`)
	SELECT `seq`, `id`, `tab`, `device`, `counter`, `at`, `kind`, `body` FROM `lines`;--> statement-breakpoint
DROP TABLE `lines`;--> statement-breakpoint
ALTER TABLE `lines_kept` RENAME TO `lines`;--> statement-breakpoint
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
