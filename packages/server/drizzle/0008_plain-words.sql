ALTER TABLE `set_copies` RENAME TO `assigned_exercises`;--> statement-breakpoint
DROP INDEX `set_copies_once`;--> statement-breakpoint
CREATE UNIQUE INDEX `assigned_exercises_once` ON `assigned_exercises` (`set_id`,`item_id`);--> statement-breakpoint
ALTER TABLE `set_hand_ins` RENAME TO `submissions`;--> statement-breakpoint
DROP INDEX `set_hand_ins_once`;--> statement-breakpoint
DROP INDEX `set_hand_ins_of_student`;--> statement-breakpoint
CREATE UNIQUE INDEX `submissions_once` ON `submissions` (`set_id`,`student_id`);--> statement-breakpoint
CREATE INDEX `submissions_of_student` ON `submissions` (`student_id`);--> statement-breakpoint
ALTER TABLE `kept_rows` RENAME TO `unmatched_rows`;--> statement-breakpoint
DROP INDEX `kept_rows_of_set`;--> statement-breakpoint
CREATE INDEX `unmatched_rows_of_set` ON `unmatched_rows` (`set_id`);--> statement-breakpoint
ALTER TABLE `sets` RENAME COLUMN `given_out_at` TO `assigned_at`;--> statement-breakpoint
ALTER TABLE `sets` RENAME COLUMN `handed_in` TO `submitted`;--> statement-breakpoint
UPDATE `exercises` SET `document` = json_set(`document`, '$.exercise.topic', 'payment range') WHERE json_extract(`document`, '$.exercise.topic') = 'stretch';--> statement-breakpoint
UPDATE `assigned_exercises` SET `document` = json_set(`document`, '$.exercise.topic', 'payment range') WHERE json_extract(`document`, '$.exercise.topic') = 'stretch';--> statement-breakpoint
UPDATE `exercise_revisions` SET `document` = json_set(`document`, '$.exercise.topic', 'payment range') WHERE json_extract(`document`, '$.exercise.topic') = 'stretch';--> statement-breakpoint
UPDATE `entering_styles` SET `document` = json_remove(json_set(`document`, '$.style.range', json_extract(`document`, '$.style.stretch')), '$.style.stretch') WHERE json_extract(`document`, '$.style.stretch') IS NOT NULL;
