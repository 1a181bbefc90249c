export { Outings as default } from "@/features/shell/places";
