CREATE TABLE "coach_device" (
	"digest" text PRIMARY KEY NOT NULL,
	"studio_id" uuid NOT NULL,
	"coach_id" uuid NOT NULL,
	"seen_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "health_key_check" (
	"key_id" text PRIMARY KEY NOT NULL,
	"studio_id" uuid,
	"check" text NOT NULL,
	"made_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "import_job" (
	"id" uuid PRIMARY KEY NOT NULL,
	"studio_id" uuid NOT NULL,
	"coach_id" uuid NOT NULL,
	"done" integer DEFAULT 0 NOT NULL,
	"total" integer DEFAULT 0 NOT NULL,
	"state" text DEFAULT 'running' NOT NULL,
	"started_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "left_hold" (
	"studio_id" uuid NOT NULL,
	"name_digest" text NOT NULL,
	"sealed" text NOT NULL,
	"left_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "left_hold_studio_id_name_digest_pk" PRIMARY KEY("studio_id","name_digest")
);
--> statement-breakpoint
DROP INDEX "seen_once_a_day";--> statement-breakpoint
ALTER TABLE "person_access" ADD COLUMN "times" integer DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE "studio" ADD COLUMN "expires_at" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "coach_device" ADD CONSTRAINT "coach_device_studio_id_studio_studio_id_fk" FOREIGN KEY ("studio_id") REFERENCES "public"."studio"("studio_id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "coach_device" ADD CONSTRAINT "coach_device_studio_id_coach_id_coach_studio_id_id_fk" FOREIGN KEY ("studio_id","coach_id") REFERENCES "public"."coach"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "import_job" ADD CONSTRAINT "import_job_studio_id_studio_studio_id_fk" FOREIGN KEY ("studio_id") REFERENCES "public"."studio"("studio_id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "left_hold" ADD CONSTRAINT "left_hold_studio_id_studio_studio_id_fk" FOREIGN KEY ("studio_id") REFERENCES "public"."studio"("studio_id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "devices_of_coach" ON "coach_device" USING btree ("studio_id","coach_id");--> statement-breakpoint
CREATE INDEX "import_by_start" ON "import_job" USING btree ("started_at");--> statement-breakpoint
CREATE TEMPORARY TABLE "merged_access" AS
SELECT "studio_id", "person_id", "coach_id", "action", max("at") AS "at", count(*)::integer AS "times", max("on_day") AS "on_day"
FROM "person_access"
GROUP BY "studio_id", "person_id", "coach_id", "action", CASE WHEN "action" = 'saw' THEN NULL ELSE "on_day" END;--> statement-breakpoint
DELETE FROM "person_access";--> statement-breakpoint
INSERT INTO "person_access" ("studio_id", "person_id", "coach_id", "action", "at", "times", "on_day")
SELECT "studio_id", "person_id", "coach_id", "action", "at", "times", "on_day" FROM "merged_access";--> statement-breakpoint
DROP TABLE "merged_access";--> statement-breakpoint
CREATE UNIQUE INDEX "seen_by_coach" ON "person_access" USING btree ("person_id","coach_id") WHERE action = 'saw';--> statement-breakpoint
CREATE UNIQUE INDEX "done_once_a_day" ON "person_access" USING btree ("person_id","coach_id","action","on_day") WHERE action <> 'saw';--> statement-breakpoint
CREATE INDEX "studio_by_end" ON "studio" USING btree ("expires_at") WHERE expires_at is not null;