CREATE TABLE `swatch_photo` (
	`swatch_id` varchar(36) NOT NULL,
	`workshop_id` varchar(36) NOT NULL,
	`jpeg` mediumblob NOT NULL,
	`created_at` datetime(3) NOT NULL DEFAULT (utc_timestamp(3)),
	CONSTRAINT `swatch_photo_swatch_id` PRIMARY KEY(`swatch_id`)
);
--> statement-breakpoint
ALTER TABLE `import_batch` ADD `what` enum('materials','timings') DEFAULT 'materials' NOT NULL;--> statement-breakpoint
ALTER TABLE `timing` ADD `import_id` varchar(36);--> statement-breakpoint
ALTER TABLE `weigh_in` ADD `colourway_id` varchar(36);--> statement-breakpoint
ALTER TABLE `weigh_in` ADD `before_mg` int;--> statement-breakpoint
ALTER TABLE `weigh_in` ADD `after_mg` int;--> statement-breakpoint
ALTER TABLE `swatch_photo` ADD CONSTRAINT `swatch_photo_swatch_id_swatch_id_fk` FOREIGN KEY (`swatch_id`) REFERENCES `swatch`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `swatch_photo` ADD CONSTRAINT `swatch_photo_workshop_id_workshop_id_fk` FOREIGN KEY (`workshop_id`) REFERENCES `workshop`(`id`) ON DELETE cascade ON UPDATE no action;