/// What is printed: schedules as tables, set on pages, and labels; all as text and lines in millimetres,
/// whatever they are written to.
package io.answerback.core.paper;
