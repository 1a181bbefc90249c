export { LateGround as default } from "@/features/shell/lazy-stages";
