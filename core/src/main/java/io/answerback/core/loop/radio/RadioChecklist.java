package io.answerback.core.loop.radio;

import io.answerback.core.engine.finding.Check;
import java.util.List;

/// The checks on wireless devices.
public final class RadioChecklist {
    /// Every check, in the order of their findings.
    public static final List<Check> ALL =
            List.of(new SenderOutOfPlace(), new SignalWeak(), new EnrolledForNobody(), new DeviceBatteryDue());

    private RadioChecklist() {}
}
