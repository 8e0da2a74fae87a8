ALTER TABLE `channel` MODIFY COLUMN `percent_bp` int NOT NULL DEFAULT 0;--> statement-breakpoint
ALTER TABLE `channel` ADD `fees` json DEFAULT ('[]') NOT NULL;--> statement-breakpoint
ALTER TABLE `channel` ADD `pieces_per_sale_hundredths` int DEFAULT 100 NOT NULL;--> statement-breakpoint
ALTER TABLE `channel` ADD `stall_fee` int DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `channel` ADD `expected_pieces` int DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE `channel` ADD `tax_bp` int DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `channel` ADD `tax_included` boolean DEFAULT true NOT NULL;--> statement-breakpoint
ALTER TABLE `item` ADD `yield_bp` int DEFAULT 10000 NOT NULL;--> statement-breakpoint
ALTER TABLE `item` ADD `second_brings` int DEFAULT 0 NOT NULL;--> statement-breakpoint
UPDATE `channel` SET `fees` = JSON_ARRAY(JSON_OBJECT('name', '', 'bp', `percent_bp`)) WHERE `percent_bp` > 0 AND `fees` = '[]';
