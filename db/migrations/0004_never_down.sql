CREATE TABLE `form_act` (
	`workshop_id` varchar(36) NOT NULL,
	`act` varchar(64) NOT NULL,
	`answer` json,
	`at` datetime(3) NOT NULL,
	CONSTRAINT `form_act_workshop_id_act_pk` PRIMARY KEY(`workshop_id`,`act`)
);
--> statement-breakpoint
ALTER TABLE `ball` ADD `version` int DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `channel` ADD `version` int DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `colourway` ADD `version` int DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `hand` ADD `version` int DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `item` ADD `version` int DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `notion` ADD `version` int DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `purchase_line` ADD `version` int DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `supplier` ADD `version` int DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `workshop` ADD `time_zone` varchar(64) DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `workshop` ADD `version` int DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `yarn` ADD `version` int DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `form_act` ADD CONSTRAINT `form_act_workshop_id_workshop_id_fk` FOREIGN KEY (`workshop_id`) REFERENCES `workshop`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `act_time` ON `form_act` (`at`);