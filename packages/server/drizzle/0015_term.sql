ALTER TABLE `classes` ADD `archived_at` text;--> statement-breakpoint
ALTER TABLE `sets` ADD `archived_at` text;--> statement-breakpoint
ALTER TABLE `students` ADD `section` text DEFAULT '' NOT NULL;