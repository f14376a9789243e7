/// The panel second by second, as it is programmed: areas, exit, entry, alarms, sounders, supply, path and clock, with
/// its timers; and the stories it is tried with.
package io.answerback.core.panel.operation;
