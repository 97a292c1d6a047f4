CREATE TABLE `calendar_feed` (
	`garden_id` text PRIMARY KEY NOT NULL,
	`token` text NOT NULL,
	FOREIGN KEY (`garden_id`) REFERENCES `garden`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE UNIQUE INDEX `calendar_feed_token_unique` ON `calendar_feed` (`token`);--> statement-breakpoint
ALTER TABLE `planting` ADD `raising` text DEFAULT 'plant' NOT NULL;--> statement-breakpoint
ALTER TABLE `planting` ADD `planned_sow` text;