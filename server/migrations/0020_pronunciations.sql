CREATE TABLE "pronunciation" (
	"id" uuid PRIMARY KEY NOT NULL,
	"studio_id" uuid NOT NULL,
	"written" text NOT NULL,
	"spoken" text NOT NULL
);
--> statement-breakpoint
ALTER TABLE "pronunciation" ADD CONSTRAINT "pronunciation_studio_id_studio_studio_id_fk" FOREIGN KEY ("studio_id") REFERENCES "public"."studio"("studio_id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "pronunciation_of_studio" ON "pronunciation" USING btree ("studio_id");