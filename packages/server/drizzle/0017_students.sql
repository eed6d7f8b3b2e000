CREATE TABLE `acts` (
	`id` text PRIMARY KEY NOT NULL,
	`set_id` text NOT NULL,
	`student_id` text,
	`at` text NOT NULL,
	`by` text NOT NULL,
	`act` text NOT NULL,
	`document` text NOT NULL,
	FOREIGN KEY (`set_id`) REFERENCES `sets`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`student_id`) REFERENCES `students`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `acts_of_set` ON `acts` (`set_id`,`at`);--> statement-breakpoint
CREATE INDEX `acts_of_student` ON `acts` (`student_id`);--> statement-breakpoint
CREATE TABLE `attempts` (
	`key` text PRIMARY KEY NOT NULL,
	`points` integer NOT NULL,
	`ends_at` integer NOT NULL
);
--> statement-breakpoint
CREATE TABLE `class_people` (
	`class_id` text NOT NULL,
	`person_id` text NOT NULL,
	PRIMARY KEY(`person_id`, `class_id`),
	FOREIGN KEY (`class_id`) REFERENCES `classes`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`person_id`) REFERENCES `people`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `class_people_of_class` ON `class_people` (`class_id`);--> statement-breakpoint
CREATE TABLE `classroom_codes` (
	`set_id` text PRIMARY KEY NOT NULL,
	`code` text NOT NULL,
	`ends_at` text NOT NULL,
	FOREIGN KEY (`set_id`) REFERENCES `sets`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE UNIQUE INDEX `classroom_codes_code` ON `classroom_codes` (`code`);--> statement-breakpoint
CREATE TABLE `late_answers` (
	`id` text PRIMARY KEY NOT NULL,
	`set_id` text NOT NULL,
	`student_id` text NOT NULL,
	`item_id` text NOT NULL,
	`entry_id` text NOT NULL,
	`text` text NOT NULL,
	`at` text NOT NULL,
	`typed_at` text NOT NULL,
	`done_at` text,
	FOREIGN KEY (`set_id`) REFERENCES `sets`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`student_id`) REFERENCES `students`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `late_answers_of_set` ON `late_answers` (`set_id`,`done_at`);--> statement-breakpoint
CREATE INDEX `late_answers_of_student` ON `late_answers` (`student_id`);--> statement-breakpoint
CREATE TABLE `one_time_links` (
	`id` text PRIMARY KEY NOT NULL,
	`person_id` text NOT NULL,
	`created_at` text NOT NULL,
	`ends_at` text NOT NULL,
	`used_at` text,
	FOREIGN KEY (`person_id`) REFERENCES `people`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `one_time_links_of_person` ON `one_time_links` (`person_id`);--> statement-breakpoint
CREATE TABLE `people` (
	`id` text PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`login` text NOT NULL,
	`role` text NOT NULL,
	`password` text,
	`created_at` text NOT NULL,
	`updated_at` text NOT NULL,
	`removed_at` text
);
--> statement-breakpoint
CREATE UNIQUE INDEX `people_login` ON `people` (`login`);--> statement-breakpoint
CREATE TABLE `practice_runs` (
	`id` text PRIMARY KEY NOT NULL,
	`set_id` text NOT NULL,
	`student_id` text NOT NULL,
	`item_id` text NOT NULL,
	`is_more` integer NOT NULL,
	`numbers` text NOT NULL,
	`entries` text NOT NULL,
	`tries` text NOT NULL,
	`created_at` text NOT NULL,
	`updated_at` text NOT NULL,
	FOREIGN KEY (`set_id`) REFERENCES `sets`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`student_id`) REFERENCES `students`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `practice_runs_of_set` ON `practice_runs` (`set_id`,`student_id`,`item_id`);--> statement-breakpoint
CREATE INDEX `practice_runs_of_student` ON `practice_runs` (`student_id`);--> statement-breakpoint
CREATE TABLE `sessions` (
	`id` text PRIMARY KEY NOT NULL,
	`person_id` text,
	`student_id` text,
	`created_at` text NOT NULL,
	`seen_at` text NOT NULL,
	`ends_at` text NOT NULL,
	FOREIGN KEY (`person_id`) REFERENCES `people`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`student_id`) REFERENCES `students`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `sessions_of_person` ON `sessions` (`person_id`);--> statement-breakpoint
CREATE INDEX `sessions_of_student` ON `sessions` (`student_id`);--> statement-breakpoint
CREATE TABLE `student_links` (
	`student_id` text PRIMARY KEY NOT NULL,
	`token` text NOT NULL,
	FOREIGN KEY (`student_id`) REFERENCES `students`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE UNIQUE INDEX `student_links_token` ON `student_links` (`token`);--> statement-breakpoint
ALTER TABLE `submissions` ADD `code` text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `submissions` ADD `opened_at` text;--> statement-breakpoint
ALTER TABLE `submissions` ADD `seen_at` text;--> statement-breakpoint
ALTER TABLE `submissions` ADD `place` text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `submissions` ADD `submitted_at` text;--> statement-breakpoint
ALTER TABLE `submissions` ADD `receipt` text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `submissions` ADD `answered_at` text;--> statement-breakpoint
ALTER TABLE `submissions` ADD `extra_minutes` integer DEFAULT 0 NOT NULL;--> statement-breakpoint
CREATE INDEX `submissions_code` ON `submissions` (`code`);