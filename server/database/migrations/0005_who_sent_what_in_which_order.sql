CREATE TABLE `audit` (
	`seq` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`at` text NOT NULL,
	`who` text NOT NULL,
	`act` text NOT NULL,
	`facts` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `invites` (
	`id` text PRIMARY KEY NOT NULL,
	`person` text NOT NULL,
	`made` text NOT NULL,
	`until` text NOT NULL,
	`used` text DEFAULT '' NOT NULL,
	FOREIGN KEY (`person`) REFERENCES `people`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE TABLE `links` (
	`seq` integer PRIMARY KEY NOT NULL,
	`tab` text NOT NULL,
	`prev` text NOT NULL,
	`head` text NOT NULL
);
--> statement-breakpoint
CREATE UNIQUE INDEX `links_prev` ON `links` (`tab`,`prev`);--> statement-breakpoint
CREATE TABLE `passkeys` (
	`id` text PRIMARY KEY NOT NULL,
	`person` text NOT NULL,
	`public_key` text NOT NULL,
	`counter` integer NOT NULL,
	`made` text NOT NULL,
	FOREIGN KEY (`person`) REFERENCES `people`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `passkeys_person` ON `passkeys` (`person`);--> statement-breakpoint
CREATE TABLE `people` (
	`id` text PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`known` text NOT NULL,
	`role` text NOT NULL,
	`secret` text DEFAULT '' NOT NULL,
	`made` text NOT NULL,
	`left` text DEFAULT '' NOT NULL
);
--> statement-breakpoint
CREATE UNIQUE INDEX `people_known_unique` ON `people` (`known`);--> statement-breakpoint
CREATE TABLE `sessions` (
	`id` text PRIMARY KEY NOT NULL,
	`person` text NOT NULL,
	`device` text DEFAULT '' NOT NULL,
	`made` text NOT NULL,
	`seen` text NOT NULL,
	`until` text NOT NULL,
	`ended` text DEFAULT '' NOT NULL,
	FOREIGN KEY (`person`) REFERENCES `people`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `sessions_person` ON `sessions` (`person`);--> statement-breakpoint
ALTER TABLE `receipts` ADD `sender` text DEFAULT '' NOT NULL;
--> statement-breakpoint
CREATE TRIGGER links_never_change BEFORE UPDATE ON links
BEGIN SELECT RAISE(ABORT, 'the chain of lines is only ever added to'); END;
--> statement-breakpoint
CREATE TRIGGER links_never_go BEFORE DELETE ON links
BEGIN SELECT RAISE(ABORT, 'the chain of lines is only ever added to'); END;
--> statement-breakpoint
CREATE TRIGGER links_never_replaced BEFORE INSERT ON links
WHEN EXISTS (SELECT 1 FROM links WHERE seq = NEW.seq)
BEGIN SELECT RAISE(ABORT, 'the chain of lines is only ever added to: that number is taken'); END;
--> statement-breakpoint
CREATE TRIGGER receipts_never_change BEFORE UPDATE ON receipts
BEGIN SELECT RAISE(ABORT, 'receipts are only ever added'); END;
--> statement-breakpoint
CREATE TRIGGER receipts_never_go BEFORE DELETE ON receipts
BEGIN SELECT RAISE(ABORT, 'receipts are only ever added'); END;
--> statement-breakpoint
CREATE TRIGGER receipts_never_replaced BEFORE INSERT ON receipts
WHEN EXISTS (SELECT 1 FROM receipts WHERE seq = NEW.seq)
BEGIN SELECT RAISE(ABORT, 'receipts are only ever added: that number is taken'); END;
--> statement-breakpoint
CREATE TRIGGER audit_never_change BEFORE UPDATE ON audit
BEGIN SELECT RAISE(ABORT, 'the audit record is only ever added to'); END;
--> statement-breakpoint
CREATE TRIGGER audit_never_go BEFORE DELETE ON audit
BEGIN SELECT RAISE(ABORT, 'the audit record is only ever added to'); END;
--> statement-breakpoint
CREATE TRIGGER audit_never_replaced BEFORE INSERT ON audit
WHEN EXISTS (SELECT 1 FROM audit WHERE seq = NEW.seq)
BEGIN SELECT RAISE(ABORT, 'the audit record is only ever added to: that number is taken'); END;
