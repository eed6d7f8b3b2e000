CREATE TABLE `set_exercises` (
	`set_id` text NOT NULL,
	`exercise_id` text NOT NULL,
	PRIMARY KEY(`set_id`, `exercise_id`),
	FOREIGN KEY (`set_id`) REFERENCES `sets`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `set_exercises_of_exercise` ON `set_exercises` (`exercise_id`);--> statement-breakpoint
DROP INDEX `cases_updated`;--> statement-breakpoint
ALTER TABLE `cases` ADD `words` text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `cases` ADD `labels` text DEFAULT '[]' NOT NULL;--> statement-breakpoint
CREATE INDEX `cases_listed` ON `cases` (`deleted_at`,`updated_at`);--> statement-breakpoint
CREATE INDEX `cases_labels` ON `cases` (`deleted_at`,`labels`);--> statement-breakpoint
DROP INDEX `exercises_updated`;--> statement-breakpoint
ALTER TABLE `exercises` ADD `in_short` text;--> statement-breakpoint
ALTER TABLE `exercises` ADD `words` text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `exercises` ADD `labels` text DEFAULT '[]' NOT NULL;--> statement-breakpoint
CREATE INDEX `exercises_listed` ON `exercises` (`deleted_at`,`updated_at`);--> statement-breakpoint
CREATE INDEX `exercises_labels` ON `exercises` (`deleted_at`,`labels`);--> statement-breakpoint
ALTER TABLE `classes` ADD `words` text DEFAULT '' NOT NULL;--> statement-breakpoint
CREATE INDEX `classes_listed` ON `classes` (`deleted_at`,`code`);--> statement-breakpoint
ALTER TABLE `entering_styles` ADD `words` text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `entering_styles` ADD `labels` text DEFAULT '[]' NOT NULL;--> statement-breakpoint
ALTER TABLE `sets` ADD `words` text DEFAULT '' NOT NULL;--> statement-breakpoint
CREATE INDEX `sets_listed` ON `sets` (`deleted_at`,`updated_at`);--> statement-breakpoint
CREATE INDEX `submissions_checked` ON `submissions` (`set_id`,`checked_as`);--> statement-breakpoint
INSERT OR IGNORE INTO `set_exercises` SELECT `sets`.`id`, json_extract(`item`.`value`, '$.exerciseId') FROM `sets`, json_each(CASE WHEN json_valid(`sets`.`document`) THEN `sets`.`document` ELSE '{}' END, '$.items') AS `item` WHERE json_extract(`item`.`value`, '$.exerciseId') IS NOT NULL;
