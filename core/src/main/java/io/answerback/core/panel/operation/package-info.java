/// The panel second by second, by its programming: areas, exit, entry, alarms, sounders, supply, path and clock, with
/// its timers; and the stories it is tried with.
package io.answerback.core.panel.operation;
