CREATE TABLE "word" (
	"id" uuid PRIMARY KEY NOT NULL,
	"studio_id" uuid NOT NULL,
	"said" text NOT NULL,
	"words" text NOT NULL,
	"drill_id" text NOT NULL,
	"rung" text NOT NULL,
	CONSTRAINT "word_once" UNIQUE("studio_id","words","drill_id","rung")
);
--> statement-breakpoint
ALTER TABLE "word" ADD CONSTRAINT "word_studio_id_studio_studio_id_fk" FOREIGN KEY ("studio_id") REFERENCES "public"."studio"("studio_id") ON DELETE cascade ON UPDATE no action;