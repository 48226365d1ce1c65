/** How is a group taught? A session in which all fill and sow at once, and a course of lessons made from the group's own plans. */
export { type Amiss, type Lesson, LESSONS, type LessonName, lessonsOf, type Shown } from "./lessons";
export { HANDS_L_HOUR, type Member, type Session, type SessionShare, sessionOf } from "./session";
