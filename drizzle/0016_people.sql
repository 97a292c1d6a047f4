CREATE TABLE `person` (
	`id` text PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`role` text NOT NULL,
	`invite_hash` text,
	`invite_until` text
);
--> statement-breakpoint
CREATE UNIQUE INDEX `person_inviteHash_unique` ON `person` (`invite_hash`);--> statement-breakpoint
ALTER TABLE `signed_in` ADD `person_id` text REFERENCES person(id);--> statement-breakpoint
ALTER TABLE `log_entry` ADD `by` text;