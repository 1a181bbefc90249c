export { Library as default } from "@/features/shell/places";
