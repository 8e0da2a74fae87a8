CREATE TABLE `pulse` (
	`workshop_id` varchar(36) NOT NULL,
	`of` enum('materials','measured','items','stock') NOT NULL,
	`beat` varchar(36) NOT NULL,
	CONSTRAINT `pulse_workshop_id_of_pk` PRIMARY KEY(`workshop_id`,`of`)
);
--> statement-breakpoint
CREATE TABLE `stock_balance` (
	`workshop_id` varchar(36) NOT NULL,
	`material_id` varchar(36) NOT NULL,
	`ball_id` varchar(36) NOT NULL,
	`quantity` bigint NOT NULL,
	CONSTRAINT `stock_balance_workshop_id_material_id_ball_id_pk` PRIMARY KEY(`workshop_id`,`material_id`,`ball_id`)
);
--> statement-breakpoint
ALTER TABLE `pulse` ADD CONSTRAINT `pulse_workshop_id_workshop_id_fk` FOREIGN KEY (`workshop_id`) REFERENCES `workshop`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `stock_balance` ADD CONSTRAINT `stock_balance_workshop_id_workshop_id_fk` FOREIGN KEY (`workshop_id`) REFERENCES `workshop`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
INSERT INTO `stock_balance` (`workshop_id`, `material_id`, `ball_id`, `quantity`) SELECT `workshop_id`, `material_id`, coalesce(`ball_id`, ''), sum(`quantity`) FROM `stock_move` GROUP BY `workshop_id`, `material_id`, coalesce(`ball_id`, '') ON DUPLICATE KEY UPDATE `quantity` = VALUES(`quantity`);
