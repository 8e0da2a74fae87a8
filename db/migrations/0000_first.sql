CREATE TABLE `channel` (
	`id` varchar(36) NOT NULL,
	`workshop_id` varchar(36) NOT NULL,
	`name` varchar(80) NOT NULL,
	`percent_bp` int NOT NULL,
	`fixed` int NOT NULL,
	`sort` int NOT NULL DEFAULT 0,
	`deleted_at` datetime(3),
	CONSTRAINT `channel_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `item` (
	`id` varchar(36) NOT NULL,
	`workshop_id` varchar(36) NOT NULL,
	`name` varchar(120) NOT NULL,
	`kind` enum('keychain','ornament','figure','kit','other') NOT NULL DEFAULT 'figure',
	`price` int,
	`channel_id` varchar(36),
	`revision` int NOT NULL DEFAULT 0,
	`created_at` datetime(3) NOT NULL DEFAULT (utc_timestamp(3)),
	`deleted_at` datetime(3),
	CONSTRAINT `item_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `item_notion` (
	`workshop_id` varchar(36) NOT NULL,
	`revision_id` varchar(36) NOT NULL,
	`notion_id` varchar(36) NOT NULL,
	`quantity` int NOT NULL,
	CONSTRAINT `item_notion_revision_id_notion_id_pk` PRIMARY KEY(`revision_id`,`notion_id`)
);
--> statement-breakpoint
CREATE TABLE `item_revision` (
	`id` varchar(36) NOT NULL,
	`workshop_id` varchar(36) NOT NULL,
	`item_id` varchar(36) NOT NULL,
	`number` int NOT NULL,
	`pattern` mediumtext NOT NULL,
	`firmness` enum('light','medium','firm') NOT NULL,
	`hanger` boolean NOT NULL,
	`note` text NOT NULL,
	`created_at` datetime(3) NOT NULL DEFAULT (utc_timestamp(3)),
	CONSTRAINT `item_revision_id` PRIMARY KEY(`id`),
	CONSTRAINT `revision_number` UNIQUE(`item_id`,`number`)
);
--> statement-breakpoint
CREATE TABLE `item_slot` (
	`workshop_id` varchar(36) NOT NULL,
	`revision_id` varchar(36) NOT NULL,
	`slot` varchar(80) NOT NULL,
	`yarn_id` varchar(36) NOT NULL,
	`hook_um` int NOT NULL,
	`strands` int NOT NULL DEFAULT 1,
	CONSTRAINT `item_slot_revision_id_slot_pk` PRIMARY KEY(`revision_id`,`slot`)
);
--> statement-breakpoint
CREATE TABLE `notion` (
	`id` varchar(36) NOT NULL,
	`workshop_id` varchar(36) NOT NULL,
	`kind` enum('eye','nose','ring','filling','packaging','other') NOT NULL,
	`name` varchar(120) NOT NULL,
	`size_um` int,
	`colour` varchar(7),
	`pack_size` int NOT NULL,
	`pack_price` int NOT NULL,
	`created_at` datetime(3) NOT NULL DEFAULT (utc_timestamp(3)),
	`deleted_at` datetime(3),
	CONSTRAINT `notion_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `run` (
	`id` varchar(36) NOT NULL,
	`workshop_id` varchar(36) NOT NULL,
	`name` varchar(120) NOT NULL,
	`state` enum('planned','underway','finished') NOT NULL DEFAULT 'planned',
	`start_on` date NOT NULL,
	`due_on` date NOT NULL,
	`finished_on` date,
	`planned_with` json NOT NULL,
	`created_at` datetime(3) NOT NULL DEFAULT (utc_timestamp(3)),
	`deleted_at` datetime(3),
	CONSTRAINT `run_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `run_line` (
	`id` varchar(36) NOT NULL,
	`workshop_id` varchar(36) NOT NULL,
	`run_id` varchar(36) NOT NULL,
	`item_id` varchar(36) NOT NULL,
	`revision_id` varchar(36) NOT NULL,
	`quantity` int NOT NULL,
	`made` int NOT NULL DEFAULT 0,
	`planned_with` json NOT NULL,
	`sort` int NOT NULL,
	CONSTRAINT `run_line_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `stock_move` (
	`id` varchar(36) NOT NULL,
	`workshop_id` varchar(36) NOT NULL,
	`kind` enum('bought','weighed','counted','used','wasted','made','sold','returned','moved') NOT NULL,
	`material_kind` enum('yarn','notion','item') NOT NULL,
	`material_id` varchar(36) NOT NULL,
	`quantity` bigint NOT NULL,
	`note` varchar(200) NOT NULL DEFAULT '',
	`run_id` varchar(36),
	`idempotency_key` varchar(60) NOT NULL,
	`at` datetime(3) NOT NULL,
	CONSTRAINT `stock_move_id` PRIMARY KEY(`id`),
	CONSTRAINT `move_once` UNIQUE(`workshop_id`,`idempotency_key`)
);
--> statement-breakpoint
CREATE TABLE `swatch` (
	`id` varchar(36) NOT NULL,
	`workshop_id` varchar(36) NOT NULL,
	`yarn_id` varchar(36) NOT NULL,
	`made_on` date NOT NULL,
	`hook_um` int NOT NULL,
	`stitches` int,
	`over_mm` int,
	`rounds` int,
	`rounds_over_mm` int,
	`sample_stitches` int,
	`sample_mm` int,
	`created_at` datetime(3) NOT NULL DEFAULT (utc_timestamp(3)),
	`deleted_at` datetime(3),
	CONSTRAINT `swatch_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `workshop` (
	`id` varchar(36) NOT NULL,
	`name` varchar(120) NOT NULL,
	`locale` varchar(20) NOT NULL DEFAULT 'en-IE',
	`currency` varchar(3) NOT NULL DEFAULT 'EUR',
	`units` enum('metric','imperial') NOT NULL DEFAULT 'metric',
	`terms` enum('us','uk') NOT NULL DEFAULT 'us',
	`week_minutes` int NOT NULL DEFAULT 600,
	`work_days` varchar(7) NOT NULL DEFAULT '1111100',
	`wage_per_hour` int NOT NULL DEFAULT 1400,
	`overhead_per_hour` int NOT NULL DEFAULT 250,
	`margin_bp` int NOT NULL DEFAULT 1000,
	`price_points` varchar(60) NOT NULL DEFAULT '0,50',
	`created_at` datetime(3) NOT NULL DEFAULT (utc_timestamp(3)),
	CONSTRAINT `workshop_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `yarn` (
	`id` varchar(36) NOT NULL,
	`workshop_id` varchar(36) NOT NULL,
	`name` varchar(120) NOT NULL,
	`shade` varchar(80) NOT NULL,
	`colour` varchar(7) NOT NULL,
	`fibre` varchar(120) NOT NULL,
	`weight_class` smallint NOT NULL,
	`hook_um` int NOT NULL,
	`mm_per100g` int NOT NULL,
	`ball_mg` int NOT NULL,
	`ball_price` int NOT NULL,
	`created_at` datetime(3) NOT NULL DEFAULT (utc_timestamp(3)),
	`deleted_at` datetime(3),
	CONSTRAINT `yarn_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
ALTER TABLE `channel` ADD CONSTRAINT `channel_workshop_id_workshop_id_fk` FOREIGN KEY (`workshop_id`) REFERENCES `workshop`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `item` ADD CONSTRAINT `item_workshop_id_workshop_id_fk` FOREIGN KEY (`workshop_id`) REFERENCES `workshop`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `item_notion` ADD CONSTRAINT `item_notion_workshop_id_workshop_id_fk` FOREIGN KEY (`workshop_id`) REFERENCES `workshop`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `item_notion` ADD CONSTRAINT `item_notion_revision_id_item_revision_id_fk` FOREIGN KEY (`revision_id`) REFERENCES `item_revision`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `item_revision` ADD CONSTRAINT `item_revision_workshop_id_workshop_id_fk` FOREIGN KEY (`workshop_id`) REFERENCES `workshop`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `item_revision` ADD CONSTRAINT `item_revision_item_id_item_id_fk` FOREIGN KEY (`item_id`) REFERENCES `item`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `item_slot` ADD CONSTRAINT `item_slot_workshop_id_workshop_id_fk` FOREIGN KEY (`workshop_id`) REFERENCES `workshop`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `item_slot` ADD CONSTRAINT `item_slot_revision_id_item_revision_id_fk` FOREIGN KEY (`revision_id`) REFERENCES `item_revision`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `notion` ADD CONSTRAINT `notion_workshop_id_workshop_id_fk` FOREIGN KEY (`workshop_id`) REFERENCES `workshop`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `run` ADD CONSTRAINT `run_workshop_id_workshop_id_fk` FOREIGN KEY (`workshop_id`) REFERENCES `workshop`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `run_line` ADD CONSTRAINT `run_line_workshop_id_workshop_id_fk` FOREIGN KEY (`workshop_id`) REFERENCES `workshop`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `run_line` ADD CONSTRAINT `run_line_run_id_run_id_fk` FOREIGN KEY (`run_id`) REFERENCES `run`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `stock_move` ADD CONSTRAINT `stock_move_workshop_id_workshop_id_fk` FOREIGN KEY (`workshop_id`) REFERENCES `workshop`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `swatch` ADD CONSTRAINT `swatch_workshop_id_workshop_id_fk` FOREIGN KEY (`workshop_id`) REFERENCES `workshop`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `swatch` ADD CONSTRAINT `swatch_yarn_id_yarn_id_fk` FOREIGN KEY (`yarn_id`) REFERENCES `yarn`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `yarn` ADD CONSTRAINT `yarn_workshop_id_workshop_id_fk` FOREIGN KEY (`workshop_id`) REFERENCES `workshop`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `channel_workshop` ON `channel` (`workshop_id`,`sort`);--> statement-breakpoint
CREATE INDEX `item_workshop` ON `item` (`workshop_id`,`name`);--> statement-breakpoint
CREATE INDEX `revision_workshop` ON `item_revision` (`workshop_id`);--> statement-breakpoint
CREATE INDEX `notion_workshop` ON `notion` (`workshop_id`,`kind`,`name`);--> statement-breakpoint
CREATE INDEX `run_workshop` ON `run` (`workshop_id`,`state`,`due_on`);--> statement-breakpoint
CREATE INDEX `line_run` ON `run_line` (`workshop_id`,`run_id`,`sort`);--> statement-breakpoint
CREATE INDEX `move_material` ON `stock_move` (`workshop_id`,`material_id`,`at`);--> statement-breakpoint
CREATE INDEX `swatch_yarn` ON `swatch` (`workshop_id`,`yarn_id`,`made_on`);--> statement-breakpoint
CREATE INDEX `yarn_workshop` ON `yarn` (`workshop_id`,`name`,`shade`);