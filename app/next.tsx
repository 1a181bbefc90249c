export { Next as default } from "@/features/shell/places";
