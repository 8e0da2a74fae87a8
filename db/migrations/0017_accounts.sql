CREATE TABLE `account` (
	`id` varchar(36) NOT NULL,
	`name` varchar(80) NOT NULL,
	`name_key` varchar(80) NOT NULL,
	`phrase` varchar(255) NOT NULL,
	`phrase_at` datetime(3) NOT NULL,
	`created_at` datetime(3) NOT NULL DEFAULT (utc_timestamp(3)),
	CONSTRAINT `account_id` PRIMARY KEY(`id`),
	CONSTRAINT `account_name` UNIQUE(`name_key`)
);
--> statement-breakpoint
CREATE TABLE `invitation` (
	`id` varchar(36) NOT NULL,
	`workshop_id` varchar(36) NOT NULL,
	`token_hash` varchar(64) NOT NULL,
	`role` enum('owner','partner','helper','stall') NOT NULL,
	`hand_id` varchar(36),
	`account_id` varchar(36),
	`for_name` varchar(80) NOT NULL,
	`created_at` datetime(3) NOT NULL DEFAULT (utc_timestamp(3)),
	`ends_at` datetime(3) NOT NULL,
	`used_at` datetime(3),
	`revoked_at` datetime(3),
	CONSTRAINT `invitation_id` PRIMARY KEY(`id`),
	CONSTRAINT `invitation_token` UNIQUE(`token_hash`)
);
--> statement-breakpoint
CREATE TABLE `member` (
	`workshop_id` varchar(36) NOT NULL,
	`account_id` varchar(36) NOT NULL,
	`role` enum('owner','partner','helper','stall') NOT NULL,
	`hand_id` varchar(36),
	`created_at` datetime(3) NOT NULL DEFAULT (utc_timestamp(3)),
	CONSTRAINT `member_workshop_id_account_id_pk` PRIMARY KEY(`workshop_id`,`account_id`)
);
--> statement-breakpoint
CREATE TABLE `recovery_code` (
	`account_id` varchar(36) NOT NULL,
	`code_hash` varchar(64) NOT NULL,
	`used_at` datetime(3),
	CONSTRAINT `recovery_code_account_id_code_hash_pk` PRIMARY KEY(`account_id`,`code_hash`)
);
--> statement-breakpoint
CREATE TABLE `session` (
	`token_hash` varchar(64) NOT NULL,
	`account_id` varchar(36) NOT NULL,
	`workshop_id` varchar(36),
	`device` varchar(80) NOT NULL,
	`created_at` datetime(3) NOT NULL DEFAULT (utc_timestamp(3)),
	`seen_at` datetime(3) NOT NULL,
	`idle_seconds` int NOT NULL,
	`ends_at` datetime(3) NOT NULL,
	CONSTRAINT `session_token_hash` PRIMARY KEY(`token_hash`)
);
--> statement-breakpoint
CREATE TABLE `trail` (
	`workshop_id` varchar(36) NOT NULL,
	`seq` int NOT NULL,
	`at` datetime(3) NOT NULL,
	`account_id` varchar(36),
	`who` varchar(80) NOT NULL,
	`what` varchar(80) NOT NULL,
	`subject` varchar(80) NOT NULL,
	`detail` json NOT NULL,
	`hash` varchar(64) NOT NULL,
	CONSTRAINT `trail_workshop_id_seq_pk` PRIMARY KEY(`workshop_id`,`seq`)
);
--> statement-breakpoint
CREATE TABLE `trail_head` (
	`workshop_id` varchar(36) NOT NULL,
	`seq` int NOT NULL,
	`hash` varchar(64) NOT NULL,
	CONSTRAINT `trail_head_workshop_id` PRIMARY KEY(`workshop_id`)
);
--> statement-breakpoint
CREATE TABLE `try_count` (
	`key` varchar(255) NOT NULL,
	`points` int NOT NULL DEFAULT 0,
	`expire` bigint unsigned,
	CONSTRAINT `try_count_key` PRIMARY KEY(`key`)
);
--> statement-breakpoint
ALTER TABLE `invitation` ADD CONSTRAINT `invitation_workshop_id_workshop_id_fk` FOREIGN KEY (`workshop_id`) REFERENCES `workshop`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `member` ADD CONSTRAINT `member_workshop_id_workshop_id_fk` FOREIGN KEY (`workshop_id`) REFERENCES `workshop`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `member` ADD CONSTRAINT `member_account_id_account_id_fk` FOREIGN KEY (`account_id`) REFERENCES `account`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `recovery_code` ADD CONSTRAINT `recovery_code_account_id_account_id_fk` FOREIGN KEY (`account_id`) REFERENCES `account`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `session` ADD CONSTRAINT `session_account_id_account_id_fk` FOREIGN KEY (`account_id`) REFERENCES `account`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `trail` ADD CONSTRAINT `trail_workshop_id_workshop_id_fk` FOREIGN KEY (`workshop_id`) REFERENCES `workshop`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `trail_head` ADD CONSTRAINT `trail_head_workshop_id_workshop_id_fk` FOREIGN KEY (`workshop_id`) REFERENCES `workshop`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `invitation_workshop` ON `invitation` (`workshop_id`);--> statement-breakpoint
CREATE INDEX `member_account` ON `member` (`account_id`);--> statement-breakpoint
CREATE INDEX `session_account` ON `session` (`account_id`);--> statement-breakpoint
CREATE INDEX `session_end` ON `session` (`ends_at`);--> statement-breakpoint
CREATE INDEX `trail_at` ON `trail` (`workshop_id`,`at`);--> statement-breakpoint
CREATE INDEX `trail_subject` ON `trail` (`workshop_id`,`subject`);