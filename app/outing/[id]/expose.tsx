export { LateExpose as default } from "@/features/shell/lazy-stages";
