export { Preferences as default } from "@/features/shell/places";
