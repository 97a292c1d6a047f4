CREATE TABLE `lock` (
	`id` integer PRIMARY KEY NOT NULL,
	`passphrase_hash` text NOT NULL,
	`seal_key` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `sign_in_try` (
	`address` text PRIMARY KEY NOT NULL,
	`wrong` integer NOT NULL,
	`last` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `signed_in` (
	`id` text PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`since` text NOT NULL,
	`last_used` text NOT NULL
);
