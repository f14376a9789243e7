package io.answerback.core.handover;

import io.answerback.core.assess.Assessment;
import io.answerback.core.engine.finding.Mark;
import io.answerback.core.engine.wording.Terms;
import io.answerback.core.loop.commission.LoopReading;
import io.answerback.core.loop.commission.Readings;
import io.answerback.core.model.common.Figures;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.power.SupplyReading;
import io.answerback.core.model.site.Area;
import io.answerback.core.model.site.Input;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Measurement;
import io.answerback.core.model.site.Point;
import io.answerback.core.model.site.Zone;
import io.answerback.core.paper.CableSchedule;
import io.answerback.core.paper.CoreSchedule;
import io.answerback.core.paper.PowerTables;
import io.answerback.core.paper.SetupPaper;
import io.answerback.core.paper.Table;
import io.answerback.core.report.JobSignals;
import io.answerback.core.report.OperatorsList;
import io.answerback.core.setup.RunSheet;
import io.answerback.core.setup.SetupState;
import io.answerback.core.signal.event.EventTable;
import io.answerback.core.supply.Supplies;
import io.answerback.core.supply.SupplyState;
import io.answerback.core.supply.battery.BatteryState;
import io.answerback.core.wiring.cores.CorePlan;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/// What was built: zones, areas, cables and cores, loops and supplies as measured, and what was programmed.
record BuiltSections(Assessment assessment, EventTable events) {
    private Job job() {
        return assessment.job();
    }

    private String title(String what) {
        return job().site().name() + ": " + what;
    }

    List<PackSection> sections() {
        return List.of(zones(), areas(), cables(), cores(), loops(), supplies(), programmed());
    }

    private PackSection zones() {
        List<List<String>> rows = new ArrayList<>();
        int whole = 0;
        for (Point point : job().points()) {
            Optional<Input> input = job().inputOf(point.id());
            Optional<Zone> zone = input.map(Input::zone).flatMap(job()::zone);
            String line = operatorsLine(point.id());
            whole += line.isEmpty() ? 0 : 1;
            rows.add(List.of(
                    point.id().text(),
                    point.name(),
                    input.map(job()::nameOf).orElse("no input"),
                    zone.map(its -> Integer.toString(its.number())).orElse("—"),
                    zone.map(its -> its.type().words()).orElse("—"),
                    zone.flatMap(Zone::area).map(area -> Text.of("%02d", area)).orElse("none"),
                    line.isEmpty() ? "nothing arrives" : line));
        }
        Table table = new Table(
                title("zone list as built"),
                List.of("No", "Point", "Input", "Zone", "What it does", "Area", "What the operator reads"),
                List.of(0.4, 2.0, 1.3, 0.5, 1.5, 0.5, 2.6),
                rows,
                List.of());
        return PackSection.of(
                "zone-list",
                PackSection.whole(whole, rows.size()),
                Text.counted(rows.size(), "point") + Text.of(", %d of them arrive at the station", whole),
                table);
    }

    private String operatorsLine(PointId id) {
        EventTable named = events.in(Terms.of(job().practice()));
        return JobSignals.whenActive(job(), id)
                .map(JobSignals.Sent::signal)
                .map(signal -> new OperatorsList(job(), named).line(signal))
                .orElse("");
    }

    private PackSection areas() {
        List<List<String>> rows = new ArrayList<>();
        for (Area area : job().areas()) {
            List<String> points = job().points().stream()
                    .filter(point -> job().inputOf(point.id())
                            .map(Input::zone)
                            .flatMap(job()::zone)
                            .flatMap(Zone::area)
                            .filter(number -> number == area.number())
                            .isPresent())
                    .map(point -> point.id() + " " + point.name())
                    .toList();
            rows.add(List.of(
                    Text.of("%02d", area.number()),
                    area.name(),
                    area.account().isEmpty() ? "none" : area.account(),
                    String.join(", ", points)));
        }
        Table table = new Table(
                title("areas and what is in them"),
                List.of("Area", "Name", "Account", "Points"),
                List.of(0.4, 1.2, 0.7, 5.0),
                rows,
                List.of());
        return PackSection.of("areas", PackSection.whole(rows.size(), rows.size()), rows.size() + " areas", table);
    }

    private PackSection cables() {
        Table table = CableSchedule.of(job(), assessment.get(CorePlan.FACT));
        return PackSection.of(
                "cable-schedule",
                table.gaps().isEmpty() ? PackSection.whole(table.rows().size(), 0) : Mark.TIGHT,
                Text.of(
                        "%d cables, %d gaps",
                        job().cables().size(), table.gaps().size()),
                table);
    }

    private PackSection cores() {
        Table table = CoreSchedule.of(job(), assessment.get(CorePlan.FACT));
        return PackSection.of(
                "core-schedule",
                table.gaps().isEmpty() ? PackSection.whole(table.rows().size(), 0) : Mark.TIGHT,
                Text.counted(table.rows().size(), "core") + ", "
                        + Text.counted(table.gaps().size(), "gap"),
                table);
    }

    private PackSection loops() {
        List<List<String>> rows = new ArrayList<>();
        for (LoopReading reading : assessment.get(Readings.FACT)) {
            rows.add(List.of(
                    reading.pointId().text(),
                    job().existingPoint(reading.pointId()).name(),
                    reading.setup().measured().words(),
                    reading.should(),
                    reading.latest().map(BuiltSections::ohms).orElse("—"),
                    reading.latest()
                            .map(its -> its.at().toString().substring(0, 10))
                            .orElse("—"),
                    reading.verdict().words()));
        }
        long measured = assessment.get(Readings.FACT).stream()
                .filter(reading -> reading.setup().measured() == Measurement.Measured.LOOP_AT_REST)
                .count();
        long wired =
                job().points().stream().filter(point -> !point.kind().radio()).count();
        boolean off = assessment.get(Readings.FACT).stream()
                .anyMatch(reading -> reading.verdict().off());
        Table table = new Table(
                title("loops as measured"),
                List.of("No", "Point", "Measured", "Computed", "Read", "On", "Verdict"),
                List.of(0.4, 2.0, 1.5, 1.7, 1.0, 1.0, 1.0),
                rows,
                List.of());
        return PackSection.of(
                "loops",
                off ? Mark.WRONG : PackSection.whole((int) measured, (int) wired),
                Text.of("%d of %d loops measured", measured, wired),
                table);
    }

    private static String ohms(Measurement reading) {
        return reading.ohms().map(Figures::ohms).orElse("open");
    }

    private PackSection supplies() {
        List<List<String>> rows = new ArrayList<>();
        int read = 0;
        List<SupplyState> states = assessment.get(Supplies.FACT).states();
        for (SupplyState state : states) {
            List<SupplyReading> readings = job().power().readings().stream()
                    .filter(reading -> reading.module().equals(state.module()))
                    .toList();
            read += readings.isEmpty() ? 0 : 1;
            rows.add(List.of(
                    state.title(),
                    Text.of("%.0f mA", state.milliamps(false)),
                    Text.of("%.0f mA", state.milliamps(true)),
                    state.battery().map(BuiltSections::fitted).orElse("no battery"),
                    state.battery()
                            .map(battery -> Text.of("%.1f h of %.0f h", battery.standbyHours(), battery.ruleHours()))
                            .orElse(state.beyond()),
                    readings.isEmpty()
                            ? "not measured"
                            : readings.stream().map(BuiltSections::reading).collect(Collectors.joining(", "))));
        }
        boolean few = states.stream().flatMap(state -> state.battery().stream()).anyMatch(battery -> !battery.enough());
        Table table = new Table(
                title("supplies and batteries"),
                List.of("Supply", "Quiescent", "Alarm", "Battery", "Holds", "Measured"),
                List.of(1.3, 0.9, 0.9, 1.6, 1.3, 2.6),
                rows,
                List.of());
        List<Table> tables = new ArrayList<>(List.of(table));
        states.forEach(state ->
                tables.addAll(PowerTables.of(title(state.title()), job(), assessment.get(Supplies.FACT), state)));
        return new PackSection(
                "supplies",
                table.title(),
                few ? Mark.WRONG : PackSection.whole(read, states.size()),
                Text.of("%d of %d supplies measured, every load summed", read, states.size()),
                tables);
    }

    private static String fitted(BatteryState battery) {
        return battery.fitted()
                .map(its -> Text.of("%.1f Ah", its.ratedAmpHours())
                        + its.fittedOn().map(day -> ", fitted " + day).orElse(", not fitted yet"))
                .orElse("none chosen");
    }

    private static String reading(SupplyReading reading) {
        return Text.of(
                "%s %.2f %s",
                reading.what().words(), reading.value(), reading.what().unit());
    }

    private PackSection programmed() {
        RunSheet sheet = assessment.get(SetupState.FACT).sheet();
        Table table = SetupPaper.entries(job(), sheet.withoutCodes());
        return PackSection.of(
                "programmed",
                PackSection.whole(sheet.done(), sheet.differing().size()),
                Text.of(
                        "%d of %d entries typed; codes never",
                        sheet.done(), sheet.differing().size()),
                table);
    }
}
