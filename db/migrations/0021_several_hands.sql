ALTER TABLE `day_hours` ADD `hand_id` varchar(36) DEFAULT '' NOT NULL, DROP PRIMARY KEY, ADD PRIMARY KEY(`workshop_id`,`hand_id`,`on_day`);--> statement-breakpoint
ALTER TABLE `hand` ADD `week_minutes` int DEFAULT 0 NOT NULL, ADD `work_days` varchar(7) DEFAULT '1111100' NOT NULL, ADD `does` json;--> statement-breakpoint
ALTER TABLE `run_line` ADD `shares` json;
