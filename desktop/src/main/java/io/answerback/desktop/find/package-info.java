/// What "find anything" finds, and in which order. Knows no JavaFX.
package io.answerback.desktop.find;
