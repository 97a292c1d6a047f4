CREATE TABLE `device_posts` (
	`device_id` text PRIMARY KEY NOT NULL,
	`minute` integer NOT NULL,
	`posts` integer NOT NULL,
	FOREIGN KEY (`device_id`) REFERENCES `device`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
ALTER TABLE `change_count` ADD `mark` text DEFAULT '' NOT NULL;