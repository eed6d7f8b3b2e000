CREATE TABLE `house_rules` (
	`id` text PRIMARY KEY NOT NULL,
	`title` text NOT NULL,
	`document` text NOT NULL,
	`revision` integer DEFAULT 1 NOT NULL,
	`created_at` text NOT NULL,
	`updated_at` text NOT NULL,
	`deleted_at` text,
	`words` text DEFAULT '' NOT NULL,
	`labels` text DEFAULT '[]' NOT NULL
);
--> statement-breakpoint
INSERT INTO `house_rules` (`id`, `title`, `document`, `revision`, `created_at`, `updated_at`) SELECT `id`, 'Usual', `rules`, `revision`, `updated_at`, `updated_at` FROM `default_rules`;--> statement-breakpoint
INSERT INTO `house_rules` (`id`, `title`, `document`, `revision`, `created_at`, `updated_at`, `deleted_at`) SELECT `id`, CASE WHEN (SELECT count(*) FROM `classes` AS `same` WHERE `same`.`code` = `classes`.`code`) > 1 AND `term` <> '' THEN `code` || ', ' || `term` ELSE `code` END, `rules`, `revision`, `created_at`, `updated_at`, `deleted_at` FROM `classes`;--> statement-breakpoint
ALTER TABLE `classes` ADD `rules_id` text DEFAULT 'default' NOT NULL;--> statement-breakpoint
UPDATE `classes` SET `rules_id` = `id`;--> statement-breakpoint
ALTER TABLE `classes` DROP COLUMN `rules`;--> statement-breakpoint
ALTER TABLE `exercises` ADD `rules_id` text DEFAULT 'default' NOT NULL;--> statement-breakpoint
DROP TABLE `default_rules`;
