package io.answerback.core.panel;

import io.answerback.core.model.site.Learned;
import io.answerback.core.signal.event.Signal;

/// Something a panel does.
public sealed interface Effect {
    /// It sends an event to the station.
    ///
    /// @param signal the event, with account and area
    record Send(Signal signal) implements Effect {}

    /// It sends nothing.
    ///
    /// @param why for what reason, in plain words
    record Silent(String why) implements Effect {}

    /// It learns that a module is on its bus.
    ///
    /// @param module what it learns of it
    record Learns(Learned module) implements Effect {}

    /// It starts counting down an entry time.
    ///
    /// @param area the area that is entered
    /// @param seconds how long there is
    record EntryStarted(int area, int seconds) implements Effect {}
}
