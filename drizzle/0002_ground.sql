CREATE TABLE `obstacle` (
	`id` text PRIMARY KEY NOT NULL,
	`garden_id` text NOT NULL,
	`name` text NOT NULL,
	`kind` text NOT NULL,
	`x` real NOT NULL,
	`y` real NOT NULL,
	`length` real NOT NULL,
	`width` real NOT NULL,
	`height` real NOT NULL,
	`turn` real NOT NULL,
	`density` real NOT NULL,
	`from` text,
	`to` text,
	FOREIGN KEY (`garden_id`) REFERENCES `garden`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `obstacle_of_garden` ON `obstacle` (`garden_id`);--> statement-breakpoint
ALTER TABLE `place` ADD `turn` real DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `place` ADD `height` real;--> statement-breakpoint
ALTER TABLE `place` ADD `emitter_first` real;--> statement-breakpoint
ALTER TABLE `place` ADD `pot` text;