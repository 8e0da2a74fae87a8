ALTER TABLE `bench_act` MODIFY COLUMN `kind` enum('done','undo','again','note','work','weighed') NOT NULL;--> statement-breakpoint
ALTER TABLE `bench_act` ADD `ball_id` varchar(36);--> statement-breakpoint
ALTER TABLE `bench_act` ADD `mg` int;