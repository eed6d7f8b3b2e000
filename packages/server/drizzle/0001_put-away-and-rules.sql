CREATE TABLE `default_rules` (
	`id` text PRIMARY KEY NOT NULL,
	`rules` text NOT NULL,
	`revision` integer DEFAULT 1 NOT NULL,
	`updated_at` text NOT NULL
);
--> statement-breakpoint
ALTER TABLE `cases` ADD `deleted_at` text;--> statement-breakpoint
ALTER TABLE `exercises` ADD `deleted_at` text;