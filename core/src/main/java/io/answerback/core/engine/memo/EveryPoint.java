package io.answerback.core.engine.memo;

import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.SystemPoint;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;

/// The points of a job, for whatever is computed for each of them.
public final class EveryPoint {
    /// Every zone point in the order of the job, then every system point, by id.
    public static final Fact<List<PointId>> IDS = Fact.of("ids of all points", EveryPoint::ids);

    /// The points of [#IDS], some dozens at a time.
    public static final Groups<PointId> GROUPS = new Groups<>("points", IDS);

    private EveryPoint() {}

    private static List<PointId> ids(Facts facts) {
        return Stream.concat(
                        facts.pointIds().stream(),
                        Arrays.stream(SystemPoint.values()).map(SystemPoint::id))
                .toList();
    }
}
