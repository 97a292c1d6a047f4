ALTER TABLE `supply` ADD `across` real;--> statement-breakpoint
ALTER TABLE `supply` ADD `material` text;