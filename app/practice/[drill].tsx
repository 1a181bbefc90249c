export { DrillByName as default } from "@/features/shell/places";
