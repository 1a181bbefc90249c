export { LateRun as default } from "@/features/shell/lazy-stages";
