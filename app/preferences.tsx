export { LatePreferences as default } from "@/features/shell/lazy-desk";
