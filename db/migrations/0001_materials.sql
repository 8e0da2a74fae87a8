CREATE TABLE `ball` (
	`id` varchar(36) NOT NULL,
	`workshop_id` varchar(36) NOT NULL,
	`yarn_id` varchar(36) NOT NULL,
	`lot` varchar(60) NOT NULL DEFAULT '',
	`scrap` boolean NOT NULL DEFAULT false,
	`place` varchar(80) NOT NULL DEFAULT '',
	`full_mg` int NOT NULL,
	`price` int NOT NULL,
	`note` varchar(200) NOT NULL DEFAULT '',
	`purchase_id` varchar(36),
	`import_id` varchar(36),
	`created_at` datetime(3) NOT NULL DEFAULT (utc_timestamp(3)),
	`deleted_at` datetime(3),
	CONSTRAINT `ball_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `ball_reservation` (
	`workshop_id` varchar(36) NOT NULL,
	`run_id` varchar(36) NOT NULL,
	`ball_id` varchar(36) NOT NULL,
	`quantity` int NOT NULL,
	CONSTRAINT `ball_reservation_run_id_ball_id_pk` PRIMARY KEY(`run_id`,`ball_id`)
);
--> statement-breakpoint
CREATE TABLE `colourway` (
	`id` varchar(36) NOT NULL,
	`workshop_id` varchar(36) NOT NULL,
	`item_id` varchar(36) NOT NULL,
	`name` varchar(80) NOT NULL,
	`price` int,
	`created_at` datetime(3) NOT NULL DEFAULT (utc_timestamp(3)),
	`deleted_at` datetime(3),
	CONSTRAINT `colourway_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `colourway_slot` (
	`workshop_id` varchar(36) NOT NULL,
	`colourway_id` varchar(36) NOT NULL,
	`slot` varchar(80) NOT NULL,
	`yarn_id` varchar(36) NOT NULL,
	`hook_um` int NOT NULL,
	`strands` int NOT NULL DEFAULT 1,
	`split` int NOT NULL DEFAULT 1,
	CONSTRAINT `colourway_slot_colourway_id_slot_pk` PRIMARY KEY(`colourway_id`,`slot`)
);
--> statement-breakpoint
CREATE TABLE `cutting_plan` (
	`run_id` varchar(36) NOT NULL,
	`workshop_id` varchar(36) NOT NULL,
	`version` int NOT NULL,
	`plan` json NOT NULL,
	`kept_at` datetime(3) NOT NULL,
	CONSTRAINT `cutting_plan_run_id` PRIMARY KEY(`run_id`)
);
--> statement-breakpoint
CREATE TABLE `import_batch` (
	`id` varchar(36) NOT NULL,
	`workshop_id` varchar(36) NOT NULL,
	`file_name` varchar(160) NOT NULL,
	`rows` int NOT NULL,
	`skipped` int NOT NULL,
	`created_at` datetime(3) NOT NULL DEFAULT (utc_timestamp(3)),
	`undone_at` datetime(3),
	CONSTRAINT `import_batch_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `material_price` (
	`id` varchar(36) NOT NULL,
	`workshop_id` varchar(36) NOT NULL,
	`material_kind` enum('yarn','notion') NOT NULL,
	`material_id` varchar(36) NOT NULL,
	`supplier_id` varchar(36),
	`pack_size` int NOT NULL,
	`price` int NOT NULL,
	`since` date NOT NULL,
	`created_at` datetime(3) NOT NULL DEFAULT (utc_timestamp(3)),
	CONSTRAINT `material_price_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `purchase` (
	`id` varchar(36) NOT NULL,
	`workshop_id` varchar(36) NOT NULL,
	`supplier_id` varchar(36),
	`state` enum('ordered','received') NOT NULL DEFAULT 'ordered',
	`ordered_on` date NOT NULL,
	`expected_on` date,
	`created_at` datetime(3) NOT NULL DEFAULT (utc_timestamp(3)),
	`deleted_at` datetime(3),
	CONSTRAINT `purchase_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `purchase_line` (
	`id` varchar(36) NOT NULL,
	`workshop_id` varchar(36) NOT NULL,
	`purchase_id` varchar(36) NOT NULL,
	`material_kind` enum('yarn','notion') NOT NULL,
	`material_id` varchar(36) NOT NULL,
	`packs` int NOT NULL,
	`pack_size` int NOT NULL,
	`pack_price` int NOT NULL,
	`ticked` boolean NOT NULL DEFAULT false,
	`lot` varchar(60) NOT NULL DEFAULT '',
	`received` int NOT NULL DEFAULT 0,
	`sort` int NOT NULL,
	CONSTRAINT `purchase_line_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `supplier` (
	`id` varchar(36) NOT NULL,
	`workshop_id` varchar(36) NOT NULL,
	`name` varchar(120) NOT NULL,
	`delivery_days` int NOT NULL DEFAULT 0,
	`min_order` int NOT NULL DEFAULT 0,
	`note` varchar(200) NOT NULL DEFAULT '',
	`created_at` datetime(3) NOT NULL DEFAULT (utc_timestamp(3)),
	`deleted_at` datetime(3),
	CONSTRAINT `supplier_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
ALTER TABLE `notion` MODIFY COLUMN `kind` enum('eye','nose','ring','filling','packaging','other','washer','bead','bell','jump-ring','hook','pin','cord','tag','bag','box','label') NOT NULL;--> statement-breakpoint
ALTER TABLE `stock_move` MODIFY COLUMN `kind` enum('bought','weighed','counted','used','wasted','made','sold','returned','moved','undone') NOT NULL;--> statement-breakpoint
ALTER TABLE `item_slot` ADD `split` int DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE `notion` ADD `supplier_id` varchar(36);--> statement-breakpoint
ALTER TABLE `notion` ADD `washer_id` varchar(36);--> statement-breakpoint
ALTER TABLE `notion` ADD `spares` int DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `notion` ADD `density_bp` int DEFAULT 10000 NOT NULL;--> statement-breakpoint
ALTER TABLE `notion` ADD `place` varchar(80) DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `notion` ADD `low` int;--> statement-breakpoint
ALTER TABLE `notion` ADD `import_id` varchar(36);--> statement-breakpoint
ALTER TABLE `run_line` ADD `colourway_id` varchar(36);--> statement-breakpoint
ALTER TABLE `stock_move` ADD `ball_id` varchar(36);--> statement-breakpoint
ALTER TABLE `stock_move` ADD `colourway_id` varchar(36);--> statement-breakpoint
ALTER TABLE `stock_move` ADD `purchase_id` varchar(36);--> statement-breakpoint
ALTER TABLE `stock_move` ADD `import_id` varchar(36);--> statement-breakpoint
ALTER TABLE `stock_move` ADD `undoes` varchar(36);--> statement-breakpoint
ALTER TABLE `stock_move` ADD `cost` int;--> statement-breakpoint
ALTER TABLE `workshop` ADD `cost_school` enum('lot','average') DEFAULT 'lot' NOT NULL;--> statement-breakpoint
ALTER TABLE `yarn` ADD `band_stitches` int;--> statement-breakpoint
ALTER TABLE `yarn` ADD `band_rows` int;--> statement-breakpoint
ALTER TABLE `yarn` ADD `care` varchar(120) DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `yarn` ADD `supplier_id` varchar(36);--> statement-breakpoint
ALTER TABLE `yarn` ADD `pack_balls` int DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE `yarn` ADD `length_sigma_bp` int DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `yarn` ADD `low_mg` int;--> statement-breakpoint
ALTER TABLE `yarn` ADD `import_id` varchar(36);--> statement-breakpoint
ALTER TABLE `stock_move` ADD CONSTRAINT `move_undoes` UNIQUE(`undoes`);--> statement-breakpoint
ALTER TABLE `ball` ADD CONSTRAINT `ball_workshop_id_workshop_id_fk` FOREIGN KEY (`workshop_id`) REFERENCES `workshop`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `ball` ADD CONSTRAINT `ball_yarn_id_yarn_id_fk` FOREIGN KEY (`yarn_id`) REFERENCES `yarn`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `ball_reservation` ADD CONSTRAINT `ball_reservation_workshop_id_workshop_id_fk` FOREIGN KEY (`workshop_id`) REFERENCES `workshop`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `ball_reservation` ADD CONSTRAINT `ball_reservation_run_id_run_id_fk` FOREIGN KEY (`run_id`) REFERENCES `run`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `colourway` ADD CONSTRAINT `colourway_workshop_id_workshop_id_fk` FOREIGN KEY (`workshop_id`) REFERENCES `workshop`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `colourway` ADD CONSTRAINT `colourway_item_id_item_id_fk` FOREIGN KEY (`item_id`) REFERENCES `item`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `colourway_slot` ADD CONSTRAINT `colourway_slot_workshop_id_workshop_id_fk` FOREIGN KEY (`workshop_id`) REFERENCES `workshop`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `colourway_slot` ADD CONSTRAINT `colourway_slot_colourway_id_colourway_id_fk` FOREIGN KEY (`colourway_id`) REFERENCES `colourway`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `cutting_plan` ADD CONSTRAINT `cutting_plan_run_id_run_id_fk` FOREIGN KEY (`run_id`) REFERENCES `run`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `cutting_plan` ADD CONSTRAINT `cutting_plan_workshop_id_workshop_id_fk` FOREIGN KEY (`workshop_id`) REFERENCES `workshop`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `import_batch` ADD CONSTRAINT `import_batch_workshop_id_workshop_id_fk` FOREIGN KEY (`workshop_id`) REFERENCES `workshop`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `material_price` ADD CONSTRAINT `material_price_workshop_id_workshop_id_fk` FOREIGN KEY (`workshop_id`) REFERENCES `workshop`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `purchase` ADD CONSTRAINT `purchase_workshop_id_workshop_id_fk` FOREIGN KEY (`workshop_id`) REFERENCES `workshop`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `purchase_line` ADD CONSTRAINT `purchase_line_workshop_id_workshop_id_fk` FOREIGN KEY (`workshop_id`) REFERENCES `workshop`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `purchase_line` ADD CONSTRAINT `purchase_line_purchase_id_purchase_id_fk` FOREIGN KEY (`purchase_id`) REFERENCES `purchase`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `supplier` ADD CONSTRAINT `supplier_workshop_id_workshop_id_fk` FOREIGN KEY (`workshop_id`) REFERENCES `workshop`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `ball_yarn` ON `ball` (`workshop_id`,`yarn_id`,`lot`);--> statement-breakpoint
CREATE INDEX `reservation_ball` ON `ball_reservation` (`workshop_id`,`ball_id`);--> statement-breakpoint
CREATE INDEX `colourway_item` ON `colourway` (`workshop_id`,`item_id`);--> statement-breakpoint
CREATE INDEX `import_workshop` ON `import_batch` (`workshop_id`,`created_at`);--> statement-breakpoint
CREATE INDEX `price_material` ON `material_price` (`workshop_id`,`material_id`,`since`);--> statement-breakpoint
CREATE INDEX `purchase_workshop` ON `purchase` (`workshop_id`,`state`,`ordered_on`);--> statement-breakpoint
CREATE INDEX `purchase_line_purchase` ON `purchase_line` (`workshop_id`,`purchase_id`,`sort`);--> statement-breakpoint
CREATE INDEX `supplier_workshop` ON `supplier` (`workshop_id`,`name`);--> statement-breakpoint
CREATE INDEX `move_balance` ON `stock_move` (`workshop_id`,`material_id`,`ball_id`,`quantity`);--> statement-breakpoint
CREATE INDEX `move_time` ON `stock_move` (`workshop_id`,`at`);--> statement-breakpoint
CREATE INDEX `move_run` ON `stock_move` (`workshop_id`,`run_id`);