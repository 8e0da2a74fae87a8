ALTER TABLE `hand` ADD `day_limit_minutes` int DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `hand` ADD `break_after_minutes` int DEFAULT 30 NOT NULL;