/// The power bench: how long the battery holds up, what it carries, and the volts at the far end.
package io.answerback.desktop.power;
