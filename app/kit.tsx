export { LateKit as default } from "@/features/shell/lazy-desk";
