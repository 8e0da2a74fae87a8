CREATE TABLE `day_hours` (
	`workshop_id` varchar(36) NOT NULL,
	`on_day` date NOT NULL,
	`minutes` int NOT NULL,
	`note` varchar(80) NOT NULL DEFAULT '',
	CONSTRAINT `day_hours_workshop_id_on_day_pk` PRIMARY KEY(`workshop_id`,`on_day`)
);
--> statement-breakpoint
ALTER TABLE `run` ADD `sort` int;--> statement-breakpoint
ALTER TABLE `day_hours` ADD CONSTRAINT `day_hours_workshop_id_workshop_id_fk` FOREIGN KEY (`workshop_id`) REFERENCES `workshop`(`id`) ON DELETE cascade ON UPDATE no action;