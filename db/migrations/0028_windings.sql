CREATE TABLE `winding` (
	`id` varchar(36) NOT NULL,
	`workshop_id` varchar(36) NOT NULL,
	`yarn_id` varchar(36) NOT NULL,
	`turns` int NOT NULL,
	`turn_mm` int NOT NULL,
	`mg` int NOT NULL,
	`created_at` datetime(3) NOT NULL DEFAULT (utc_timestamp(3)),
	CONSTRAINT `winding_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
ALTER TABLE `winding` ADD CONSTRAINT `winding_workshop_id_workshop_id_fk` FOREIGN KEY (`workshop_id`) REFERENCES `workshop`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `winding_workshop` ON `winding` (`workshop_id`,`created_at`);