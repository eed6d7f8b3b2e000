CREATE TABLE `exercise_revisions` (
	`id` text PRIMARY KEY NOT NULL,
	`exercise_id` text NOT NULL,
	`revision` integer NOT NULL,
	`document` text NOT NULL,
	`at` text NOT NULL,
	FOREIGN KEY (`exercise_id`) REFERENCES `exercises`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE UNIQUE INDEX `exercise_revisions_once` ON `exercise_revisions` (`exercise_id`,`revision`);--> statement-breakpoint
ALTER TABLE `exercises` ADD `archived_at` text;