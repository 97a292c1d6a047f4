ALTER TABLE `planting` ADD `own_cage` real;--> statement-breakpoint
ALTER TABLE `planting` ADD `union_height` real;