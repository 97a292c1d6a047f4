-- Measures that no screen could work with were taken once: they are brought to the nearest that can be.
UPDATE place SET
  length = min(max(length, CASE kind WHEN 'container' THEN 0.05 ELSE 0.1 END), CASE kind WHEN 'container' THEN 3 ELSE 1000 END),
  width = min(max(width, CASE kind WHEN 'container' THEN 0.05 ELSE 0.1 END), CASE kind WHEN 'container' THEN 3 ELSE 1000 END),
  height = min(max(height, CASE kind WHEN 'container' THEN 0.05 ELSE 0.1 END), CASE kind WHEN 'container' THEN 2 ELSE 20 END),
  soil_depth = min(max(soil_depth, 0.05), CASE WHEN kind = 'container' AND height IS NULL THEN 2 ELSE 5 END);
--> statement-breakpoint
UPDATE weather_day SET tmin = min(tmin, tmax), tmax = max(tmin, tmax) WHERE tmin > tmax;
--> statement-breakpoint
UPDATE weather_day SET
  tmin = min(max(tmin, -70), 45), tmax = min(max(tmax, -60), 60), wind = min(wind, 60), solar = min(solar, 45);
--> statement-breakpoint
UPDATE place SET width = max(0.1, 10000.0 / length) WHERE length * width > 10000;
