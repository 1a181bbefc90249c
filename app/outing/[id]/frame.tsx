export { LateFrame as default } from "@/features/shell/lazy-stages";
