CREATE TABLE `photo` (
	`id` varchar(36) NOT NULL,
	`workshop_id` varchar(36) NOT NULL,
	`kind` enum('sample','position','batch') NOT NULL,
	`item_id` varchar(36) NOT NULL,
	`batch_id` varchar(36),
	`caption` varchar(160) NOT NULL,
	`jpeg` mediumblob NOT NULL,
	`version` int NOT NULL DEFAULT 0,
	`created_at` datetime(3) NOT NULL DEFAULT (utc_timestamp(3)),
	`deleted_at` datetime(3),
	CONSTRAINT `photo_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
ALTER TABLE `item` ADD `points` json;--> statement-breakpoint
ALTER TABLE `photo` ADD CONSTRAINT `photo_workshop_id_workshop_id_fk` FOREIGN KEY (`workshop_id`) REFERENCES `workshop`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `photo` ADD CONSTRAINT `photo_item_id_item_id_fk` FOREIGN KEY (`item_id`) REFERENCES `item`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `photo` ADD CONSTRAINT `photo_batch_id_batch_id_fk` FOREIGN KEY (`batch_id`) REFERENCES `batch`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `photo_item` ON `photo` (`workshop_id`,`item_id`,`created_at`);