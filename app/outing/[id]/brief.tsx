export { LateBrief as default } from "@/features/shell/lazy-stages";
