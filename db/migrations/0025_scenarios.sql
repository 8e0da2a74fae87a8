CREATE TABLE `scenario` (
	`id` varchar(36) NOT NULL,
	`workshop_id` varchar(36) NOT NULL,
	`name` varchar(200) NOT NULL,
	`price` int NOT NULL DEFAULT 0,
	`quantity` int NOT NULL DEFAULT 0,
	`pace` int NOT NULL DEFAULT 0,
	`yarn` int NOT NULL DEFAULT 0,
	`yield` int NOT NULL DEFAULT 0,
	`wage` int NOT NULL DEFAULT 0,
	`version` int NOT NULL DEFAULT 0,
	`deleted_at` datetime(3),
	`created_at` datetime(3) NOT NULL DEFAULT (utc_timestamp(3)),
	CONSTRAINT `scenario_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
ALTER TABLE `scenario` ADD CONSTRAINT `scenario_workshop_id_workshop_id_fk` FOREIGN KEY (`workshop_id`) REFERENCES `workshop`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `scenario_of` ON `scenario` (`workshop_id`,`created_at`);