CREATE TABLE `worksheets` (
	`id` text PRIMARY KEY NOT NULL,
	`set_id` text NOT NULL,
	`item_id` text NOT NULL,
	`student_id` text,
	`name` text NOT NULL,
	`bytes` blob NOT NULL,
	`size` integer NOT NULL,
	`summary` text NOT NULL,
	`revision` integer DEFAULT 1 NOT NULL,
	`created_at` text NOT NULL,
	`deleted_at` text,
	FOREIGN KEY (`set_id`) REFERENCES `sets`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`student_id`) REFERENCES `students`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `worksheets_of_set` ON `worksheets` (`set_id`,`item_id`,`deleted_at`);--> statement-breakpoint
CREATE INDEX `worksheets_of_student` ON `worksheets` (`student_id`);