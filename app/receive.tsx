export { Receive as default } from "@/features/shell/places";
