/// The open reporting formats: each built from a signal, read back and explained piece by piece.
package io.answerback.core.signal.format;
