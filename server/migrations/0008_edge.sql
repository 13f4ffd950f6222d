DROP INDEX "run_by_start";--> statement-breakpoint
ALTER TABLE "circuit" ADD COLUMN "schema_version" integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "circuit" ADD COLUMN "summary" jsonb;--> statement-breakpoint
ALTER TABLE "circuit" ADD COLUMN "summary_of" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "circuit" ADD COLUMN "search_text" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "circuit" ADD COLUMN "tags" text[] DEFAULT '{}' NOT NULL;--> statement-breakpoint
ALTER TABLE "circuit" ADD COLUMN "drill_ids" text[] DEFAULT '{}' NOT NULL;--> statement-breakpoint
ALTER TABLE "person" ADD COLUMN "schema_version" integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "planned_session" ADD COLUMN "schema_version" integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "planned_session" ADD COLUMN "summary" jsonb;--> statement-breakpoint
ALTER TABLE "planned_session" ADD COLUMN "summary_of" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "run" ADD COLUMN "planned" double precision DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "run" ADD COLUMN "actual" double precision DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "run" ADD COLUMN "paused" double precision DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "site" ADD COLUMN "schema_version" integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "standard" ADD COLUMN "schema_version" integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "studio_drill" ADD COLUMN "schema_version" integer DEFAULT 0 NOT NULL;--> statement-breakpoint
CREATE INDEX "circuit_by_save" ON "circuit" USING btree ("studio_id","saved_at","id") WHERE taken_out_at is null;--> statement-breakpoint
CREATE INDEX "groups_of_coach" ON "group_coach" USING btree ("studio_id","coach_id");--> statement-breakpoint
CREATE INDEX "people_of_coach" ON "person_coach" USING btree ("studio_id","coach_id");--> statement-breakpoint
CREATE INDEX "run_of_group" ON "run" USING btree ("studio_id","group_id","started_at");--> statement-breakpoint
CREATE INDEX "run_of_coach" ON "run" USING btree ("studio_id","coach_id","started_at");--> statement-breakpoint
CREATE INDEX "run_of_circuit" ON "run" USING btree ("studio_id","circuit_id","started_at");--> statement-breakpoint
CREATE INDEX "try_by_end" ON "sign_in_try" USING btree ("resets_at");--> statement-breakpoint
CREATE INDEX "demo_studio" ON "studio" USING btree ("studio_id") WHERE is_demo;--> statement-breakpoint
CREATE INDEX "run_by_start" ON "run" USING btree ("studio_id","started_at","id");--> statement-breakpoint
CREATE EXTENSION IF NOT EXISTS pg_trgm;--> statement-breakpoint
UPDATE "run" SET "planned" = turns.planned, "actual" = turns.actual, "paused" = turns.paused
FROM (
  SELECT "run_id", sum("planned") AS planned, sum("actual") AS actual, sum("paused") AS paused
  FROM "run_turn" GROUP BY "run_id"
) AS turns
WHERE turns."run_id" = "run"."id";
