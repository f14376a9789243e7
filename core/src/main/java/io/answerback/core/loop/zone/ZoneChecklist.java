package io.answerback.core.loop.zone;

import io.answerback.core.engine.finding.Check;
import java.util.List;

/// What is looked for in zones.
public final class ZoneChecklist {
    /// Every check, in the order in which their findings are given.
    public static final List<Check> ALL = List.of(new ZoneUnlikeNumbering(), new ZoneBeyondPanel());

    private ZoneChecklist() {}
}
