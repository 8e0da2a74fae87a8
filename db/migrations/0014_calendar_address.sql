CREATE TABLE `calendar_address` (
	`workshop_id` varchar(36) NOT NULL,
	`token_hash` varchar(64) NOT NULL,
	`created_at` datetime(3) NOT NULL DEFAULT (utc_timestamp(3)),
	CONSTRAINT `calendar_address_workshop_id` PRIMARY KEY(`workshop_id`)
);
--> statement-breakpoint
ALTER TABLE `calendar_address` ADD CONSTRAINT `calendar_address_workshop_id_workshop_id_fk` FOREIGN KEY (`workshop_id`) REFERENCES `workshop`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `calendar_token` ON `calendar_address` (`token_hash`);