CREATE TABLE `accepted_readings` (
	`id` text PRIMARY KEY NOT NULL,
	`set_id` text NOT NULL,
	`document` text NOT NULL,
	`updated_at` text NOT NULL,
	FOREIGN KEY (`set_id`) REFERENCES `sets`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `accepted_readings_of_set` ON `accepted_readings` (`set_id`);--> statement-breakpoint
CREATE TABLE `column_matchings` (
	`id` text PRIMARY KEY NOT NULL,
	`document` text NOT NULL,
	`updated_at` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `decisions` (
	`id` text PRIMARY KEY NOT NULL,
	`set_id` text NOT NULL,
	`student_id` text NOT NULL,
	`item_id` text NOT NULL,
	`part_id` text NOT NULL,
	`credit` real,
	`comment` text NOT NULL,
	`updated_at` text NOT NULL,
	FOREIGN KEY (`set_id`) REFERENCES `sets`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`student_id`) REFERENCES `students`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE UNIQUE INDEX `decisions_once` ON `decisions` (`set_id`,`student_id`,`item_id`,`part_id`);--> statement-breakpoint
CREATE TABLE `kept_rows` (
	`id` text PRIMARY KEY NOT NULL,
	`set_id` text NOT NULL,
	`document` text NOT NULL,
	`updated_at` text NOT NULL,
	FOREIGN KEY (`set_id`) REFERENCES `sets`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `kept_rows_of_set` ON `kept_rows` (`set_id`);--> statement-breakpoint
CREATE TABLE `set_copies` (
	`id` text PRIMARY KEY NOT NULL,
	`set_id` text NOT NULL,
	`item_id` text NOT NULL,
	`exercise_id` text NOT NULL,
	`document` text NOT NULL,
	`exercise_revision` integer NOT NULL,
	`kept_against` integer,
	FOREIGN KEY (`set_id`) REFERENCES `sets`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE UNIQUE INDEX `set_copies_once` ON `set_copies` (`set_id`,`item_id`);--> statement-breakpoint
CREATE TABLE `set_hand_ins` (
	`id` text PRIMARY KEY NOT NULL,
	`set_id` text NOT NULL,
	`student_id` text NOT NULL,
	`numbers` text NOT NULL,
	`entries` text NOT NULL,
	`revision` integer DEFAULT 1 NOT NULL,
	`updated_at` text NOT NULL,
	`verdicts` text,
	`checked_as` text,
	`open` integer DEFAULT 0 NOT NULL,
	FOREIGN KEY (`set_id`) REFERENCES `sets`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`student_id`) REFERENCES `students`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE UNIQUE INDEX `set_hand_ins_once` ON `set_hand_ins` (`set_id`,`student_id`);--> statement-breakpoint
CREATE TABLE `sets` (
	`id` text PRIMARY KEY NOT NULL,
	`class_id` text NOT NULL,
	`title` text NOT NULL,
	`document` text NOT NULL,
	`revision` integer DEFAULT 1 NOT NULL,
	`created_at` text NOT NULL,
	`updated_at` text NOT NULL,
	`deleted_at` text,
	`given_out_at` text,
	`released_at` text,
	FOREIGN KEY (`class_id`) REFERENCES `classes`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `sets_of_class` ON `sets` (`class_id`);--> statement-breakpoint
CREATE TABLE `slip_texts` (
	`id` text PRIMARY KEY NOT NULL,
	`text` text NOT NULL,
	`revision` integer DEFAULT 1 NOT NULL,
	`updated_at` text NOT NULL
);
--> statement-breakpoint
ALTER TABLE `classes` ADD `term` text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `classes` ADD `deleted_at` text;--> statement-breakpoint
INSERT INTO `sets` (`id`, `class_id`, `title`, `document`, `revision`, `created_at`, `updated_at`, `given_out_at`)
SELECT lower(hex(randomblob(12))), pairs.class_id, exercises.title,
  json_object('schemaVersion', 1, 'items', json_array(json_object('id', 'e1', 'exerciseId', pairs.exercise_id)), 'numbers', 'same', 'given', '', 'due', ''),
  1, pairs.first, pairs.last, pairs.first
FROM (
  SELECT hand_ins.exercise_id, students.class_id, min(hand_ins.updated_at) AS first, max(hand_ins.updated_at) AS last
  FROM hand_ins JOIN students ON students.id = hand_ins.student_id GROUP BY hand_ins.exercise_id, students.class_id
) AS pairs JOIN exercises ON exercises.id = pairs.exercise_id;
--> statement-breakpoint
INSERT INTO `set_copies` (`id`, `set_id`, `item_id`, `exercise_id`, `document`, `exercise_revision`)
SELECT lower(hex(randomblob(12))), sets.id, 'e1', exercises.id, exercises.document, exercises.revision
FROM sets JOIN exercises ON exercises.id = json_extract(sets.document, '$.items[0].exerciseId');
--> statement-breakpoint
INSERT INTO `set_hand_ins` (`id`, `set_id`, `student_id`, `numbers`, `entries`, `revision`, `updated_at`)
SELECT lower(hex(randomblob(12))), sets.id, students.id, '{}', CASE WHEN hand_ins.id IS NULL THEN '{}' ELSE json_object('e1', json(hand_ins.entries)) END,
  coalesce(hand_ins.revision, 1), coalesce(hand_ins.updated_at, sets.updated_at)
FROM sets JOIN students ON students.class_id = sets.class_id JOIN set_copies ON set_copies.set_id = sets.id
LEFT JOIN hand_ins ON hand_ins.student_id = students.id AND hand_ins.exercise_id = set_copies.exercise_id;
