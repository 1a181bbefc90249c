export { OutingsScreen as default } from "@/features/outings/OutingsScreen";
