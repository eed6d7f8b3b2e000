PRAGMA foreign_keys=OFF;
BEGIN TRANSACTION;
CREATE TABLE IF NOT EXISTS "__drizzle_migrations" (
			id SERIAL PRIMARY KEY,
			hash text NOT NULL,
			created_at numeric
		);
INSERT INTO __drizzle_migrations VALUES(NULL,'c897bb327db9c4211b9aa71d46d24ebfa6b3f6c609be6a535eb182a6db792c9c',1795568511783);
INSERT INTO __drizzle_migrations VALUES(NULL,'21d799833c62ba5e8dea49e2ece4e13789a1247d0936c491094b29a07dfe021e',1795570731260);
INSERT INTO __drizzle_migrations VALUES(NULL,'c412ede3efbd4d522d50ff4f0f2fd0b33252561de496f4cecf357a10f15e14b9',1795578615990);
INSERT INTO __drizzle_migrations VALUES(NULL,'05c2c4599b437cb58b7e5f77d2f8decb53473d20532be79a10be08df6aea933d',1795582231363);
INSERT INTO __drizzle_migrations VALUES(NULL,'3d300080970b47296afb8e46ba45d2e9ad258b9f3cfe671c8c08e3825ed2e85c',1795594030698);
INSERT INTO __drizzle_migrations VALUES(NULL,'d756f7057b4380891cee0b570fb5e37d169c341ec0dd77f9ce0c9673c57fe90f',1795594105716);
INSERT INTO __drizzle_migrations VALUES(NULL,'8c04987acc515795692296027c5eec6c27c599e4b032421c615fde60d45e87ce',1795643538797);
INSERT INTO __drizzle_migrations VALUES(NULL,'c11a4dbd435eb1f4903deafd09f3c26102372807bbf30358d64bada028b89495',1795650403901);
CREATE TABLE `cases` (
	`id` text PRIMARY KEY NOT NULL,
	`title` text NOT NULL,
	`document` text NOT NULL,
	`revision` integer DEFAULT 1 NOT NULL,
	`created_at` text NOT NULL,
	`updated_at` text NOT NULL
, `deleted_at` text);
INSERT INTO cases VALUES('demo-bakery-oven','Bakery oven on a lease','{"schemaVersion":2,"draft":{"kind":"lease","unknown":"payment","slots":{"amount":"18,500","rate":"8.4","payments":"36","payment":"","finalAmount":"3,700","converted":""},"quote":{"kind":"nominal","compounding":12,"daysPerYear":365,"daysPerPeriod":30},"paymentsPerYear":12,"timing":"begin","flatBy":"a-year","into":{"kind":"effective","compounding":12,"daysPerYear":365,"daysPerPeriod":30},"changes":[],"firstPaymentDate":"","numberStyle":"comma-point"},"variations":[],"together":[],"tags":["lease"],"rules":"demo-bm210"}',1,'2026-11-26T01:32:26.084Z','2026-11-26T01:32:26.084Z',NULL);
CREATE TABLE `classes` (
	`id` text PRIMARY KEY NOT NULL,
	`code` text NOT NULL,
	`title` text NOT NULL,
	`college` text NOT NULL,
	`rules` text NOT NULL,
	`revision` integer DEFAULT 1 NOT NULL,
	`created_at` text NOT NULL,
	`updated_at` text NOT NULL
, `term` text DEFAULT '' NOT NULL, `deleted_at` text);
INSERT INTO classes VALUES('e7c6d3e7-e31d-44cf-92f9-ae266b50ed53','OLD 1','An older class','Kestrel Bay College','{"schemaVersion":1,"rules":{"currency":"","numberStyle":"comma-point","decimals":2,"rounding":{"payment":"cent","interest":"cent","last":"clears"},"usual":{"timing":"end","paymentsPerYear":12},"earlier":"rounded","entering":"annual-rate","tolerance":{"money":0.01,"percent":0.005,"count":0},"sign":"counts","credit":{"rightRounded":1,"carried":1,"slip":0.5,"sign":0.75,"byFamily":{},"bySlip":{}},"specific":{"mostFitting":6,"mostByChance":0.5}}}',3,'2026-11-26T01:32:39.397Z','2026-11-26T01:33:18.646Z','',NULL);
CREATE TABLE `exercises` (
	`id` text PRIMARY KEY NOT NULL,
	`title` text NOT NULL,
	`document` text NOT NULL,
	`revision` integer DEFAULT 1 NOT NULL,
	`created_at` text NOT NULL,
	`updated_at` text NOT NULL
, `deleted_at` text, `archived_at` text);
INSERT INTO exercises VALUES('starter-9','Payment 7 of the sail loft loan','{"schemaVersion":2,"exercise":{"title":"Payment 7 of the sail loft loan","topic":"stretch","givens":[{"name":"amount","kind":"money","now":"9,600","vary":{"by":"range","from":"7,600","to":"11,600","step":"200"}},{"name":"rate","kind":"rate","now":"7.5","vary":{"by":"range","from":"6","to":"9","step":"0.3"}},{"name":"months","kind":"count","now":"36","vary":{"by":"list","values":"24; 36; 48"}}],"parts":[{"id":"a","prompt":"Find the monthly payment.","marks":2,"ask":{"quantity":"payment","plan":"plan"},"format":{"kind":"money","decimals":2}},{"id":"b","prompt":"How much of payment 7 is interest?","marks":2,"ask":{"quantity":"interest-in","plan":"plan","args":{"from":"7","to":"7"}},"format":{"kind":"money","decimals":2}},{"id":"c","prompt":"How much of payment 7 is principal?","marks":2,"ask":{"quantity":"principal-in","plan":"plan","args":{"from":"7","to":"7"}},"format":{"kind":"money","decimals":2}}],"level":"first","story":{"type":"doc","content":[{"type":"paragraph","content":[{"type":"text","text":"The sail loft repays "},{"type":"given","attrs":{"name":"amount"}},{"type":"text","text":" at "},{"type":"given","attrs":{"name":"rate"}},{"type":"text","text":" a year, compounded monthly, in "},{"type":"given","attrs":{"name":"months"}},{"type":"text","text":" equal payments at the end of each month."}]}]},"plans":[{"id":"plan","draft":{"kind":"borrow","unknown":"payment","slots":{"amount":"amount","rate":"rate","payments":"months","payment":"","finalAmount":"0","converted":""},"quote":{"kind":"nominal","compounding":12,"daysPerYear":365,"daysPerPeriod":30},"paymentsPerYear":12,"timing":"end","flatBy":"a-year","into":{"kind":"effective","compounding":12,"daysPerYear":365,"daysPerPeriod":30},"changes":[],"firstPaymentDate":"","numberStyle":"comma-point"}}]}}',1,'2026-11-26T01:32:26.110Z','2026-11-26T01:32:26.110Z',NULL,NULL);
INSERT INTO exercises VALUES('starter-14','Oyster rafts with a trade-in','{"schemaVersion":2,"exercise":{"title":"Oyster rafts with a trade-in","topic":"deposit and trade-in","givens":[{"name":"price","kind":"money","now":"31,500","vary":{"by":"range","from":"27,000","to":"36,000","step":"500"}},{"name":"down","kind":"rate","now":"10","vary":{"by":"list","values":"10; 15; 20"}},{"name":"old rafts","kind":"money","now":"4,200","vary":{"by":"range","from":"3,000","to":"5,400","step":"200"}},{"name":"rate","kind":"rate","now":"7.2","vary":{"by":"range","from":"6","to":"8.4","step":"0.2"}},{"name":"years","kind":"years","now":"4","vary":{"by":"list","values":"3; 4; 5"}}],"parts":[{"id":"a","prompt":"How much is paid down?","marks":1,"ask":{"quantity":"down-payment","plan":"plan"},"format":{"kind":"money","decimals":2}},{"id":"b","prompt":"How much is financed?","marks":1,"ask":{"quantity":"amount-financed","plan":"plan"},"format":{"kind":"money","decimals":2}},{"id":"c","prompt":"Find the monthly payment.","marks":2,"ask":{"quantity":"payment","plan":"plan"},"format":{"kind":"money","decimals":2}},{"id":"d","prompt":"What do the rafts cost in all, with what was paid down and the trade-in?","marks":2,"ask":{"quantity":"total-price","plan":"plan"},"format":{"kind":"money","decimals":2}}],"level":"second","story":{"type":"doc","content":[{"type":"paragraph","content":[{"type":"text","text":"New oyster rafts cost "},{"type":"given","attrs":{"name":"price"}},{"type":"text","text":". The growers pay "},{"type":"given","attrs":{"name":"down"}},{"type":"text","text":" down, trade their old rafts in for "},{"type":"given","attrs":{"name":"old rafts"}},{"type":"text","text":", and finance the rest at "},{"type":"given","attrs":{"name":"rate"}},{"type":"text","text":" a year, compounded monthly, over "},{"type":"given","attrs":{"name":"years"}},{"type":"text","text":" years."}]}]},"plans":[{"id":"plan","draft":{"kind":"borrow","unknown":"payment","slots":{"amount":"","rate":"rate","payments":"years × 12","payment":"","finalAmount":"0","converted":""},"quote":{"kind":"nominal","compounding":12,"daysPerYear":365,"daysPerPeriod":30},"paymentsPerYear":12,"timing":"end","flatBy":"a-year","into":{"kind":"effective","compounding":12,"daysPerYear":365,"daysPerPeriod":30},"changes":[],"firstPaymentDate":"","numberStyle":"comma-point","buildUp":{"price":"price","downPayment":"down","tradeIn":"old rafts","feesAdded":"","feesTaken":""}}}]}}',1,'2026-11-26T01:32:26.116Z','2026-11-26T01:32:26.116Z',NULL,'2026-11-26T01:33:18.694Z');
INSERT INTO exercises VALUES('starter-23','The ferry refit, with a rate review','{"schemaVersion":2,"exercise":{"title":"The ferry refit, with a rate review","topic":"changing rates","givens":[{"name":"amount","kind":"money","now":"26,800","vary":{"by":"range","from":"22,000","to":"32,000","step":"200"}},{"name":"rate","kind":"rate","now":"5.7","vary":{"by":"range","from":"4.8","to":"6.6","step":"0.1"}},{"name":"years","kind":"years","now":"4","vary":{"by":"list","values":"4; 5; 6"}},{"name":"new rate","kind":"rate","now":"7.2","vary":{"by":"expression","text":"rate + 1.5"}}],"parts":[{"id":"a","prompt":"Find the monthly payment.","marks":2,"ask":{"quantity":"payment","plan":"plan"},"format":{"kind":"money","decimals":2}},{"id":"b","prompt":"How much is owed after 18 payments?","marks":3,"ask":{"quantity":"balance-after","plan":"plan","args":{"after":"18"}},"format":{"kind":"money","decimals":2},"readings":[{"id":"left","says":"What is left to pay, interest still to come included.","ask":{"quantity":"left-to-pay","plan":"plan","args":{"after":"18"}},"credit":0.3333}]},{"id":"c","prompt":"Find the new monthly payment.","marks":3,"ask":{"quantity":"payment","plan":"after"},"format":{"kind":"money","decimals":2}},{"id":"d","prompt":"How much more is paid because of the change?","marks":2,"ask":{"quantity":"expression","text":"(years × 12 − 18) × (answer c − answer a)"},"format":{"kind":"money","decimals":2}}],"level":"third","story":{"type":"doc","content":[{"type":"paragraph","content":[{"type":"text","text":"The island ferry needs a refit. The co-op borrows "},{"type":"given","attrs":{"name":"amount"}},{"type":"text","text":" for "},{"type":"given","attrs":{"name":"years"}},{"type":"text","text":" years at "},{"type":"given","attrs":{"name":"rate"}},{"type":"text","text":" a year, compounded monthly, and repays it monthly. After 18 payments the lender raises the rate to "},{"type":"given","attrs":{"name":"new rate"}},{"type":"text","text":"."}]}]},"plans":[{"id":"plan","name":"before the review","draft":{"kind":"borrow","unknown":"payment","slots":{"amount":"amount","rate":"rate","payments":"years × 12","payment":"","finalAmount":"0","converted":""},"quote":{"kind":"nominal","compounding":12,"daysPerYear":365,"daysPerPeriod":30},"paymentsPerYear":12,"timing":"end","flatBy":"a-year","into":{"kind":"effective","compounding":12,"daysPerYear":365,"daysPerPeriod":30},"changes":[],"firstPaymentDate":"","numberStyle":"comma-point"}},{"id":"after","name":"after the review","draft":{"kind":"borrow","unknown":"payment","slots":{"amount":"answer b","rate":"new rate","payments":"years × 12 − 18","payment":"","finalAmount":"0","converted":""},"quote":{"kind":"nominal","compounding":12,"daysPerYear":365,"daysPerPeriod":30},"paymentsPerYear":12,"timing":"end","flatBy":"a-year","into":{"kind":"effective","compounding":12,"daysPerYear":365,"daysPerPeriod":30},"changes":[],"firstPaymentDate":"","numberStyle":"comma-point"}}]}}',1,'2026-11-26T01:32:26.129Z','2026-11-26T01:32:26.129Z',NULL,NULL);
CREATE TABLE `students` (
	`id` text PRIMARY KEY NOT NULL,
	`class_id` text NOT NULL,
	`name` text NOT NULL,
	`number` text NOT NULL, `withdrawn_at` text,
	FOREIGN KEY (`class_id`) REFERENCES `classes`(`id`) ON UPDATE no action ON DELETE cascade
);
INSERT INTO students VALUES('8558cb3a-2b2b-416e-8dfd-946ec214a437','e7c6d3e7-e31d-44cf-92f9-ae266b50ed53','Oona Kamau','K-1',NULL);
INSERT INTO students VALUES('fe025fee-39fe-468a-b6bb-846f5d9d83f8','e7c6d3e7-e31d-44cf-92f9-ae266b50ed53','Tariq Bakken','K-2',NULL);
INSERT INTO students VALUES('8a250ba3-9564-4953-9dc8-0b24e2f31d6c','e7c6d3e7-e31d-44cf-92f9-ae266b50ed53','Maren Oyelaran','K-3','2026-11-26T01:33:18.647Z');
CREATE TABLE `default_rules` (
	`id` text PRIMARY KEY NOT NULL,
	`rules` text NOT NULL,
	`revision` integer DEFAULT 1 NOT NULL,
	`updated_at` text NOT NULL
);
CREATE TABLE `entering_styles` (
	`id` text PRIMARY KEY NOT NULL,
	`title` text NOT NULL,
	`document` text NOT NULL,
	`revision` integer DEFAULT 1 NOT NULL,
	`created_at` text NOT NULL,
	`updated_at` text NOT NULL,
	`deleted_at` text
);
INSERT INTO entering_styles VALUES('aeb11fe4-d9ac-4d0b-9546-561466671f01','Our own moving style','{"schemaVersion":1,"style":{"name":"Our own moving style","rate":"percent-a-payment","setsFrequencies":false,"signs":"cash-flow","count":"payments","solvedCount":"rounded-up","decimals":2,"stretch":"moves-on","labels":{"n":"N","rate":"rate per payment","pv":"PV","pmt":"PMT","fv":"FV","paymentsPerYear":"payments a year","compoundingsPerYear":"compoundings a year","timing":"payments fall at the","end":"end","begin":"beginning"}}}',1,'2026-11-26T01:33:18.671Z','2026-11-26T01:33:18.671Z',NULL);
CREATE TABLE `exercise_revisions` (
	`id` text PRIMARY KEY NOT NULL,
	`exercise_id` text NOT NULL,
	`revision` integer NOT NULL,
	`document` text NOT NULL,
	`at` text NOT NULL,
	FOREIGN KEY (`exercise_id`) REFERENCES `exercises`(`id`) ON UPDATE no action ON DELETE cascade
);
INSERT INTO exercise_revisions VALUES('f8c2200c-325c-4269-9324-4a07d80d2a4b','starter-9',1,'{"schemaVersion":2,"exercise":{"title":"Payment 7 of the sail loft loan","topic":"stretch","givens":[{"name":"amount","kind":"money","now":"9,600","vary":{"by":"range","from":"7,600","to":"11,600","step":"200"}},{"name":"rate","kind":"rate","now":"7.5","vary":{"by":"range","from":"6","to":"9","step":"0.3"}},{"name":"months","kind":"count","now":"36","vary":{"by":"list","values":"24; 36; 48"}}],"parts":[{"id":"a","prompt":"Find the monthly payment.","marks":2,"ask":{"quantity":"payment","plan":"plan"},"format":{"kind":"money","decimals":2}},{"id":"b","prompt":"How much of payment 7 is interest?","marks":2,"ask":{"quantity":"interest-in","plan":"plan","args":{"from":"7","to":"7"}},"format":{"kind":"money","decimals":2}},{"id":"c","prompt":"How much of payment 7 is principal?","marks":2,"ask":{"quantity":"principal-in","plan":"plan","args":{"from":"7","to":"7"}},"format":{"kind":"money","decimals":2}}],"level":"first","story":{"type":"doc","content":[{"type":"paragraph","content":[{"type":"text","text":"The sail loft repays "},{"type":"given","attrs":{"name":"amount"}},{"type":"text","text":" at "},{"type":"given","attrs":{"name":"rate"}},{"type":"text","text":" a year, compounded monthly, in "},{"type":"given","attrs":{"name":"months"}},{"type":"text","text":" equal payments at the end of each month."}]}]},"plans":[{"id":"plan","draft":{"kind":"borrow","unknown":"payment","slots":{"amount":"amount","rate":"rate","payments":"months","payment":"","finalAmount":"0","converted":""},"quote":{"kind":"nominal","compounding":12,"daysPerYear":365,"daysPerPeriod":30},"paymentsPerYear":12,"timing":"end","flatBy":"a-year","into":{"kind":"effective","compounding":12,"daysPerYear":365,"daysPerPeriod":30},"changes":[],"firstPaymentDate":"","numberStyle":"comma-point"}}]}}','2026-11-26T01:32:26.111Z');
INSERT INTO exercise_revisions VALUES('c93f3cea-c3b7-421e-9161-fd8f813f582f','starter-14',1,'{"schemaVersion":2,"exercise":{"title":"Oyster rafts with a trade-in","topic":"deposit and trade-in","givens":[{"name":"price","kind":"money","now":"31,500","vary":{"by":"range","from":"27,000","to":"36,000","step":"500"}},{"name":"down","kind":"rate","now":"10","vary":{"by":"list","values":"10; 15; 20"}},{"name":"old rafts","kind":"money","now":"4,200","vary":{"by":"range","from":"3,000","to":"5,400","step":"200"}},{"name":"rate","kind":"rate","now":"7.2","vary":{"by":"range","from":"6","to":"8.4","step":"0.2"}},{"name":"years","kind":"years","now":"4","vary":{"by":"list","values":"3; 4; 5"}}],"parts":[{"id":"a","prompt":"How much is paid down?","marks":1,"ask":{"quantity":"down-payment","plan":"plan"},"format":{"kind":"money","decimals":2}},{"id":"b","prompt":"How much is financed?","marks":1,"ask":{"quantity":"amount-financed","plan":"plan"},"format":{"kind":"money","decimals":2}},{"id":"c","prompt":"Find the monthly payment.","marks":2,"ask":{"quantity":"payment","plan":"plan"},"format":{"kind":"money","decimals":2}},{"id":"d","prompt":"What do the rafts cost in all, with what was paid down and the trade-in?","marks":2,"ask":{"quantity":"total-price","plan":"plan"},"format":{"kind":"money","decimals":2}}],"level":"second","story":{"type":"doc","content":[{"type":"paragraph","content":[{"type":"text","text":"New oyster rafts cost "},{"type":"given","attrs":{"name":"price"}},{"type":"text","text":". The growers pay "},{"type":"given","attrs":{"name":"down"}},{"type":"text","text":" down, trade their old rafts in for "},{"type":"given","attrs":{"name":"old rafts"}},{"type":"text","text":", and finance the rest at "},{"type":"given","attrs":{"name":"rate"}},{"type":"text","text":" a year, compounded monthly, over "},{"type":"given","attrs":{"name":"years"}},{"type":"text","text":" years."}]}]},"plans":[{"id":"plan","draft":{"kind":"borrow","unknown":"payment","slots":{"amount":"","rate":"rate","payments":"years × 12","payment":"","finalAmount":"0","converted":""},"quote":{"kind":"nominal","compounding":12,"daysPerYear":365,"daysPerPeriod":30},"paymentsPerYear":12,"timing":"end","flatBy":"a-year","into":{"kind":"effective","compounding":12,"daysPerYear":365,"daysPerPeriod":30},"changes":[],"firstPaymentDate":"","numberStyle":"comma-point","buildUp":{"price":"price","downPayment":"down","tradeIn":"old rafts","feesAdded":"","feesTaken":""}}}]}}','2026-11-26T01:32:26.117Z');
INSERT INTO exercise_revisions VALUES('e08b9d69-6bdf-4af6-a018-29ac7360102b','starter-23',1,'{"schemaVersion":2,"exercise":{"title":"The ferry refit, with a rate review","topic":"changing rates","givens":[{"name":"amount","kind":"money","now":"26,800","vary":{"by":"range","from":"22,000","to":"32,000","step":"200"}},{"name":"rate","kind":"rate","now":"5.7","vary":{"by":"range","from":"4.8","to":"6.6","step":"0.1"}},{"name":"years","kind":"years","now":"4","vary":{"by":"list","values":"4; 5; 6"}},{"name":"new rate","kind":"rate","now":"7.2","vary":{"by":"expression","text":"rate + 1.5"}}],"parts":[{"id":"a","prompt":"Find the monthly payment.","marks":2,"ask":{"quantity":"payment","plan":"plan"},"format":{"kind":"money","decimals":2}},{"id":"b","prompt":"How much is owed after 18 payments?","marks":3,"ask":{"quantity":"balance-after","plan":"plan","args":{"after":"18"}},"format":{"kind":"money","decimals":2},"readings":[{"id":"left","says":"What is left to pay, interest still to come included.","ask":{"quantity":"left-to-pay","plan":"plan","args":{"after":"18"}},"credit":0.3333}]},{"id":"c","prompt":"Find the new monthly payment.","marks":3,"ask":{"quantity":"payment","plan":"after"},"format":{"kind":"money","decimals":2}},{"id":"d","prompt":"How much more is paid because of the change?","marks":2,"ask":{"quantity":"expression","text":"(years × 12 − 18) × (answer c − answer a)"},"format":{"kind":"money","decimals":2}}],"level":"third","story":{"type":"doc","content":[{"type":"paragraph","content":[{"type":"text","text":"The island ferry needs a refit. The co-op borrows "},{"type":"given","attrs":{"name":"amount"}},{"type":"text","text":" for "},{"type":"given","attrs":{"name":"years"}},{"type":"text","text":" years at "},{"type":"given","attrs":{"name":"rate"}},{"type":"text","text":" a year, compounded monthly, and repays it monthly. After 18 payments the lender raises the rate to "},{"type":"given","attrs":{"name":"new rate"}},{"type":"text","text":"."}]}]},"plans":[{"id":"plan","name":"before the review","draft":{"kind":"borrow","unknown":"payment","slots":{"amount":"amount","rate":"rate","payments":"years × 12","payment":"","finalAmount":"0","converted":""},"quote":{"kind":"nominal","compounding":12,"daysPerYear":365,"daysPerPeriod":30},"paymentsPerYear":12,"timing":"end","flatBy":"a-year","into":{"kind":"effective","compounding":12,"daysPerYear":365,"daysPerPeriod":30},"changes":[],"firstPaymentDate":"","numberStyle":"comma-point"}},{"id":"after","name":"after the review","draft":{"kind":"borrow","unknown":"payment","slots":{"amount":"answer b","rate":"new rate","payments":"years × 12 − 18","payment":"","finalAmount":"0","converted":""},"quote":{"kind":"nominal","compounding":12,"daysPerYear":365,"daysPerPeriod":30},"paymentsPerYear":12,"timing":"end","flatBy":"a-year","into":{"kind":"effective","compounding":12,"daysPerYear":365,"daysPerPeriod":30},"changes":[],"firstPaymentDate":"","numberStyle":"comma-point"}}]}}','2026-11-26T01:32:26.130Z');
CREATE TABLE `accepted_readings` (
	`id` text PRIMARY KEY NOT NULL,
	`set_id` text NOT NULL,
	`document` text NOT NULL,
	`updated_at` text NOT NULL,
	FOREIGN KEY (`set_id`) REFERENCES `sets`(`id`) ON UPDATE no action ON DELETE cascade
);
INSERT INTO accepted_readings VALUES('5c90668a-cebc-4161-a144-0b637cf662cf','3a2346a2-caae-4344-af6d-46e7c4c12957','{"itemId":"e1","partId":"a","match":{"value":77},"says":"Another reading.","credit":1}','2026-11-26T01:33:18.433Z');
CREATE TABLE `column_matchings` (
	`id` text PRIMARY KEY NOT NULL,
	`document` text NOT NULL,
	`updated_at` text NOT NULL
);
CREATE TABLE `decisions` (
	`id` text PRIMARY KEY NOT NULL,
	`set_id` text NOT NULL,
	`student_id` text NOT NULL,
	`item_id` text NOT NULL,
	`part_id` text NOT NULL,
	`credit` real,
	`comment` text NOT NULL,
	`updated_at` text NOT NULL,
	FOREIGN KEY (`set_id`) REFERENCES `sets`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`student_id`) REFERENCES `students`(`id`) ON UPDATE no action ON DELETE cascade
);
INSERT INTO decisions VALUES('d02e2b74-02a8-4c3d-b469-d5a99b12bfc5','3a2346a2-caae-4344-af6d-46e7c4c12957','fe025fee-39fe-468a-b6bb-846f5d9d83f8','e1','a',0.5,'Come and see me.','2026-11-26T01:33:18.432Z');
CREATE TABLE `kept_rows` (
	`id` text PRIMARY KEY NOT NULL,
	`set_id` text NOT NULL,
	`document` text NOT NULL,
	`updated_at` text NOT NULL, `done_at` text,
	FOREIGN KEY (`set_id`) REFERENCES `sets`(`id`) ON UPDATE no action ON DELETE cascade
);
INSERT INTO kept_rows VALUES('f6efe010-1d32-4873-b646-3de687bedbab','3a2346a2-caae-4344-af6d-46e7c4c12957','{"place":1,"source":"late.csv","student":"Somebody Else","entries":{"e1":{"a":"5"}},"why":"Nobody in the class is called “Somebody Else” or has that number."}','2026-11-26T01:33:18.378Z',NULL);
CREATE TABLE `set_copies` (
	`id` text PRIMARY KEY NOT NULL,
	`set_id` text NOT NULL,
	`item_id` text NOT NULL,
	`exercise_id` text NOT NULL,
	`document` text NOT NULL,
	`exercise_revision` integer NOT NULL,
	`kept_against` integer, `removed_at` text,
	FOREIGN KEY (`set_id`) REFERENCES `sets`(`id`) ON UPDATE no action ON DELETE cascade
);
INSERT INTO set_copies VALUES('157898fa-e23c-4223-8826-fa9f2db6e831','3a2346a2-caae-4344-af6d-46e7c4c12957','e1','starter-23','{"schemaVersion":2,"exercise":{"title":"The ferry refit, with a rate review","topic":"changing rates","level":"third","story":{"type":"doc","content":[{"type":"paragraph","content":[{"type":"text","text":"The island ferry needs a refit. The co-op borrows "},{"type":"given","attrs":{"name":"amount"}},{"type":"text","text":" for "},{"type":"given","attrs":{"name":"years"}},{"type":"text","text":" years at "},{"type":"given","attrs":{"name":"rate"}},{"type":"text","text":" a year, compounded monthly, and repays it monthly. After 18 payments the lender raises the rate to "},{"type":"given","attrs":{"name":"new rate"}},{"type":"text","text":"."}]}]},"givens":[{"name":"amount","kind":"money","now":"26,800","vary":{"by":"range","from":"22,000","to":"32,000","step":"200"}},{"name":"rate","kind":"rate","now":"5.7","vary":{"by":"range","from":"4.8","to":"6.6","step":"0.1"}},{"name":"years","kind":"years","now":"4","vary":{"by":"list","values":"4; 5; 6"}},{"name":"new rate","kind":"rate","now":"7.2","vary":{"by":"expression","text":"rate + 1.5"}}],"plans":[{"id":"plan","name":"before the review","draft":{"kind":"borrow","unknown":"payment","slots":{"amount":"amount","rate":"rate","payments":"years × 12","payment":"","finalAmount":"0","converted":""},"quote":{"kind":"nominal","compounding":12,"daysPerYear":365,"daysPerPeriod":30},"paymentsPerYear":12,"timing":"end","flatBy":"a-year","into":{"kind":"effective","compounding":12,"daysPerYear":365,"daysPerPeriod":30},"changes":[],"firstPaymentDate":"","numberStyle":"comma-point"}},{"id":"after","name":"after the review","draft":{"kind":"borrow","unknown":"payment","slots":{"amount":"answer b","rate":"new rate","payments":"years × 12 − 18","payment":"","finalAmount":"0","converted":""},"quote":{"kind":"nominal","compounding":12,"daysPerYear":365,"daysPerPeriod":30},"paymentsPerYear":12,"timing":"end","flatBy":"a-year","into":{"kind":"effective","compounding":12,"daysPerYear":365,"daysPerPeriod":30},"changes":[],"firstPaymentDate":"","numberStyle":"comma-point"}}],"parts":[{"id":"a","prompt":"Find the monthly payment.","marks":2,"ask":{"quantity":"payment","plan":"plan"},"format":{"kind":"money","decimals":2}},{"id":"b","prompt":"How much is owed after 18 payments?","marks":3,"ask":{"quantity":"balance-after","plan":"plan","args":{"after":"18"}},"format":{"kind":"money","decimals":2},"readings":[{"id":"left","says":"What is left to pay, interest still to come included.","ask":{"quantity":"left-to-pay","plan":"plan","args":{"after":"18"}},"credit":0.3333}]},{"id":"c","prompt":"Find the new monthly payment.","marks":3,"ask":{"quantity":"payment","plan":"after"},"format":{"kind":"money","decimals":2}},{"id":"d","prompt":"How much more is paid because of the change?","marks":2,"ask":{"quantity":"expression","text":"(years × 12 − 18) × (answer c − answer a)"},"format":{"kind":"money","decimals":2}}]}}',1,NULL,NULL);
INSERT INTO set_copies VALUES('99138637-f5d4-4064-901c-5ad152c2a654','3a2346a2-caae-4344-af6d-46e7c4c12957','e2','starter-14','{"schemaVersion":2,"exercise":{"title":"Oyster rafts with a trade-in","topic":"deposit and trade-in","level":"second","story":{"type":"doc","content":[{"type":"paragraph","content":[{"type":"text","text":"New oyster rafts cost "},{"type":"given","attrs":{"name":"price"}},{"type":"text","text":". The growers pay "},{"type":"given","attrs":{"name":"down"}},{"type":"text","text":" down, trade their old rafts in for "},{"type":"given","attrs":{"name":"old rafts"}},{"type":"text","text":", and finance the rest at "},{"type":"given","attrs":{"name":"rate"}},{"type":"text","text":" a year, compounded monthly, over "},{"type":"given","attrs":{"name":"years"}},{"type":"text","text":" years."}]}]},"givens":[{"name":"price","kind":"money","now":"31,500","vary":{"by":"range","from":"27,000","to":"36,000","step":"500"}},{"name":"down","kind":"rate","now":"10","vary":{"by":"list","values":"10; 15; 20"}},{"name":"old rafts","kind":"money","now":"4,200","vary":{"by":"range","from":"3,000","to":"5,400","step":"200"}},{"name":"rate","kind":"rate","now":"7.2","vary":{"by":"range","from":"6","to":"8.4","step":"0.2"}},{"name":"years","kind":"years","now":"4","vary":{"by":"list","values":"3; 4; 5"}}],"plans":[{"id":"plan","draft":{"kind":"borrow","unknown":"payment","slots":{"amount":"","rate":"rate","payments":"years × 12","payment":"","finalAmount":"0","converted":""},"quote":{"kind":"nominal","compounding":12,"daysPerYear":365,"daysPerPeriod":30},"paymentsPerYear":12,"timing":"end","flatBy":"a-year","into":{"kind":"effective","compounding":12,"daysPerYear":365,"daysPerPeriod":30},"changes":[],"buildUp":{"price":"price","downPayment":"down","tradeIn":"old rafts","feesAdded":"","feesTaken":""},"firstPaymentDate":"","numberStyle":"comma-point"}}],"parts":[{"id":"a","prompt":"How much is paid down?","marks":1,"ask":{"quantity":"down-payment","plan":"plan"},"format":{"kind":"money","decimals":2}},{"id":"b","prompt":"How much is financed?","marks":1,"ask":{"quantity":"amount-financed","plan":"plan"},"format":{"kind":"money","decimals":2}},{"id":"c","prompt":"Find the monthly payment.","marks":2,"ask":{"quantity":"payment","plan":"plan"},"format":{"kind":"money","decimals":2}},{"id":"d","prompt":"What do the rafts cost in all, with what was paid down and the trade-in?","marks":2,"ask":{"quantity":"total-price","plan":"plan"},"format":{"kind":"money","decimals":2}}]}}',1,NULL,NULL);
INSERT INTO set_copies VALUES('e2691d97-b273-43e7-b60f-86850f434f46','3a2346a2-caae-4344-af6d-46e7c4c12957','e3','starter-9','{"schemaVersion":2,"exercise":{"title":"Payment 7 of the sail loft loan","topic":"stretch","level":"first","story":{"type":"doc","content":[{"type":"paragraph","content":[{"type":"text","text":"The sail loft repays "},{"type":"given","attrs":{"name":"amount"}},{"type":"text","text":" at "},{"type":"given","attrs":{"name":"rate"}},{"type":"text","text":" a year, compounded monthly, in "},{"type":"given","attrs":{"name":"months"}},{"type":"text","text":" equal payments at the end of each month."}]}]},"givens":[{"name":"amount","kind":"money","now":"9,600","vary":{"by":"range","from":"7,600","to":"11,600","step":"200"}},{"name":"rate","kind":"rate","now":"7.5","vary":{"by":"range","from":"6","to":"9","step":"0.3"}},{"name":"months","kind":"count","now":"36","vary":{"by":"list","values":"24; 36; 48"}}],"plans":[{"id":"plan","draft":{"kind":"borrow","unknown":"payment","slots":{"amount":"amount","rate":"rate","payments":"months","payment":"","finalAmount":"0","converted":""},"quote":{"kind":"nominal","compounding":12,"daysPerYear":365,"daysPerPeriod":30},"paymentsPerYear":12,"timing":"end","flatBy":"a-year","into":{"kind":"effective","compounding":12,"daysPerYear":365,"daysPerPeriod":30},"changes":[],"firstPaymentDate":"","numberStyle":"comma-point"}}],"parts":[{"id":"a","prompt":"Find the monthly payment.","marks":2,"ask":{"quantity":"payment","plan":"plan"},"format":{"kind":"money","decimals":2}},{"id":"b","prompt":"How much of payment 7 is interest?","marks":2,"ask":{"quantity":"interest-in","plan":"plan","args":{"from":"7","to":"7"}},"format":{"kind":"money","decimals":2}},{"id":"c","prompt":"How much of payment 7 is principal?","marks":2,"ask":{"quantity":"principal-in","plan":"plan","args":{"from":"7","to":"7"}},"format":{"kind":"money","decimals":2}}]}}',1,NULL,'2026-11-26T01:33:18.510Z');
CREATE TABLE `set_hand_ins` (
	`id` text PRIMARY KEY NOT NULL,
	`set_id` text NOT NULL,
	`student_id` text NOT NULL,
	`numbers` text NOT NULL,
	`entries` text NOT NULL,
	`revision` integer DEFAULT 1 NOT NULL,
	`updated_at` text NOT NULL,
	`verdicts` text,
	`checked_as` text,
	`open` integer DEFAULT 0 NOT NULL,
	FOREIGN KEY (`set_id`) REFERENCES `sets`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`student_id`) REFERENCES `students`(`id`) ON UPDATE no action ON DELETE cascade
);
INSERT INTO set_hand_ins VALUES('c1026934-6d13-49af-81b6-9c7e4a7cec07','3a2346a2-caae-4344-af6d-46e7c4c12957','8a250ba3-9564-4953-9dc8-0b24e2f31d6c','{"e1":{"amount":22200,"rate":6.2,"years":4},"e2":{"price":30000,"down":20,"old rafts":4000,"rate":7,"years":5},"e3":{"amount":9400,"rate":6.6,"months":24}}','{"e1":{"a":"77"}}',2,'2026-11-26T01:33:18.201Z','{"e1":[{"partId":"a","expected":523.41,"expectedWritten":"523.41","read":77,"difference":-446.41,"kind":"unexplained","credit":0,"explanations":[]},{"partId":"b","expected":14511.07,"expectedWritten":"14,511.07","kind":"blank","credit":0,"explanations":[],"says":"Nothing was written."},{"partId":"c","expected":533.3,"expectedWritten":"533.30","kind":"blank","credit":0,"explanations":[],"says":"Nothing was written."},{"partId":"d","expected":296.7,"expectedWritten":"296.70","kind":"blank","credit":0,"explanations":[],"says":"Nothing was written."}],"e2":[{"partId":"a","expected":6000,"expectedWritten":"6,000.00","kind":"blank","credit":0,"explanations":[],"says":"Nothing was written."},{"partId":"b","expected":20000,"expectedWritten":"20,000.00","kind":"blank","credit":0,"explanations":[],"says":"Nothing was written."},{"partId":"c","expected":396.02,"expectedWritten":"396.02","kind":"blank","credit":0,"explanations":[],"says":"Nothing was written."},{"partId":"d","expected":33761.48,"expectedWritten":"33,761.48","kind":"blank","credit":0,"explanations":[],"says":"Nothing was written."}]}','c59ea4e2a1cf9d09c380c99a39c694c5da4139d7',0);
INSERT INTO set_hand_ins VALUES('aaedc6be-e35e-4fa9-bdca-e54a98c63051','3a2346a2-caae-4344-af6d-46e7c4c12957','8558cb3a-2b2b-416e-8dfd-946ec214a437','{"e1":{"amount":24200,"rate":6.6,"years":4},"e2":{"price":30500,"down":20,"old rafts":3200,"rate":6.6,"years":5},"e3":{"amount":10800,"rate":6.6,"months":36}}','{"e1":{"a":"942.00"},"e3":{"a":"1,234.5"}}',3,'2026-11-26T01:33:18.314Z','{"e1":[{"partId":"a","expected":575.02,"expectedWritten":"575.02","read":942,"difference":366.98,"kind":"unexplained","credit":0,"explanations":[]},{"partId":"b","expected":15862.42,"expectedWritten":"15,862.42","kind":"blank","credit":0,"explanations":[],"says":"Nothing was written."},{"partId":"c","expected":585.87,"expectedWritten":"585.87","kind":"blank","credit":0,"explanations":[],"says":"Nothing was written."},{"partId":"d","expected":325.5,"expectedWritten":"325.50","kind":"blank","credit":0,"explanations":[],"says":"Nothing was written."}],"e2":[{"partId":"a","expected":6100,"expectedWritten":"6,100.00","kind":"blank","credit":0,"explanations":[],"says":"Nothing was written."},{"partId":"b","expected":21200,"expectedWritten":"21,200.00","kind":"blank","credit":0,"explanations":[],"says":"Nothing was written."},{"partId":"c","expected":415.8,"expectedWritten":"415.80","kind":"blank","credit":0,"explanations":[],"says":"Nothing was written."},{"partId":"d","expected":34247.69,"expectedWritten":"34,247.69","kind":"blank","credit":0,"explanations":[],"says":"Nothing was written."}]}','c59ea4e2a1cf9d09c380c99a39c694c5da4139d7',1);
INSERT INTO set_hand_ins VALUES('735f2c11-10c1-4500-8cc6-bfd81bed2f86','3a2346a2-caae-4344-af6d-46e7c4c12957','fe025fee-39fe-468a-b6bb-846f5d9d83f8','{"e1":{"amount":24600,"rate":5,"years":6},"e2":{"price":34000,"down":10,"old rafts":4200,"rate":7.8,"years":4},"e3":{"amount":10600,"rate":7.8,"months":36}}','{"e1":{"a":"n/a"},"e2":{"a":"12.50"}}',3,'2026-11-26T01:33:18.377Z','{"e1":[{"partId":"a","expected":396.18,"expectedWritten":"396.18","kind":"unreadable","credit":0,"explanations":[],"says":"“n/a” cannot be read as a number."},{"partId":"b","expected":19122.32,"expectedWritten":"19,122.32","kind":"blank","credit":0,"explanations":[],"says":"Nothing was written."},{"partId":"c","expected":409.38,"expectedWritten":"409.38","kind":"blank","credit":0,"explanations":[],"says":"Nothing was written."},{"partId":"d","expected":712.8,"expectedWritten":"712.80","kind":"blank","credit":0,"explanations":[],"says":"Nothing was written."}],"e2":[{"partId":"a","expected":3400,"expectedWritten":"3,400.00","read":12.5,"difference":-3387.5,"kind":"unexplained","credit":0,"explanations":[]},{"partId":"b","expected":26400,"expectedWritten":"26,400.00","kind":"blank","credit":0,"explanations":[],"says":"Nothing was written."},{"partId":"c","expected":642.03,"expectedWritten":"642.03","kind":"blank","credit":0,"explanations":[],"says":"Nothing was written."},{"partId":"d","expected":38417.18,"expectedWritten":"38,417.18","kind":"blank","credit":0,"explanations":[],"says":"Nothing was written."}]}','c59ea4e2a1cf9d09c380c99a39c694c5da4139d7',1);
CREATE TABLE `sets` (
	`id` text PRIMARY KEY NOT NULL,
	`class_id` text NOT NULL,
	`title` text NOT NULL,
	`document` text NOT NULL,
	`revision` integer DEFAULT 1 NOT NULL,
	`created_at` text NOT NULL,
	`updated_at` text NOT NULL,
	`deleted_at` text,
	`given_out_at` text,
	`released_at` text, `handed_in` integer DEFAULT 0 NOT NULL, `to_look_at` integer DEFAULT 0 NOT NULL, `unmatched` integer DEFAULT 0 NOT NULL,
	FOREIGN KEY (`class_id`) REFERENCES `classes`(`id`) ON UPDATE no action ON DELETE cascade
);
INSERT INTO sets VALUES('3a2346a2-caae-4344-af6d-46e7c4c12957','e7c6d3e7-e31d-44cf-92f9-ae266b50ed53','Week 2, of before','{"schemaVersion":1,"items":[{"id":"e1","exerciseId":"starter-23"},{"id":"e2","exerciseId":"starter-14","marks":12}],"numbers":"own","given":"2026-11-02","due":"2026-11-09"}',3,'2026-11-26T01:33:18.000Z','2026-11-26T01:33:18.511Z',NULL,'2026-11-26T01:33:18.117Z',NULL,2,2,1);
CREATE TABLE `slip_texts` (
	`id` text PRIMARY KEY NOT NULL,
	`text` text NOT NULL,
	`revision` integer DEFAULT 1 NOT NULL,
	`updated_at` text NOT NULL
);
CREATE TABLE `earlier_answers` (
	`id` text PRIMARY KEY NOT NULL,
	`set_id` text NOT NULL,
	`student_id` text NOT NULL,
	`item_id` text NOT NULL,
	`entry_id` text NOT NULL,
	`text` text NOT NULL,
	`at` text NOT NULL,
	`source` text NOT NULL,
	FOREIGN KEY (`set_id`) REFERENCES `sets`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`student_id`) REFERENCES `students`(`id`) ON UPDATE no action ON DELETE cascade
);
INSERT INTO earlier_answers VALUES('d9d1aef7-37dd-4d7c-92d6-49050ad2d960','3a2346a2-caae-4344-af6d-46e7c4c12957','8558cb3a-2b2b-416e-8dfd-946ec214a437','e1','a','','2026-11-26T01:33:18.198Z','typed');
INSERT INTO earlier_answers VALUES('55d55faa-f73d-4780-b4c5-dd35ae6408cd','3a2346a2-caae-4344-af6d-46e7c4c12957','8558cb3a-2b2b-416e-8dfd-946ec214a437','e3','a','','2026-11-26T01:33:18.198Z','typed');
INSERT INTO earlier_answers VALUES('1ed6a093-a6c4-494c-89df-28df61b4ca1d','3a2346a2-caae-4344-af6d-46e7c4c12957','fe025fee-39fe-468a-b6bb-846f5d9d83f8','e1','a','','2026-11-26T01:33:18.200Z','typed');
INSERT INTO earlier_answers VALUES('dac83acb-9f81-4052-a3ae-17349128a818','3a2346a2-caae-4344-af6d-46e7c4c12957','8a250ba3-9564-4953-9dc8-0b24e2f31d6c','e1','a','','2026-11-26T01:33:18.201Z','typed');
INSERT INTO earlier_answers VALUES('c87801f3-13fd-4297-beef-5280da8ac2b8','3a2346a2-caae-4344-af6d-46e7c4c12957','8558cb3a-2b2b-416e-8dfd-946ec214a437','e1','a','941.43','2026-11-26T01:33:18.313Z','typed');
INSERT INTO earlier_answers VALUES('94b853c8-2307-4e27-b9eb-2631f7a844ce','3a2346a2-caae-4344-af6d-46e7c4c12957','fe025fee-39fe-468a-b6bb-846f5d9d83f8','e2','a','','2026-11-26T01:33:18.377Z','late.csv');
CREATE INDEX `cases_updated` ON `cases` (`updated_at`);
CREATE INDEX `exercises_updated` ON `exercises` (`updated_at`);
CREATE UNIQUE INDEX `students_number` ON `students` (`class_id`,`number`);
CREATE UNIQUE INDEX `exercise_revisions_once` ON `exercise_revisions` (`exercise_id`,`revision`);
CREATE INDEX `accepted_readings_of_set` ON `accepted_readings` (`set_id`);
CREATE UNIQUE INDEX `decisions_once` ON `decisions` (`set_id`,`student_id`,`item_id`,`part_id`);
CREATE INDEX `kept_rows_of_set` ON `kept_rows` (`set_id`);
CREATE UNIQUE INDEX `set_copies_once` ON `set_copies` (`set_id`,`item_id`);
CREATE UNIQUE INDEX `set_hand_ins_once` ON `set_hand_ins` (`set_id`,`student_id`);
CREATE INDEX `sets_of_class` ON `sets` (`class_id`);
CREATE INDEX `earlier_answers_of_set` ON `earlier_answers` (`set_id`,`student_id`);
CREATE INDEX `earlier_answers_of_student` ON `earlier_answers` (`student_id`);
CREATE INDEX `decisions_of_student` ON `decisions` (`student_id`);
CREATE INDEX `set_hand_ins_of_student` ON `set_hand_ins` (`student_id`);
CREATE INDEX `students_here` ON `students` (`class_id`,`withdrawn_at`);
COMMIT;
