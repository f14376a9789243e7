package io.answerback.core.loop.radio;

import io.answerback.core.engine.finding.Check;
import java.util.List;

/// What is looked for in what is heard by radio.
public final class RadioChecklist {
    /// Every check, in the order in which their findings are given.
    public static final List<Check> ALL =
            List.of(new SenderOutOfPlace(), new SignalWeak(), new EnrolledForNobody(), new DeviceBatteryDue());

    private RadioChecklist() {}
}
