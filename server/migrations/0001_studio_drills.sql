CREATE TABLE "studio_drill" (
	"studio_id" uuid NOT NULL,
	"id" text NOT NULL,
	"version" integer NOT NULL,
	"document" jsonb NOT NULL,
	"saved_at" timestamp with time zone DEFAULT now() NOT NULL,
	"taken_out_at" timestamp with time zone,
	CONSTRAINT "studio_drill_studio_id_id_pk" PRIMARY KEY("studio_id","id")
);
--> statement-breakpoint
ALTER TABLE "studio_drill" ADD CONSTRAINT "studio_drill_studio_id_studio_studio_id_fk" FOREIGN KEY ("studio_id") REFERENCES "public"."studio"("studio_id") ON DELETE cascade ON UPDATE no action;