CREATE TABLE `earlier_answers` (
	`id` text PRIMARY KEY NOT NULL,
	`set_id` text NOT NULL,
	`student_id` text NOT NULL,
	`item_id` text NOT NULL,
	`entry_id` text NOT NULL,
	`text` text NOT NULL,
	`at` text NOT NULL,
	`source` text NOT NULL,
	FOREIGN KEY (`set_id`) REFERENCES `sets`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`student_id`) REFERENCES `students`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `earlier_answers_of_student` ON `earlier_answers` (`set_id`,`student_id`);--> statement-breakpoint
ALTER TABLE `kept_rows` ADD `done_at` text;--> statement-breakpoint
ALTER TABLE `set_copies` ADD `removed_at` text;--> statement-breakpoint
ALTER TABLE `students` ADD `withdrawn_at` text;