/// A point's contacts, resistors and cable as one resistance, and what the panel makes of it.
package io.answerback.core.loop;
