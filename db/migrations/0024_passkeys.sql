CREATE TABLE `passkey` (
	`id` varchar(400) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
	`account_id` varchar(36) NOT NULL,
	`public_key` varchar(2000) NOT NULL,
	`counter` bigint unsigned NOT NULL DEFAULT 0,
	`transports` json NOT NULL,
	`name` varchar(60) NOT NULL,
	`created_at` datetime(3) NOT NULL DEFAULT (utc_timestamp(3)),
	`used_at` datetime(3),
	CONSTRAINT `passkey_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `passkey_ask` (
	`hash` varchar(64) NOT NULL,
	`account_id` varchar(36),
	`ends_at` datetime(3) NOT NULL,
	CONSTRAINT `passkey_ask_hash` PRIMARY KEY(`hash`)
);
--> statement-breakpoint
ALTER TABLE `session` ADD `proved_at` datetime(3);--> statement-breakpoint
ALTER TABLE `passkey` ADD CONSTRAINT `passkey_account_id_account_id_fk` FOREIGN KEY (`account_id`) REFERENCES `account`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `passkey_account` ON `passkey` (`account_id`);--> statement-breakpoint
CREATE INDEX `passkey_ask_end` ON `passkey_ask` (`ends_at`);