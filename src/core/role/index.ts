/** What is somebody in a programme? What each of them may do is the server's to say. */
export { type Role, ROLES } from "./role";
