ALTER TABLE "studio" ADD COLUMN "log_bytes" bigint DEFAULT 0 NOT NULL;--> statement-breakpoint
UPDATE "studio" SET "log_bytes" = "kept"."bytes" FROM (
  SELECT "studio_id", sum(pg_column_size("run_turn")) AS "bytes" FROM "run_turn" GROUP BY "studio_id"
) AS "kept" WHERE "kept"."studio_id" = "studio"."studio_id";
