export { Stops as default } from "@/features/shell/places";
