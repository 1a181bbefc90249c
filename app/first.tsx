export { First as default } from "@/features/shell/places";
