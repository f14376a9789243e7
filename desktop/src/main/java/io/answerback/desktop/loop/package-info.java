/// The loop bench: one point's contacts, resistors and cable, drawn, and what its input sees.
package io.answerback.desktop.loop;
