export { Places as default } from "@/features/shell/places";
