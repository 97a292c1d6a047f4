CREATE TABLE `wanted` (
	`id` text PRIMARY KEY NOT NULL,
	`garden_id` text NOT NULL,
	`cultivar_id` text NOT NULL,
	`season` integer NOT NULL,
	`count` integer NOT NULL,
	FOREIGN KEY (`garden_id`) REFERENCES `garden`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`cultivar_id`) REFERENCES `cultivar`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `wanted_of_garden` ON `wanted` (`garden_id`,`season`);