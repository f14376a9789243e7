package io.answerback.core.panel.behaviour;

import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.site.Parts;
import io.answerback.core.model.site.Zone;
import io.answerback.core.panel.operation.AreaMode;
import io.answerback.core.panel.operation.OperationRules;
import io.answerback.core.setup.Intent;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// For each way of setting, what every zone does: what an installer reads out to the client.
///
/// @param rows every zone that is programmed, by number
public record SettingMatrix(List<Row> rows) {
    /// A way an area can be.
    public enum Way {
        /// Nobody watches it.
        UNSET(AreaMode.UNSET),
        /// Part of it is watched, people are in.
        PART_SET(AreaMode.PART_SET),
        /// All of it is watched, nobody is in.
        SET(AreaMode.SET),
        /// All of it is watched, and the entry time runs.
        ENTERING(AreaMode.ENTERING),
        /// The exit time runs.
        LEAVING(AreaMode.LEAVING);

        private final AreaMode mode;

        Way(AreaMode mode) {
            this.mode = mode;
        }
    }

    /// What one zone does.
    ///
    /// @param zone its number
    /// @param name its point's name; empty where no point is on it
    /// @param type its behaviour
    /// @param area its area; 0 for none
    /// @param does what it does in each way
    public record Row(int zone, String name, ZoneType type, int area, Map<Way, ZoneEffect> does) {
        public Row {
            does = Map.copyOf(does);
        }
    }

    public SettingMatrix {
        rows = List.copyOf(rows);
    }

    /// The matrix of a job: every zone that is programmed, switched off or not, or that a point is wired to.
    public static SettingMatrix of(Parts job) {
        Intent intent = new Intent(job);
        ZoneWatch watch = new ZoneWatch(OperationRules.of(job));
        Set<Integer> programmed = job.zones().stream().map(Zone::number).collect(Collectors.toSet());
        Stream<Zone> never = job.inputs().stream()
                .filter(input -> input.pointId().isPresent() && programmed.add(input.zone()))
                .map(input -> new Zone(input.zone(), ZoneType.NOT_USED, Optional.empty(), Optional.empty()));
        return new SettingMatrix(Stream.concat(job.zones().stream(), never)
                .sorted(Comparator.comparingInt(Zone::number))
                .map(zone -> row(intent, watch, zone))
                .toList());
    }

    private static Row row(Intent intent, ZoneWatch watch, Zone zone) {
        Map<Way, ZoneEffect> does = new EnumMap<>(Way.class);
        for (Way way : Way.values()) {
            does.put(way, watch.of(zone.number(), way.mode, way == Way.PART_SET));
        }
        return new Row(
                zone.number(),
                intent.point(zone.number()).map(point -> point.name()).orElse(""),
                zone.type(),
                zone.area().orElse(0),
                does);
    }
}
