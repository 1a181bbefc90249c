/** The form for a test shot with other settings, as one late module with what forms take. */
export { ReadingForm } from "../../shot/ReadingForm";
