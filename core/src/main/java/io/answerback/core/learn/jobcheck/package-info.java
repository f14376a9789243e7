/// A small site with slips in it as an exercise: what each check shows, what it costs, and which checks tell
/// most.
package io.answerback.core.learn.jobcheck;
