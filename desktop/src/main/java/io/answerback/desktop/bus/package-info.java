/// The bench of the keypad bus: as it is laid, where each zone is read, and what the panel has learned.
package io.answerback.desktop.bus;
