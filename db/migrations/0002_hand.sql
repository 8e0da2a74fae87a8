CREATE TABLE `hand` (
	`id` varchar(36) NOT NULL,
	`workshop_id` varchar(36) NOT NULL,
	`name` varchar(80) NOT NULL,
	`loops` enum('over','under') NOT NULL DEFAULT 'over',
	`created_at` datetime(3) NOT NULL DEFAULT (utc_timestamp(3)),
	`deleted_at` datetime(3),
	CONSTRAINT `hand_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `timing` (
	`id` varchar(36) NOT NULL,
	`workshop_id` varchar(36) NOT NULL,
	`hand_id` varchar(36) NOT NULL,
	`item_id` varchar(36) NOT NULL,
	`revision_id` varchar(36) NOT NULL,
	`part` varchar(120) NOT NULL DEFAULT '',
	`stage` enum('crochet','face','filling','sewing','ends','hanger','inspection','packing') NOT NULL,
	`pieces` int NOT NULL,
	`seconds` int NOT NULL,
	`laps` json NOT NULL,
	`work` json NOT NULL,
	`made_on` date NOT NULL,
	`note` varchar(200) NOT NULL DEFAULT '',
	`set_aside` boolean NOT NULL DEFAULT false,
	`idempotency_key` varchar(60) NOT NULL,
	`created_at` datetime(3) NOT NULL DEFAULT (utc_timestamp(3)),
	`deleted_at` datetime(3),
	CONSTRAINT `timing_id` PRIMARY KEY(`id`),
	CONSTRAINT `timing_once` UNIQUE(`workshop_id`,`idempotency_key`)
);
--> statement-breakpoint
CREATE TABLE `weigh_in` (
	`id` varchar(36) NOT NULL,
	`workshop_id` varchar(36) NOT NULL,
	`hand_id` varchar(36) NOT NULL,
	`kind` enum('yarn','filling') NOT NULL,
	`item_id` varchar(36) NOT NULL,
	`revision_id` varchar(36) NOT NULL,
	`part` varchar(120) NOT NULL DEFAULT '',
	`pieces` int NOT NULL,
	`yarn_id` varchar(36),
	`hook_um` int,
	`loops` enum('over','under') NOT NULL DEFAULT 'over',
	`firmness` enum('light','medium','firm'),
	`weight_mg` int NOT NULL,
	`step_mg` int NOT NULL,
	`expected_mg` int NOT NULL,
	`beside_mg` int NOT NULL DEFAULT 0,
	`made_on` date NOT NULL,
	`note` varchar(200) NOT NULL DEFAULT '',
	`set_aside` boolean NOT NULL DEFAULT false,
	`idempotency_key` varchar(60) NOT NULL,
	`created_at` datetime(3) NOT NULL DEFAULT (utc_timestamp(3)),
	`deleted_at` datetime(3),
	CONSTRAINT `weigh_in_id` PRIMARY KEY(`id`),
	CONSTRAINT `weigh_in_once` UNIQUE(`workshop_id`,`idempotency_key`)
);
--> statement-breakpoint
ALTER TABLE `swatch` ADD `hand_id` varchar(36);--> statement-breakpoint
ALTER TABLE `swatch` ADD `loops` enum('over','under') DEFAULT 'over' NOT NULL;--> statement-breakpoint
ALTER TABLE `swatch` ADD `set_aside` boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE `workshop` ADD `half_life_days` int DEFAULT 365 NOT NULL;--> statement-breakpoint
ALTER TABLE `hand` ADD CONSTRAINT `hand_workshop_id_workshop_id_fk` FOREIGN KEY (`workshop_id`) REFERENCES `workshop`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `timing` ADD CONSTRAINT `timing_workshop_id_workshop_id_fk` FOREIGN KEY (`workshop_id`) REFERENCES `workshop`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `timing` ADD CONSTRAINT `timing_hand_id_hand_id_fk` FOREIGN KEY (`hand_id`) REFERENCES `hand`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `weigh_in` ADD CONSTRAINT `weigh_in_workshop_id_workshop_id_fk` FOREIGN KEY (`workshop_id`) REFERENCES `workshop`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `weigh_in` ADD CONSTRAINT `weigh_in_hand_id_hand_id_fk` FOREIGN KEY (`hand_id`) REFERENCES `hand`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `hand_workshop` ON `hand` (`workshop_id`,`created_at`);--> statement-breakpoint
CREATE INDEX `timing_hand` ON `timing` (`workshop_id`,`hand_id`,`made_on`);--> statement-breakpoint
CREATE INDEX `weigh_in_hand` ON `weigh_in` (`workshop_id`,`hand_id`,`made_on`);