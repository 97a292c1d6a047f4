ALTER TABLE `planting` ADD `own_in_row` real;--> statement-breakpoint
ALTER TABLE `planting` ADD `own_lines` real;