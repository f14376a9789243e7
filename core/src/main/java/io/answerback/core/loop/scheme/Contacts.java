package io.answerback.core.loop.scheme;

import java.util.Collections;

/// Groups of contacts, as the schemes put them together.
public final class Contacts {
    private Contacts() {}

    /// One contact of a loop.
    public static LoopPart one(FittedLoop loop, boolean closed) {
        return new LoopPart.Contact(loop.wiring().contactOhms(), closed);
    }

    /// Contacts in series that open when active.
    static LoopPart opening(FittedLoop loop, DeviceState device) {
        int active = loop.activeContacts(device);
        return LoopPart.Series.of(
                repeated(one(loop, true), loop.contacts() - active), repeated(one(loop, false), active));
    }

    /// Contacts side by side that close when active.
    static LoopPart closing(FittedLoop loop, DeviceState device) {
        int active = loop.activeContacts(device);
        return LoopPart.Parallel.of(
                sideBySide(one(loop, false), loop.contacts() - active), sideBySide(one(loop, true), active));
    }

    /// Contacts in series that open when active, each with a resistor across it.
    static LoopPart openingAcross(FittedLoop loop, DeviceState device, LoopPart resistor) {
        int active = loop.activeContacts(device);
        return LoopPart.Series.of(
                repeated(LoopPart.Parallel.of(one(loop, true), resistor), loop.contacts() - active),
                repeated(LoopPart.Parallel.of(one(loop, false), resistor), active));
    }

    /// The cover contacts in series, one of them open when a cover is off.
    static LoopPart covers(FittedLoop loop, DeviceState device) {
        boolean off = device == DeviceState.COVER_OFF;
        return LoopPart.Series.of(one(loop, !off), repeated(one(loop, true), loop.contacts() - 1));
    }

    /// The same part several times, one after another; nothing at all for none.
    static LoopPart repeated(LoopPart part, int times) {
        return new LoopPart.Series(Collections.nCopies(times, part));
    }

    /// The same part several times, side by side; nothing conducts for none.
    static LoopPart sideBySide(LoopPart part, int times) {
        return new LoopPart.Parallel(Collections.nCopies(times, part));
    }
}
