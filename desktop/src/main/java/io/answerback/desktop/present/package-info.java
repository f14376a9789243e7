/// What sheets show, as values: made by pure functions, without JavaFX, and tested without a window.
package io.answerback.desktop.present;
