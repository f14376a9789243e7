package io.answerback.core.setup;

import io.answerback.core.profile.Decision;
import io.answerback.core.profile.Decision.PartSet;
import io.answerback.core.profile.SettingValue;
import io.answerback.core.profile.ZoneType;
import io.answerback.core.site.Parts;
import io.answerback.core.site.Zone;
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
        UNSET,
        /// Part of it is watched, people are in.
        PART_SET,
        /// All of it is watched, nobody is in.
        SET,
        /// All of it is watched, and the entry time runs.
        ENTERING,
        /// The exit time runs.
        LEAVING
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
        Set<Integer> programmed = job.zones().stream().map(Zone::number).collect(Collectors.toSet());
        Stream<Zone> never = job.inputs().stream()
                .filter(input -> input.pointId().isPresent() && programmed.add(input.zone()))
                .map(input -> new Zone(input.zone(), ZoneType.NOT_USED, Optional.empty(), Optional.empty()));
        return new SettingMatrix(Stream.concat(job.zones().stream(), never)
                .sorted(Comparator.comparingInt(Zone::number))
                .map(zone -> row(intent, zone))
                .toList());
    }

    private static Row row(Intent intent, Zone zone) {
        Map<Way, ZoneEffect> does = new EnumMap<>(Way.class);
        boolean chime = intent.of(Decision.ZONE_CHIME, zone.number())
                .filter(new SettingValue.Switch(true)::equals)
                .isPresent();
        PartSet part = intent.partSetOf(zone.number());
        for (Way way : Way.values()) {
            boolean off = zone.area().isEmpty() || zone.type() == ZoneType.NOT_USED;
            does.put(way, off ? ZoneEffect.NOTHING : does(zone.type(), way, part, chime));
        }
        return new Row(
                zone.number(),
                intent.point(zone.number()).map(point -> point.name()).orElse(""),
                zone.type(),
                zone.area().orElse(0),
                does);
    }

    private static ZoneEffect does(ZoneType type, Way way, PartSet part, boolean chime) {
        if (type.watchesAlways()) {
            return ZoneEffect.ALARM;
        }
        return switch (type) {
            case LOG_ONLY -> ZoneEffect.LOG;
            case KEY_SWITCH, KEY_SWITCH_HELD -> ZoneEffect.SWITCHES;
            default ->
                switch (way) {
                    case UNSET -> chime ? ZoneEffect.CHIME : ZoneEffect.NOTHING;
                    case PART_SET -> partSet(type, part);
                    case SET -> type == ZoneType.ENTRY_EXIT ? ZoneEffect.ENTRY : ZoneEffect.ALARM;
                    case ENTERING, LEAVING -> type.delayed() ? ZoneEffect.WAITS : ZoneEffect.ALARM;
                };
        };
    }

    private static ZoneEffect partSet(ZoneType type, PartSet part) {
        return switch (part) {
            case OUT -> ZoneEffect.NOTHING;
            case ENTRY -> ZoneEffect.ENTRY;
            case STAYS -> type == ZoneType.ENTRY_EXIT ? ZoneEffect.ENTRY : ZoneEffect.ALARM;
        };
    }
}
