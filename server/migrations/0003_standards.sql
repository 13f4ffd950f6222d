CREATE TABLE "standard" (
	"studio_id" uuid NOT NULL,
	"kind" text NOT NULL,
	"id" text NOT NULL,
	"version" integer NOT NULL,
	"document" jsonb NOT NULL,
	"taken_out_at" timestamp with time zone,
	CONSTRAINT "standard_studio_id_kind_id_pk" PRIMARY KEY("studio_id","kind","id")
);
--> statement-breakpoint
ALTER TABLE "studio" ADD COLUMN "default_approach" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "standard" ADD CONSTRAINT "standard_studio_id_studio_studio_id_fk" FOREIGN KEY ("studio_id") REFERENCES "public"."studio"("studio_id") ON DELETE cascade ON UPDATE no action;