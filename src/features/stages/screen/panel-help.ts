/** What a panel tells about itself to whoever asks what it is for. */
export interface PanelHelp {
  /** What it answers, in a sentence. */
  readonly answers: string;
  /** From what it is worked out. */
  readonly from: string;
  /** What it cannot know, or how far it may be off. */
  readonly limits: string;
  /** Questions as people ask them: by these it is found. */
  readonly questions: readonly string[];
  /** More words by which it is found, none of which it shows. */
  readonly words: string;
}
