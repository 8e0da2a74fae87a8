CREATE TABLE `bench_act` (
	`workshop_id` varchar(36) NOT NULL,
	`act_key` varchar(64) NOT NULL,
	`line_id` varchar(36) NOT NULL,
	`hand_id` varchar(36),
	`device` varchar(40) NOT NULL,
	`at` bigint NOT NULL,
	`kind` enum('done','undo','again','note','work') NOT NULL,
	`piece` int,
	`step` varchar(40),
	`ms` int,
	`about` varchar(64),
	`text` varchar(500),
	`kept_at` datetime(3) NOT NULL,
	CONSTRAINT `bench_act_workshop_id_act_key_pk` PRIMARY KEY(`workshop_id`,`act_key`)
);
--> statement-breakpoint
ALTER TABLE `bench_act` ADD CONSTRAINT `bench_act_workshop_id_workshop_id_fk` FOREIGN KEY (`workshop_id`) REFERENCES `workshop`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `bench_act` ADD CONSTRAINT `bench_act_line_id_run_line_id_fk` FOREIGN KEY (`line_id`) REFERENCES `run_line`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `act_line` ON `bench_act` (`workshop_id`,`line_id`,`at`);