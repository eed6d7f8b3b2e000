DROP INDEX `earlier_answers_of_student`;--> statement-breakpoint
CREATE INDEX `earlier_answers_of_set` ON `earlier_answers` (`set_id`,`student_id`);--> statement-breakpoint
CREATE INDEX `earlier_answers_of_student` ON `earlier_answers` (`student_id`);--> statement-breakpoint
ALTER TABLE `sets` ADD `handed_in` integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `sets` ADD `to_look_at` integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `sets` ADD `unmatched` integer DEFAULT 0 NOT NULL;--> statement-breakpoint
CREATE INDEX `decisions_of_student` ON `decisions` (`student_id`);--> statement-breakpoint
CREATE INDEX `set_hand_ins_of_student` ON `set_hand_ins` (`student_id`);--> statement-breakpoint
CREATE INDEX `students_here` ON `students` (`class_id`,`withdrawn_at`);--> statement-breakpoint
UPDATE `sets` SET
  `handed_in` = (SELECT count(*) FROM `set_hand_ins` JOIN `students` ON `students`.`id` = `set_hand_ins`.`student_id` WHERE `set_hand_ins`.`set_id` = `sets`.`id` AND `set_hand_ins`.`entries` <> '{}' AND `students`.`withdrawn_at` IS NULL),
  `to_look_at` = (SELECT coalesce(sum(`open`), 0) FROM `set_hand_ins` WHERE `set_hand_ins`.`set_id` = `sets`.`id`),
  `unmatched` = (SELECT count(*) FROM `kept_rows` WHERE `kept_rows`.`set_id` = `sets`.`id` AND `kept_rows`.`done_at` IS NULL);
