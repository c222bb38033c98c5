CREATE TABLE `documents` (
	`id` integer PRIMARY KEY NOT NULL,
	`what` text NOT NULL,
	`about` text NOT NULL,
	`title` text NOT NULL,
	`detail` text DEFAULT '' NOT NULL,
	`words` text DEFAULT '' NOT NULL
);
--> statement-breakpoint
CREATE UNIQUE INDEX `documents_about_unique` ON `documents` (`about`);--> statement-breakpoint
CREATE TABLE `ledger` (
	`seq` integer PRIMARY KEY NOT NULL,
	`id` text NOT NULL,
	`device` text NOT NULL,
	`counter` integer NOT NULL,
	`at` text NOT NULL,
	`kind` text NOT NULL,
	`body` text NOT NULL,
	`received` text NOT NULL,
	`session` text DEFAULT '' NOT NULL,
	`sender` text DEFAULT '' NOT NULL
);
--> statement-breakpoint
CREATE UNIQUE INDEX `ledger_id_unique` ON `ledger` (`id`);--> statement-breakpoint
CREATE INDEX `ledger_device` ON `ledger` (`device`,`counter`);--> statement-breakpoint
CREATE INDEX `ledger_kind` ON `ledger` (`kind`);--> statement-breakpoint
CREATE TABLE `settled_calls` (
	`tab` text PRIMARY KEY NOT NULL,
	`at` text NOT NULL,
	`call` text NOT NULL,
	FOREIGN KEY (`tab`) REFERENCES `tabs`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `settled_calls_at` ON `settled_calls` (`at`);--> statement-breakpoint
ALTER TABLE `parts_used` ADD `source` text DEFAULT '' NOT NULL;--> statement-breakpoint
CREATE INDEX `parts_number` ON `parts_used` (`number`,`source`,`at`);
--> statement-breakpoint
CREATE VIRTUAL TABLE found USING fts5(title, detail, words, content='documents', content_rowid='id',
  tokenize='unicode61 remove_diacritics 2', prefix='2 3');
--> statement-breakpoint
CREATE TRIGGER documents_found AFTER INSERT ON documents
BEGIN INSERT INTO found(rowid, title, detail, words) VALUES (NEW.id, NEW.title, NEW.detail, NEW.words); END;
--> statement-breakpoint
CREATE TRIGGER documents_lost AFTER DELETE ON documents
BEGIN INSERT INTO found(found, rowid, title, detail, words)
  VALUES ('delete', OLD.id, OLD.title, OLD.detail, OLD.words); END;
--> statement-breakpoint
CREATE TRIGGER documents_changed AFTER UPDATE ON documents
BEGIN INSERT INTO found(found, rowid, title, detail, words)
  VALUES ('delete', OLD.id, OLD.title, OLD.detail, OLD.words);
  INSERT INTO found(rowid, title, detail, words) VALUES (NEW.id, NEW.title, NEW.detail, NEW.words); END;
--> statement-breakpoint
CREATE TRIGGER ledger_never_changes BEFORE UPDATE ON ledger
BEGIN SELECT RAISE(ABORT, 'the ledger is only ever added to'); END;
--> statement-breakpoint
CREATE TRIGGER ledger_never_goes BEFORE DELETE ON ledger
BEGIN SELECT RAISE(ABORT, 'the ledger is only ever added to'); END;
--> statement-breakpoint
CREATE TRIGGER ledger_never_replaced BEFORE INSERT ON ledger
WHEN EXISTS (SELECT 1 FROM ledger WHERE seq = NEW.seq OR id = NEW.id)
BEGIN SELECT RAISE(ABORT, 'the ledger is only ever added to: that number is taken'); END;
