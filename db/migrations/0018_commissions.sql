CREATE TABLE `commission` (
	`id` varchar(36) NOT NULL,
	`workshop_id` varchar(36) NOT NULL,
	`number` int NOT NULL,
	`state` enum('asked','agreed','making','ready','handed','off') NOT NULL DEFAULT 'asked',
	`customer` varchar(80) NOT NULL,
	`reach` varchar(160) NOT NULL DEFAULT '',
	`item_id` varchar(36) NOT NULL,
	`colourway_id` varchar(36) NOT NULL DEFAULT '',
	`wishes` varchar(500) NOT NULL DEFAULT '',
	`quantity` int NOT NULL,
	`channel_id` varchar(36) NOT NULL,
	`price` int NOT NULL,
	`deposit_asked` int NOT NULL DEFAULT 0,
	`deposit_paid` int NOT NULL DEFAULT 0,
	`deposit_on` date,
	`due_on` date NOT NULL,
	`run_id` varchar(36),
	`sale_key` varchar(80),
	`handed_on` date,
	`ended_at` datetime(3),
	`forgotten_at` datetime(3),
	`version` int NOT NULL DEFAULT 0,
	`created_at` datetime(3) NOT NULL DEFAULT (utc_timestamp(3)),
	`deleted_at` datetime(3),
	CONSTRAINT `commission_id` PRIMARY KEY(`id`),
	CONSTRAINT `commission_number` UNIQUE(`workshop_id`,`number`)
);
--> statement-breakpoint
ALTER TABLE `commission` ADD CONSTRAINT `commission_workshop_id_workshop_id_fk` FOREIGN KEY (`workshop_id`) REFERENCES `workshop`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `commission_due` ON `commission` (`workshop_id`,`state`,`due_on`);