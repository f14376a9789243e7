/// Pictures of every main view, from demo data, without a display.
package io.answerback.desktop.shots;
