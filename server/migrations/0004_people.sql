CREATE TABLE "group_coach" (
	"studio_id" uuid NOT NULL,
	"group_id" uuid NOT NULL,
	"coach_id" uuid NOT NULL,
	CONSTRAINT "group_coach_group_id_coach_id_pk" PRIMARY KEY("group_id","coach_id")
);
--> statement-breakpoint
CREATE TABLE "person" (
	"id" uuid PRIMARY KEY NOT NULL,
	"studio_id" uuid NOT NULL,
	"version" integer NOT NULL,
	"sealed" text NOT NULL,
	CONSTRAINT "person_in_studio" UNIQUE("studio_id","id")
);
--> statement-breakpoint
CREATE TABLE "person_access" (
	"studio_id" uuid NOT NULL,
	"person_id" uuid NOT NULL,
	"coach_id" uuid NOT NULL,
	"action" text NOT NULL,
	"at" timestamp with time zone DEFAULT now() NOT NULL,
	"on_day" date DEFAULT current_date NOT NULL
);
--> statement-breakpoint
CREATE TABLE "person_coach" (
	"studio_id" uuid NOT NULL,
	"person_id" uuid NOT NULL,
	"coach_id" uuid NOT NULL,
	CONSTRAINT "person_coach_person_id_coach_id_pk" PRIMARY KEY("person_id","coach_id")
);
--> statement-breakpoint
CREATE TABLE "person_group" (
	"studio_id" uuid NOT NULL,
	"person_id" uuid NOT NULL,
	"group_id" uuid NOT NULL,
	CONSTRAINT "person_group_person_id_group_id_pk" PRIMARY KEY("person_id","group_id")
);
--> statement-breakpoint
ALTER TABLE "group_coach" ADD CONSTRAINT "group_coach_studio_id_studio_studio_id_fk" FOREIGN KEY ("studio_id") REFERENCES "public"."studio"("studio_id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "group_coach" ADD CONSTRAINT "group_coach_studio_id_group_id_training_group_studio_id_id_fk" FOREIGN KEY ("studio_id","group_id") REFERENCES "public"."training_group"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "group_coach" ADD CONSTRAINT "group_coach_studio_id_coach_id_coach_studio_id_id_fk" FOREIGN KEY ("studio_id","coach_id") REFERENCES "public"."coach"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "person" ADD CONSTRAINT "person_studio_id_studio_studio_id_fk" FOREIGN KEY ("studio_id") REFERENCES "public"."studio"("studio_id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "person_access" ADD CONSTRAINT "person_access_studio_id_studio_studio_id_fk" FOREIGN KEY ("studio_id") REFERENCES "public"."studio"("studio_id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "person_coach" ADD CONSTRAINT "person_coach_studio_id_studio_studio_id_fk" FOREIGN KEY ("studio_id") REFERENCES "public"."studio"("studio_id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "person_coach" ADD CONSTRAINT "person_coach_studio_id_person_id_person_studio_id_id_fk" FOREIGN KEY ("studio_id","person_id") REFERENCES "public"."person"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "person_coach" ADD CONSTRAINT "person_coach_studio_id_coach_id_coach_studio_id_id_fk" FOREIGN KEY ("studio_id","coach_id") REFERENCES "public"."coach"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "person_group" ADD CONSTRAINT "person_group_studio_id_studio_studio_id_fk" FOREIGN KEY ("studio_id") REFERENCES "public"."studio"("studio_id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "person_group" ADD CONSTRAINT "person_group_studio_id_person_id_person_studio_id_id_fk" FOREIGN KEY ("studio_id","person_id") REFERENCES "public"."person"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "person_group" ADD CONSTRAINT "person_group_studio_id_group_id_training_group_studio_id_id_fk" FOREIGN KEY ("studio_id","group_id") REFERENCES "public"."training_group"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "access_by_person" ON "person_access" USING btree ("studio_id","person_id","at");--> statement-breakpoint
CREATE UNIQUE INDEX "seen_once_a_day" ON "person_access" USING btree ("person_id","coach_id","on_day") WHERE action = 'saw';--> statement-breakpoint
CREATE INDEX "people_of_group" ON "person_group" USING btree ("studio_id","group_id");