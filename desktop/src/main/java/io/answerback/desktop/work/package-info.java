/// What the window works on: one state that never changes, replaced as a whole when the user acts.
package io.answerback.desktop.work;
