ALTER TABLE `calendar_feed` ADD `frost_at` integer;--> statement-breakpoint
ALTER TABLE `calendar_feed` ADD `water_at` integer;--> statement-breakpoint
ALTER TABLE `calendar_feed` ADD `round_at` integer;