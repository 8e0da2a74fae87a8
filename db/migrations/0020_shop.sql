CREATE TABLE `shop` (
	`workshop_id` varchar(36) NOT NULL,
	`channel_id` varchar(36) NOT NULL,
	`place_id` varchar(36) NOT NULL DEFAULT '',
	`open` boolean NOT NULL DEFAULT true,
	`cursor` varchar(120) NOT NULL DEFAULT '',
	`answered_at` datetime(3),
	`trouble` enum('away','refused','unsigned','unreadable'),
	`trouble_since` datetime(3),
	`misses` int NOT NULL DEFAULT 0,
	`next_at` datetime(3),
	`busy_until` datetime(3),
	`version` int NOT NULL DEFAULT 0,
	CONSTRAINT `shop_workshop_id` PRIMARY KEY(`workshop_id`)
);
--> statement-breakpoint
CREATE TABLE `shop_order` (
	`id` varchar(36) NOT NULL,
	`workshop_id` varchar(36) NOT NULL,
	`number` varchar(40) NOT NULL,
	`seq` int NOT NULL,
	`state` enum('placed','packed','sent','off','back') NOT NULL DEFAULT 'placed',
	`cancelled` boolean NOT NULL DEFAULT false,
	`placed_at` datetime(3) NOT NULL,
	`customer` varchar(80) NOT NULL DEFAULT '',
	`address` varchar(300) NOT NULL DEFAULT '',
	`wishes` varchar(500) NOT NULL DEFAULT '',
	`currency` varchar(3) NOT NULL,
	`postage` int NOT NULL,
	`total` int NOT NULL,
	`tell` enum('sent','off'),
	`ended_at` datetime(3),
	`forgotten_at` datetime(3),
	`version` int NOT NULL DEFAULT 0,
	`created_at` datetime(3) NOT NULL DEFAULT (utc_timestamp(3)),
	CONSTRAINT `shop_order_id` PRIMARY KEY(`id`),
	CONSTRAINT `shop_order_number` UNIQUE(`workshop_id`,`number`)
);
--> statement-breakpoint
CREATE TABLE `shop_order_line` (
	`workshop_id` varchar(36) NOT NULL,
	`order_id` varchar(36) NOT NULL,
	`position` int NOT NULL,
	`sku` varchar(24) NOT NULL,
	`item_id` varchar(36),
	`colourway_id` varchar(36) NOT NULL DEFAULT '',
	`quantity` int NOT NULL,
	`unit_price` int NOT NULL,
	CONSTRAINT `shop_order_line_order_id_position_pk` PRIMARY KEY(`order_id`,`position`)
);
--> statement-breakpoint
CREATE TABLE `shop_product` (
	`workshop_id` varchar(36) NOT NULL,
	`sku` varchar(24) NOT NULL,
	`item_id` varchar(36) NOT NULL,
	`colourway_id` varchar(36) NOT NULL DEFAULT '',
	`offered` boolean NOT NULL DEFAULT true,
	`keep_back` int NOT NULL DEFAULT 0,
	`told` int,
	CONSTRAINT `shop_product_workshop_id_sku_pk` PRIMARY KEY(`workshop_id`,`sku`),
	CONSTRAINT `shop_product_of` UNIQUE(`workshop_id`,`item_id`,`colourway_id`)
);
--> statement-breakpoint
ALTER TABLE `shop` ADD CONSTRAINT `shop_workshop_id_workshop_id_fk` FOREIGN KEY (`workshop_id`) REFERENCES `workshop`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `shop_order` ADD CONSTRAINT `shop_order_workshop_id_workshop_id_fk` FOREIGN KEY (`workshop_id`) REFERENCES `workshop`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `shop_order_line` ADD CONSTRAINT `shop_order_line_workshop_id_workshop_id_fk` FOREIGN KEY (`workshop_id`) REFERENCES `workshop`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `shop_order_line` ADD CONSTRAINT `shop_order_line_order_id_shop_order_id_fk` FOREIGN KEY (`order_id`) REFERENCES `shop_order`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `shop_product` ADD CONSTRAINT `shop_product_workshop_id_workshop_id_fk` FOREIGN KEY (`workshop_id`) REFERENCES `workshop`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `shop_order_state` ON `shop_order` (`workshop_id`,`state`,`placed_at`);--> statement-breakpoint
CREATE INDEX `shop_line_of` ON `shop_order_line` (`workshop_id`,`item_id`);