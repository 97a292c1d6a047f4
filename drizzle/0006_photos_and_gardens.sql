CREATE TABLE `archived_season` (
	`garden_id` text NOT NULL,
	`season` integer NOT NULL,
	`through` text NOT NULL,
	PRIMARY KEY(`garden_id`, `season`),
	FOREIGN KEY (`garden_id`) REFERENCES `garden`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE TABLE `attachment` (
	`id` text PRIMARY KEY NOT NULL,
	`garden_id` text NOT NULL,
	`entry_id` text NOT NULL,
	`type` text NOT NULL,
	`bytes` integer NOT NULL,
	`width` integer NOT NULL,
	`height` integer NOT NULL,
	FOREIGN KEY (`garden_id`) REFERENCES `garden`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `attachment_of_entry` ON `attachment` (`garden_id`,`entry_id`);--> statement-breakpoint
CREATE TABLE `garden_at_work` (
	`id` integer PRIMARY KEY NOT NULL,
	`garden_id` text NOT NULL,
	FOREIGN KEY (`garden_id`) REFERENCES `garden`(`id`) ON UPDATE no action ON DELETE cascade
);
