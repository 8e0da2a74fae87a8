ALTER TABLE `channel` ADD `postage` int DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `channel` ADD `packing` int DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `channel` ADD `least_pieces` int DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `channel` ADD `pay_within_days` int DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `list_price` ADD `school` enum('hand','percent','hourly','margin','multiple') DEFAULT 'hand' NOT NULL;