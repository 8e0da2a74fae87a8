CREATE TABLE `batch` (
	`id` varchar(36) NOT NULL,
	`workshop_id` varchar(36) NOT NULL,
	`run_id` varchar(36),
	`line_id` varchar(36),
	`item_id` varchar(36) NOT NULL,
	`colourway_id` varchar(36) NOT NULL DEFAULT '',
	`revision_id` varchar(36),
	`hand_id` varchar(36),
	`inspected_on` date NOT NULL,
	`good` int NOT NULL,
	`mended` int NOT NULL,
	`seconds` int NOT NULL,
	`rejected` json NOT NULL,
	`mending_minutes` int NOT NULL DEFAULT 0,
	`note` varchar(300) NOT NULL DEFAULT '',
	`idempotency_key` varchar(80) NOT NULL,
	`created_at` datetime(3) NOT NULL DEFAULT (utc_timestamp(3)),
	CONSTRAINT `batch_id` PRIMARY KEY(`id`),
	CONSTRAINT `batch_once` UNIQUE(`workshop_id`,`idempotency_key`)
);
--> statement-breakpoint
CREATE TABLE `list_price` (
	`id` varchar(36) NOT NULL,
	`workshop_id` varchar(36) NOT NULL,
	`item_id` varchar(36) NOT NULL,
	`colourway_id` varchar(36) NOT NULL DEFAULT '',
	`channel_id` varchar(36) NOT NULL,
	`price` int,
	`created_at` datetime(3) NOT NULL DEFAULT (utc_timestamp(3)),
	CONSTRAINT `list_price_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `market` (
	`id` varchar(36) NOT NULL,
	`workshop_id` varchar(36) NOT NULL,
	`name` varchar(120) NOT NULL,
	`on_day` date NOT NULL,
	`channel_id` varchar(36) NOT NULL,
	`place_id` varchar(36) NOT NULL,
	`state` enum('planned','open','closed') NOT NULL DEFAULT 'planned',
	`float` int NOT NULL DEFAULT 0,
	`counted` int,
	`note` varchar(500) NOT NULL DEFAULT '',
	`version` int NOT NULL DEFAULT 0,
	`created_at` datetime(3) NOT NULL DEFAULT (utc_timestamp(3)),
	`deleted_at` datetime(3),
	CONSTRAINT `market_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `market_brought` (
	`workshop_id` varchar(36) NOT NULL,
	`market_id` varchar(36) NOT NULL,
	`item_id` varchar(36) NOT NULL,
	`colourway_id` varchar(36) NOT NULL,
	`quantity` int NOT NULL,
	CONSTRAINT `market_brought_market_id_item_id_colourway_id_pk` PRIMARY KEY(`market_id`,`item_id`,`colourway_id`)
);
--> statement-breakpoint
CREATE TABLE `piece_balance` (
	`workshop_id` varchar(36) NOT NULL,
	`item_id` varchar(36) NOT NULL,
	`colourway_id` varchar(36) NOT NULL,
	`place_id` varchar(36) NOT NULL,
	`grade` enum('good','second') NOT NULL,
	`quantity` int NOT NULL,
	CONSTRAINT `piece_balance_workshop_id_item_id_colourway_id_place_id_grade_pk` PRIMARY KEY(`workshop_id`,`item_id`,`colourway_id`,`place_id`,`grade`)
);
--> statement-breakpoint
CREATE TABLE `piece_move` (
	`id` varchar(36) NOT NULL,
	`workshop_id` varchar(36) NOT NULL,
	`kind` enum('made','moved','sold','returned','given','lost','counted','unravelled','undone') NOT NULL,
	`item_id` varchar(36) NOT NULL,
	`colourway_id` varchar(36) NOT NULL DEFAULT '',
	`place_id` varchar(36) NOT NULL DEFAULT '',
	`grade` enum('good','second') NOT NULL DEFAULT 'good',
	`quantity` int NOT NULL,
	`batch_id` varchar(36),
	`run_id` varchar(36),
	`note` varchar(200) NOT NULL DEFAULT '',
	`undoes` varchar(36),
	`idempotency_key` varchar(80) NOT NULL,
	`at` datetime(3) NOT NULL,
	CONSTRAINT `piece_move_id` PRIMARY KEY(`id`),
	CONSTRAINT `piece_undoes` UNIQUE(`undoes`),
	CONSTRAINT `piece_once` UNIQUE(`workshop_id`,`idempotency_key`)
);
--> statement-breakpoint
CREATE TABLE `place` (
	`id` varchar(36) NOT NULL,
	`workshop_id` varchar(36) NOT NULL,
	`name` varchar(80) NOT NULL,
	`kind` enum('crate','shelf') NOT NULL,
	`channel_id` varchar(36),
	`holds` int,
	`sort` int NOT NULL DEFAULT 0,
	`version` int NOT NULL DEFAULT 0,
	`deleted_at` datetime(3),
	CONSTRAINT `place_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `sale` (
	`workshop_id` varchar(36) NOT NULL,
	`sale_key` varchar(80) NOT NULL,
	`customer` varchar(80) NOT NULL,
	`channel_id` varchar(36) NOT NULL,
	`place_id` varchar(36) NOT NULL DEFAULT '',
	`market_id` varchar(36),
	`at` datetime(3) NOT NULL,
	`sold_on` date NOT NULL,
	`item_id` varchar(36) NOT NULL,
	`colourway_id` varchar(36) NOT NULL DEFAULT '',
	`grade` enum('good','second') NOT NULL DEFAULT 'good',
	`quantity` int NOT NULL,
	`list_price` int NOT NULL,
	`taken` int NOT NULL,
	`paid` enum('cash','card','other') NOT NULL,
	`source` enum('stall','hand','file','shop','order') NOT NULL,
	`import_id` varchar(36),
	`note` varchar(200) NOT NULL DEFAULT '',
	`fee_bp` int NOT NULL,
	`fixed_fee` int NOT NULL,
	`tax_bp` int NOT NULL,
	`tax_included` boolean NOT NULL,
	`undone_at` datetime(3),
	`changed_at` datetime(3) NOT NULL,
	CONSTRAINT `sale_workshop_id_sale_key_pk` PRIMARY KEY(`workshop_id`,`sale_key`)
);
--> statement-breakpoint
INSERT IGNORE INTO `piece_move` (`id`, `workshop_id`, `kind`, `item_id`, `colourway_id`, `quantity`, `run_id`, `note`, `undoes`, `idempotency_key`, `at`) SELECT `id`, `workshop_id`, if(`kind` in ('made', 'sold', 'returned', 'counted', 'undone'), `kind`, 'counted'), `material_id`, coalesce(`colourway_id`, ''), `quantity`, `run_id`, `note`, `undoes`, `idempotency_key`, `at` FROM `stock_move` WHERE `material_kind` = 'item';--> statement-breakpoint
INSERT INTO `piece_balance` (`workshop_id`, `item_id`, `colourway_id`, `place_id`, `grade`, `quantity`) SELECT `workshop_id`, `item_id`, `colourway_id`, `place_id`, `grade`, sum(`quantity`) FROM `piece_move` GROUP BY `workshop_id`, `item_id`, `colourway_id`, `place_id`, `grade` ON DUPLICATE KEY UPDATE `quantity` = VALUES(`quantity`);--> statement-breakpoint
DELETE FROM `stock_balance` WHERE (`workshop_id`, `material_id`) IN (SELECT `workshop_id`, `item_id` FROM `piece_move`);--> statement-breakpoint
DELETE FROM `stock_move` WHERE `material_kind` = 'item';--> statement-breakpoint
DELETE FROM `pulse`;--> statement-breakpoint
UPDATE `stock_move` SET `kind` = 'returned' WHERE `kind` = 'made';--> statement-breakpoint
UPDATE `stock_move` SET `kind` = 'used' WHERE `kind` = 'sold';--> statement-breakpoint
ALTER TABLE `stock_move` MODIFY COLUMN `kind` enum('bought','weighed','counted','used','wasted','returned','moved','undone') NOT NULL;--> statement-breakpoint
ALTER TABLE `stock_move` MODIFY COLUMN `material_kind` enum('yarn','notion') NOT NULL;--> statement-breakpoint
ALTER TABLE `pulse` MODIFY COLUMN `of` enum('materials','measured','items','stock','shelf') NOT NULL;--> statement-breakpoint
ALTER TABLE `batch` ADD CONSTRAINT `batch_workshop_id_workshop_id_fk` FOREIGN KEY (`workshop_id`) REFERENCES `workshop`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `list_price` ADD CONSTRAINT `list_price_workshop_id_workshop_id_fk` FOREIGN KEY (`workshop_id`) REFERENCES `workshop`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `market` ADD CONSTRAINT `market_workshop_id_workshop_id_fk` FOREIGN KEY (`workshop_id`) REFERENCES `workshop`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `market_brought` ADD CONSTRAINT `market_brought_workshop_id_workshop_id_fk` FOREIGN KEY (`workshop_id`) REFERENCES `workshop`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `market_brought` ADD CONSTRAINT `market_brought_market_id_market_id_fk` FOREIGN KEY (`market_id`) REFERENCES `market`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `piece_balance` ADD CONSTRAINT `piece_balance_workshop_id_workshop_id_fk` FOREIGN KEY (`workshop_id`) REFERENCES `workshop`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `piece_move` ADD CONSTRAINT `piece_move_workshop_id_workshop_id_fk` FOREIGN KEY (`workshop_id`) REFERENCES `workshop`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `place` ADD CONSTRAINT `place_workshop_id_workshop_id_fk` FOREIGN KEY (`workshop_id`) REFERENCES `workshop`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `sale` ADD CONSTRAINT `sale_workshop_id_workshop_id_fk` FOREIGN KEY (`workshop_id`) REFERENCES `workshop`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `batch_item` ON `batch` (`workshop_id`,`item_id`,`inspected_on`);--> statement-breakpoint
CREATE INDEX `batch_run` ON `batch` (`workshop_id`,`run_id`);--> statement-breakpoint
CREATE INDEX `list_price_of` ON `list_price` (`workshop_id`,`item_id`,`colourway_id`,`channel_id`);--> statement-breakpoint
CREATE INDEX `market_workshop` ON `market` (`workshop_id`,`on_day`);--> statement-breakpoint
CREATE INDEX `brought_workshop` ON `market_brought` (`workshop_id`);--> statement-breakpoint
CREATE INDEX `piece_time` ON `piece_move` (`workshop_id`,`at`);--> statement-breakpoint
CREATE INDEX `piece_item` ON `piece_move` (`workshop_id`,`item_id`,`at`);--> statement-breakpoint
CREATE INDEX `piece_batch` ON `piece_move` (`workshop_id`,`batch_id`);--> statement-breakpoint
CREATE INDEX `place_workshop` ON `place` (`workshop_id`,`sort`);--> statement-breakpoint
CREATE INDEX `sale_day` ON `sale` (`workshop_id`,`sold_on`);--> statement-breakpoint
CREATE INDEX `sale_market` ON `sale` (`workshop_id`,`market_id`,`changed_at`);