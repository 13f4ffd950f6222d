/** The coach who asks. Nobody sees a person but those who coach them: in private, or a group they are in. */
export interface Asker {
  readonly studioId: string;
  readonly coachId: string;
}
