CREATE TABLE `print_job` (
	`id` varchar(36) NOT NULL,
	`workshop_id` varchar(36) NOT NULL,
	`title` varchar(160) NOT NULL,
	`item_id` varchar(36) NOT NULL,
	`copies` int NOT NULL,
	`printed` int NOT NULL DEFAULT 0,
	`attempt` int NOT NULL DEFAULT 1,
	`state` enum('waiting','doubt','refused','done','cancelled') NOT NULL DEFAULT 'waiting',
	`png` mediumblob NOT NULL,
	`holder` varchar(36) NOT NULL DEFAULT '',
	`busy_until` datetime(3),
	`ended_at` datetime(3),
	`created_at` datetime(3) NOT NULL DEFAULT (utc_timestamp(3)),
	CONSTRAINT `print_job_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
ALTER TABLE `print_job` ADD CONSTRAINT `print_job_workshop_id_workshop_id_fk` FOREIGN KEY (`workshop_id`) REFERENCES `workshop`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `print_job_of` ON `print_job` (`workshop_id`,`created_at`);--> statement-breakpoint
CREATE INDEX `print_job_next` ON `print_job` (`state`,`created_at`);