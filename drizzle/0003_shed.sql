CREATE TABLE `supply` (
	`id` text PRIMARY KEY NOT NULL,
	`garden_id` text NOT NULL,
	`kind` text NOT NULL,
	`name` text NOT NULL,
	`quantity` real NOT NULL,
	`length` real,
	`pack` real NOT NULL,
	`price` real,
	FOREIGN KEY (`garden_id`) REFERENCES `garden`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `supply_of_garden` ON `supply` (`garden_id`);