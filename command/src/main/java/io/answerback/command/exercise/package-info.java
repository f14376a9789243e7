/// Exercises from the command line.
package io.answerback.command.exercise;
