export { LateReview as default } from "@/features/shell/lazy-stages";
