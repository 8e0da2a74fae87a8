CREATE TABLE `kit` (
	`item_id` varchar(36) NOT NULL,
	`workshop_id` varchar(36) NOT NULL,
	`chance_bp` int NOT NULL DEFAULT 100,
	`hook` boolean NOT NULL DEFAULT false,
	`started_ring` boolean NOT NULL DEFAULT false,
	`spare_eyes` boolean NOT NULL DEFAULT true,
	`winder_mm` int NOT NULL DEFAULT 600,
	`version` int NOT NULL DEFAULT 0,
	CONSTRAINT `kit_item_id` PRIMARY KEY(`item_id`)
);
--> statement-breakpoint
ALTER TABLE `kit` ADD CONSTRAINT `kit_item_id_item_id_fk` FOREIGN KEY (`item_id`) REFERENCES `item`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `kit` ADD CONSTRAINT `kit_workshop_id_workshop_id_fk` FOREIGN KEY (`workshop_id`) REFERENCES `workshop`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `kit_workshop` ON `kit` (`workshop_id`);