ALTER TABLE `garden` ADD `currency` text;--> statement-breakpoint
UPDATE `garden` SET `currency` = 'USD' WHERE `units` = 'us';
