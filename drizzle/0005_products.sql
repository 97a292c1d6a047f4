CREATE TABLE `product` (
	`id` text PRIMARY KEY NOT NULL,
	`garden_id` text NOT NULL,
	`name` text NOT NULL,
	`n` real NOT NULL,
	`p2o5` real NOT NULL,
	`k2o` real NOT NULL,
	`nitrogen` text NOT NULL,
	`liquid` integer NOT NULL,
	`release` text NOT NULL,
	`release_days` real,
	`bulk_density` real NOT NULL,
	`label_rate` real,
	`label_plant` real,
	`pack` real,
	`price` real,
	FOREIGN KEY (`garden_id`) REFERENCES `garden`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `product_of_garden` ON `product` (`garden_id`);--> statement-breakpoint
ALTER TABLE `place` ADD `emitter_flow` real;