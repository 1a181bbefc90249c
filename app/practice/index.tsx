export { Practice as default } from "@/features/shell/places";
