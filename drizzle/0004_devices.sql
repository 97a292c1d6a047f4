CREATE TABLE `device` (
	`id` text PRIMARY KEY NOT NULL,
	`garden_id` text NOT NULL,
	`place_id` text NOT NULL,
	`token_hash` text NOT NULL,
	FOREIGN KEY (`garden_id`) REFERENCES `garden`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`place_id`) REFERENCES `place`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE UNIQUE INDEX `device_tokenHash_unique` ON `device` (`token_hash`);--> statement-breakpoint
CREATE INDEX `device_of_garden` ON `device` (`garden_id`);--> statement-breakpoint
CREATE TABLE `moisture_reading` (
	`place_id` text NOT NULL,
	`at` text NOT NULL,
	`on` text NOT NULL,
	`content` real NOT NULL,
	PRIMARY KEY(`place_id`, `at`),
	FOREIGN KEY (`place_id`) REFERENCES `place`(`id`) ON UPDATE no action ON DELETE cascade
);
