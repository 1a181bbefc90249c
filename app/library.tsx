export { LateLibrary as default } from "@/features/shell/lazy-desk";
