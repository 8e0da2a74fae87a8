ALTER TABLE `workshop` ADD `set_up_colour` int DEFAULT 60 NOT NULL;--> statement-breakpoint
ALTER TABLE `workshop` ADD `set_up_hook` int DEFAULT 45 NOT NULL;--> statement-breakpoint
ALTER TABLE `workshop` ADD `set_up_stage` int DEFAULT 90 NOT NULL;