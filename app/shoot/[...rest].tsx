export { OldLink as default } from "@/features/shell/OldLink";
