package io.answerback.core.loop.zone;

import io.answerback.core.engine.finding.Check;
import java.util.List;

/// The checks on zones.
public final class ZoneChecklist {
    /// Every check, in the order of their findings.
    public static final List<Check> ALL = List.of(new ZoneUnlikeNumbering(), new ZoneBeyondPanel());

    private ZoneChecklist() {}
}
