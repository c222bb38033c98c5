CREATE TABLE `imports` (
	`id` text PRIMARY KEY NOT NULL,
	`at` text NOT NULL,
	`sender` text DEFAULT '' NOT NULL,
	`session` text DEFAULT '' NOT NULL,
	`lay_to` text DEFAULT '' NOT NULL,
	`state` text NOT NULL,
	`total` integer DEFAULT 0 NOT NULL,
	`done` integer DEFAULT 0 NOT NULL,
	`counts` text NOT NULL,
	`problem` text,
	`holder` text DEFAULT '' NOT NULL,
	`held` integer DEFAULT 0 NOT NULL
);
--> statement-breakpoint
CREATE TABLE `staged` (
	`import` text NOT NULL,
	`site` integer NOT NULL,
	`system` integer NOT NULL,
	`tab` integer NOT NULL,
	`body` text NOT NULL,
	PRIMARY KEY(`import`, `site`, `system`, `tab`)
);
