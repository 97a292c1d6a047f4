ALTER TABLE `garden` ADD `climate_hot` real DEFAULT 0 NOT NULL;--> statement-breakpoint
UPDATE `garden` SET `climate_hot` = `climate_shift`;

--> statement-breakpoint
-- A season's number is the year in which its summer begins: where the coldest day lies at the end of a year, it was the year before.
UPDATE `planting` SET `season` = `season` + 1 WHERE `garden_id` IN (
  SELECT n.`garden_id` FROM `climate_normal` n WHERE n.`month` >= 10 AND n.`tmin` + n.`tmax` = (
    SELECT min(m.`tmin` + m.`tmax`) FROM `climate_normal` m WHERE m.`garden_id` = n.`garden_id`));
--> statement-breakpoint
UPDATE `archived_season` SET `season` = -(`season` + 1) WHERE `garden_id` IN (
  SELECT n.`garden_id` FROM `climate_normal` n WHERE n.`month` >= 10 AND n.`tmin` + n.`tmax` = (
    SELECT min(m.`tmin` + m.`tmax`) FROM `climate_normal` m WHERE m.`garden_id` = n.`garden_id`));
--> statement-breakpoint
UPDATE `archived_season` SET `season` = -`season` WHERE `season` < 0;
