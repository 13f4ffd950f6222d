CREATE TABLE "circuit" (
	"id" uuid PRIMARY KEY NOT NULL,
	"studio_id" uuid NOT NULL,
	"version" integer NOT NULL,
	"save_id" uuid NOT NULL,
	"group_id" uuid,
	"site_id" uuid,
	"document" jsonb NOT NULL,
	"saved_at" timestamp with time zone DEFAULT now() NOT NULL,
	"taken_out_at" timestamp with time zone,
	CONSTRAINT "circuit_in_studio" UNIQUE("studio_id","id")
);
--> statement-breakpoint
CREATE TABLE "coach" (
	"id" uuid PRIMARY KEY NOT NULL,
	"studio_id" uuid NOT NULL,
	"name" text NOT NULL,
	"email" text NOT NULL,
	"password_hash" text NOT NULL,
	CONSTRAINT "coach_email_unique" UNIQUE("email"),
	CONSTRAINT "coach_in_studio" UNIQUE("studio_id","id")
);
--> statement-breakpoint
CREATE TABLE "training_group" (
	"id" uuid PRIMARY KEY NOT NULL,
	"studio_id" uuid NOT NULL,
	"name" text NOT NULL,
	"people" integer NOT NULL,
	CONSTRAINT "group_in_studio" UNIQUE("studio_id","id")
);
--> statement-breakpoint
CREATE TABLE "planned_session" (
	"id" uuid PRIMARY KEY NOT NULL,
	"studio_id" uuid NOT NULL,
	"circuit_id" uuid NOT NULL,
	"group_id" uuid,
	"site_id" uuid,
	"coach_id" uuid NOT NULL,
	"starts_at" timestamp with time zone NOT NULL,
	"minutes" integer NOT NULL,
	"taken_out_at" timestamp with time zone,
	CONSTRAINT "session_in_studio" UNIQUE("studio_id","id")
);
--> statement-breakpoint
CREATE TABLE "run" (
	"id" uuid PRIMARY KEY NOT NULL,
	"studio_id" uuid NOT NULL,
	"session_id" uuid,
	"circuit_id" uuid NOT NULL,
	"circuit_title" text NOT NULL,
	"group_id" uuid,
	"site_id" uuid,
	"coach_id" uuid NOT NULL,
	"started_at" timestamp with time zone NOT NULL,
	"finished_at" timestamp with time zone NOT NULL,
	"ended_early" boolean NOT NULL,
	"effort" integer,
	"warm" text,
	"note" text NOT NULL,
	CONSTRAINT "run_in_studio" UNIQUE("studio_id","id")
);
--> statement-breakpoint
CREATE TABLE "run_turn" (
	"studio_id" uuid NOT NULL,
	"run_id" uuid NOT NULL,
	"position" integer NOT NULL,
	"slot_id" text NOT NULL,
	"drill_id" text NOT NULL,
	"drill_name" text NOT NULL,
	"phase" text NOT NULL,
	"round" integer NOT NULL,
	"planned" double precision NOT NULL,
	"actual" double precision NOT NULL,
	"paused" double precision NOT NULL,
	CONSTRAINT "run_turn_run_id_position_pk" PRIMARY KEY("run_id","position")
);
--> statement-breakpoint
CREATE TABLE "sign_in" (
	"sid" text PRIMARY KEY NOT NULL,
	"sess" json NOT NULL,
	"expire" timestamp (6) NOT NULL,
	"studio_id" uuid GENERATED ALWAYS AS (((sess ->> 'studioId')::uuid)) STORED
);
--> statement-breakpoint
CREATE TABLE "sign_in_try" (
	"key" text PRIMARY KEY NOT NULL,
	"studio_id" uuid,
	"hits" integer NOT NULL,
	"resets_at" timestamp with time zone NOT NULL
);
--> statement-breakpoint
CREATE TABLE "site" (
	"id" uuid PRIMARY KEY NOT NULL,
	"studio_id" uuid NOT NULL,
	"name" text NOT NULL,
	"time_zone" text NOT NULL,
	"lanes" integer NOT NULL,
	"lane_metres" double precision NOT NULL,
	"mats" integer NOT NULL,
	"loop_bands" integer NOT NULL,
	"walls" integer NOT NULL,
	CONSTRAINT "site_in_studio" UNIQUE("studio_id","id")
);
--> statement-breakpoint
CREATE TABLE "studio" (
	"studio_id" uuid PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"is_demo" boolean DEFAULT false NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
ALTER TABLE "circuit" ADD CONSTRAINT "circuit_studio_id_studio_studio_id_fk" FOREIGN KEY ("studio_id") REFERENCES "public"."studio"("studio_id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "circuit" ADD CONSTRAINT "circuit_studio_id_group_id_training_group_studio_id_id_fk" FOREIGN KEY ("studio_id","group_id") REFERENCES "public"."training_group"("studio_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "circuit" ADD CONSTRAINT "circuit_studio_id_site_id_site_studio_id_id_fk" FOREIGN KEY ("studio_id","site_id") REFERENCES "public"."site"("studio_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "coach" ADD CONSTRAINT "coach_studio_id_studio_studio_id_fk" FOREIGN KEY ("studio_id") REFERENCES "public"."studio"("studio_id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "training_group" ADD CONSTRAINT "training_group_studio_id_studio_studio_id_fk" FOREIGN KEY ("studio_id") REFERENCES "public"."studio"("studio_id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "planned_session" ADD CONSTRAINT "planned_session_studio_id_studio_studio_id_fk" FOREIGN KEY ("studio_id") REFERENCES "public"."studio"("studio_id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "planned_session" ADD CONSTRAINT "planned_session_studio_id_circuit_id_circuit_studio_id_id_fk" FOREIGN KEY ("studio_id","circuit_id") REFERENCES "public"."circuit"("studio_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "planned_session" ADD CONSTRAINT "planned_session_studio_id_group_id_training_group_studio_id_id_fk" FOREIGN KEY ("studio_id","group_id") REFERENCES "public"."training_group"("studio_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "planned_session" ADD CONSTRAINT "planned_session_studio_id_site_id_site_studio_id_id_fk" FOREIGN KEY ("studio_id","site_id") REFERENCES "public"."site"("studio_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "planned_session" ADD CONSTRAINT "planned_session_studio_id_coach_id_coach_studio_id_id_fk" FOREIGN KEY ("studio_id","coach_id") REFERENCES "public"."coach"("studio_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "run" ADD CONSTRAINT "run_studio_id_studio_studio_id_fk" FOREIGN KEY ("studio_id") REFERENCES "public"."studio"("studio_id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "run" ADD CONSTRAINT "run_studio_id_session_id_planned_session_studio_id_id_fk" FOREIGN KEY ("studio_id","session_id") REFERENCES "public"."planned_session"("studio_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "run" ADD CONSTRAINT "run_studio_id_circuit_id_circuit_studio_id_id_fk" FOREIGN KEY ("studio_id","circuit_id") REFERENCES "public"."circuit"("studio_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "run" ADD CONSTRAINT "run_studio_id_coach_id_coach_studio_id_id_fk" FOREIGN KEY ("studio_id","coach_id") REFERENCES "public"."coach"("studio_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "run_turn" ADD CONSTRAINT "run_turn_studio_id_studio_studio_id_fk" FOREIGN KEY ("studio_id") REFERENCES "public"."studio"("studio_id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "run_turn" ADD CONSTRAINT "run_turn_studio_id_run_id_run_studio_id_id_fk" FOREIGN KEY ("studio_id","run_id") REFERENCES "public"."run"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "site" ADD CONSTRAINT "site_studio_id_studio_studio_id_fk" FOREIGN KEY ("studio_id") REFERENCES "public"."studio"("studio_id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "session_by_start" ON "planned_session" USING btree ("studio_id","starts_at");--> statement-breakpoint
CREATE INDEX "run_by_start" ON "run" USING btree ("studio_id","started_at");--> statement-breakpoint
CREATE INDEX "run_of_session" ON "run" USING btree ("studio_id","session_id");--> statement-breakpoint
CREATE INDEX "sign_in_expire" ON "sign_in" USING btree ("expire");