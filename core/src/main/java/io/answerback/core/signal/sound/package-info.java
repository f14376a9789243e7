/// A dialler's call as sound: what is played on the line, step by step, and what is heard in a recording.
package io.answerback.core.signal.sound;
