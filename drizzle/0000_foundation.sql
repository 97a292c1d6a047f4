CREATE TABLE `change_count` (
	`id` integer PRIMARY KEY NOT NULL,
	`count` integer NOT NULL
);
--> statement-breakpoint
CREATE TABLE `climate_normal` (
	`garden_id` text NOT NULL,
	`month` integer NOT NULL,
	`source` text NOT NULL,
	`tmin` real NOT NULL,
	`tmax` real NOT NULL,
	`rain` real NOT NULL,
	`wet_days` real NOT NULL,
	`dew_point` real NOT NULL,
	`wind` real NOT NULL,
	`solar` real NOT NULL,
	PRIMARY KEY(`garden_id`, `month`),
	FOREIGN KEY (`garden_id`) REFERENCES `garden`(`id`) ON UPDATE no action ON DELETE cascade,
	CONSTRAINT "month_of_year" CHECK("climate_normal"."month" between 1 and 12)
);
--> statement-breakpoint
CREATE TABLE `crop_history` (
	`place_id` text NOT NULL,
	`year` integer NOT NULL,
	`family` text NOT NULL,
	PRIMARY KEY(`place_id`, `year`, `family`),
	FOREIGN KEY (`place_id`) REFERENCES `place`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE TABLE `cultivar` (
	`id` text PRIMARY KEY NOT NULL,
	`garden_id` text NOT NULL,
	`name` text NOT NULL,
	`crop` text NOT NULL,
	`habit` text,
	`fruit` text NOT NULL,
	`origin` text NOT NULL,
	`days_to_maturity` integer,
	`maturity_from` text NOT NULL,
	`ripe_colour` text NOT NULL,
	`grafted` integer NOT NULL,
	`notes` text NOT NULL,
	FOREIGN KEY (`garden_id`) REFERENCES `garden`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `cultivar_of_garden` ON `cultivar` (`garden_id`);--> statement-breakpoint
CREATE TABLE `garden` (
	`id` text PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`latitude` real NOT NULL,
	`longitude` real NOT NULL,
	`elevation` real NOT NULL,
	`time_zone` text NOT NULL,
	`units` text NOT NULL,
	`decimals` text NOT NULL,
	`dates` text NOT NULL,
	`clock_date` text,
	`shelter` text NOT NULL,
	`soil` text NOT NULL,
	`climate_template` text NOT NULL,
	`climate_shift` real NOT NULL,
	`station` text NOT NULL,
	`seed` integer NOT NULL,
	`house_schools` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `log_entry` (
	`id` text PRIMARY KEY NOT NULL,
	`garden_id` text NOT NULL,
	`subject_type` text NOT NULL,
	`subject_id` text NOT NULL,
	`kind` text NOT NULL,
	`on` text NOT NULL,
	`at` text NOT NULL,
	`data` text NOT NULL,
	`note` text NOT NULL,
	`voids` text,
	FOREIGN KEY (`garden_id`) REFERENCES `garden`(`id`) ON UPDATE no action ON DELETE cascade,
	CONSTRAINT "data_is_json" CHECK(json_valid("log_entry"."data"))
);
--> statement-breakpoint
CREATE INDEX `log_by_day` ON `log_entry` (`garden_id`,`on`);--> statement-breakpoint
CREATE INDEX `log_by_subject` ON `log_entry` (`garden_id`,`subject_type`,`subject_id`);--> statement-breakpoint
CREATE INDEX `log_by_entry` ON `log_entry` (`garden_id`,`at`);--> statement-breakpoint
CREATE TABLE `place` (
	`id` text PRIMARY KEY NOT NULL,
	`garden_id` text NOT NULL,
	`name` text NOT NULL,
	`kind` text NOT NULL,
	`x` real NOT NULL,
	`y` real NOT NULL,
	`length` real NOT NULL,
	`width` real NOT NULL,
	`soil_depth` real NOT NULL,
	`raised` integer NOT NULL,
	`mulch` text NOT NULL,
	`open_sides` text NOT NULL,
	`drip_lines` text NOT NULL,
	`emitter_spacing` real,
	`from` text,
	`to` text,
	FOREIGN KEY (`garden_id`) REFERENCES `garden`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `place_of_garden` ON `place` (`garden_id`);--> statement-breakpoint
CREATE TABLE `plant` (
	`id` text PRIMARY KEY NOT NULL,
	`planting_id` text NOT NULL,
	`label` text NOT NULL,
	`x` real NOT NULL,
	`y` real NOT NULL,
	`from` text,
	`to` text,
	FOREIGN KEY (`planting_id`) REFERENCES `planting`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `plant_of_planting` ON `plant` (`planting_id`);--> statement-breakpoint
CREATE TABLE `planting` (
	`id` text PRIMARY KEY NOT NULL,
	`garden_id` text NOT NULL,
	`cultivar_id` text NOT NULL,
	`place_id` text NOT NULL,
	`season` integer NOT NULL,
	`count` integer NOT NULL,
	`training` text NOT NULL,
	`support` text NOT NULL,
	`spacing_school` text NOT NULL,
	`germination` real NOT NULL,
	`survival` real NOT NULL,
	`planned_set_out` text,
	FOREIGN KEY (`garden_id`) REFERENCES `garden`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`cultivar_id`) REFERENCES `cultivar`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`place_id`) REFERENCES `place`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `planting_of_garden` ON `planting` (`garden_id`,`season`);--> statement-breakpoint
CREATE TABLE `weather_day` (
	`garden_id` text NOT NULL,
	`date` text NOT NULL,
	`source` text NOT NULL,
	`tmin` real NOT NULL,
	`tmax` real NOT NULL,
	`rain` real,
	`dew_point` real,
	`wind` real,
	`solar` real,
	PRIMARY KEY(`garden_id`, `date`),
	FOREIGN KEY (`garden_id`) REFERENCES `garden`(`id`) ON UPDATE no action ON DELETE cascade
);
