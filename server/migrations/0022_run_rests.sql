-- Of runs before today nobody knows what rests took and what was said before each drill.
UPDATE "run" SET "pace" = '{"rest": {"planned": 0, "actual": 0}, "drills": {}}'::jsonb || "pace" WHERE "pace" IS NOT NULL;
