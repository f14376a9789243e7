/// The keypad bus: who answers at which address, how it is laid, and what the panel has learned.
package io.answerback.core.bus;
