package io.answerback.files.demo;

import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.device.PointKind;
import io.answerback.core.model.device.ResistorPlace;
import io.answerback.core.model.device.SchemeKind;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.InputId;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.Conductor;
import io.answerback.core.model.profile.UnusedTermination;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.site.Input;
import io.answerback.core.model.site.LoopWiring;
import io.answerback.core.model.site.Point;
import io.answerback.core.model.site.SurveyedZone;
import io.answerback.core.model.site.Zone;
import io.answerback.core.survey.KindCatalogue;
import io.answerback.files.DataFiles;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.apache.commons.csv.CSVRecord;

/// The rows of the data file of a demo as points, cables, inputs and zones.
final class DemoRows {
    private static final KindCatalogue KINDS = DataFiles.kinds();

    private DemoRows() {}

    static Point point(CSVRecord row) {
        var loop = new LoopWiring(
                SchemeKind.valueOf(row.get("scheme")),
                number(row, "end_of_line"),
                4700,
                10_000,
                number(row, "tolerance"),
                0.2,
                ResistorPlace.LAST_DEVICE,
                false);
        PointKind kind = KINDS.byId(row.get("kind")).orElseThrow().kind();
        SurveyedZone surveyed = new SurveyedZone(
                ZoneType.valueOf(row.get("surveyed")),
                Optional.of((int) number(row, "surveyed_area")),
                row.get("way_in").equals("1"));
        return Point.of(new PointId(row.get("id")), row.get("name"), kind, surveyed, loop);
    }

    static Cable cable(CSVRecord row) {
        Conductor conductor = DataFiles.conductors().stream()
                .filter(known -> known.name().equals("0.22 mm²"))
                .findFirst()
                .orElseThrow();
        return new Cable(
                new CableId(row.get("cable")),
                new PointId(row.get("id")),
                number(row, "metres"),
                conductor,
                number(row, "coldest"),
                number(row, "hottest"));
    }

    static List<Input> inputs(List<CSVRecord> rows) {
        List<Input> inputs = new ArrayList<>();
        for (CSVRecord row : rows) {
            inputs.add(row.get("shares").isEmpty() ? ownInput(row) : secondZone(row));
        }
        inputs.add(input("Panel", 8, 8, Optional.empty(), UnusedTermination.NOTHING));
        inputs.add(input("Expander 2", 6, 22, Optional.empty(), UnusedTermination.RESISTOR));
        inputs.add(input("Expander 2", 8, 24, Optional.empty(), UnusedTermination.RESISTOR));
        inputs.add(input("Keypad 3", 1, 43, Optional.empty(), UnusedTermination.RESISTOR));
        return inputs;
    }

    private static Input ownInput(CSVRecord row) {
        return input(
                row.get("module"),
                (int) number(row, "number"),
                (int) number(row, "zone"),
                Optional.of(new PointId(row.get("id"))),
                UnusedTermination.NOTHING);
    }

    private static Input secondZone(CSVRecord row) {
        return new Input(
                new InputId(row.get("shares") + "b"),
                new ModuleId(row.get("module")),
                (int) number(row, "number"),
                (int) number(row, "zone"),
                Optional.of(new PointId(row.get("id"))),
                UnusedTermination.NOTHING,
                Optional.of(new InputId(row.get("shares"))));
    }

    private static Input input(
            String module, int number, int zone, Optional<PointId> point, UnusedTermination unusedFitted) {
        return Input.of(new InputId(module + "." + number), new ModuleId(module), number, zone, point, unusedFitted);
    }

    static Zone zone(CSVRecord row) {
        return new Zone(
                (int) number(row, "zone"),
                ZoneType.valueOf(row.get("zone_type")),
                Optional.of(row.get("area")).filter(area -> !area.isEmpty()).map(Integer::valueOf),
                Optional.of(row.get("own_event")).filter(event -> !event.isEmpty()));
    }

    private static double number(CSVRecord row, String column) {
        return Double.parseDouble(row.get(column));
    }
}
