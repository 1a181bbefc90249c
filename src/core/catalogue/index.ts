export { SUBJECTS } from "./subjects";
