package io.answerback.core.paper;

import io.answerback.core.model.common.Text;
import io.answerback.core.model.site.Parts;
import io.answerback.core.setup.Intent;
import io.answerback.core.supply.DeviceVolts;
import io.answerback.core.supply.LoadLine;
import io.answerback.core.supply.SoundOutput;
import io.answerback.core.supply.Sounders;
import io.answerback.core.supply.Supplies;
import io.answerback.core.supply.SupplyState;
import java.util.ArrayList;
import java.util.List;

/// The tables that go with a supply on paper: every load, the volts at everything it feeds, and what sounds.
public final class PowerTables {
    private PowerTables() {}

    /// The tables of one supply.
    ///
    /// @param title what stands before the title of each
    public static List<Table> of(String title, Parts job, Supplies supplies, SupplyState state) {
        List<Table> tables = new ArrayList<>();
        tables.add(loads(title, state));
        if (!state.volts().isEmpty()) {
            tables.add(volts(title, state));
        }
        List<SoundOutput> outputs = supplies.sounders().outputs().stream()
                .filter(output -> output.module().equals(state.module()))
                .toList();
        if (!outputs.isEmpty()) {
            tables.add(sounders(title, job, supplies.sounders(), outputs));
        }
        return tables;
    }

    private static Table sounders(String title, Parts job, Sounders sounders, List<SoundOutput> outputs) {
        List<List<String>> rows = new ArrayList<>();
        for (SoundOutput output : outputs) {
            for (SoundOutput.Load load : output.loads()) {
                rows.add(List.of(
                        output.title(),
                        output.limitMilliamps() > 0 ? milliamps(output.limitMilliamps()) : "not known",
                        load.title(),
                        milliamps(load.milliamps()),
                        sounders.sounder(load.part())
                                .map(its -> "link on " + its.level().name())
                                .orElse(""),
                        output.overloaded() ? "TOO MUCH" : ""));
            }
        }
        String minutes = Text.of(", sounding for %.0f min", new Intent(job).sounderMinutes());
        return new Table(
                title + ": what sounds" + minutes,
                List.of("Output", "Gives", "Part", "Takes", "Set", ""),
                List.of(1.6, 1.0, 1.8, 1.0, 1.2, 0.9),
                rows,
                List.of());
    }

    private static Table loads(String title, SupplyState state) {
        List<List<String>> rows = new ArrayList<>();
        for (LoadLine line : state.lines()) {
            rows.add(List.of(
                    line.title(),
                    milliamps(line.quiescentMilliamps()),
                    milliamps(line.alarmMilliamps()),
                    line.loadType().words(),
                    line.source()));
        }
        rows.add(List.of("Together", milliamps(state.milliamps(false)), milliamps(state.milliamps(true)), "", ""));
        return new Table(
                title + ": loads at 12 V",
                List.of("Part", "Quiescent", "Alarm", "Load type", "From"),
                List.of(2.4, 1.0, 1.0, 1.4, 1.4),
                rows,
                List.of());
    }

    private static String milliamps(double milliamps) {
        return Text.of("%.1f mA", milliamps);
    }

    private static Table volts(String title, SupplyState state) {
        return new Table(
                title + ": volts in an alarm",
                List.of("Part", "Fed from", "Needs", "On mains (float)", "On battery", "End of discharge", ""),
                List.of(2.2, 1.4, 0.9, 1.0, 1.0, 1.1, 0.8),
                state.volts().stream().map(PowerTables::volts).toList(),
                List.of());
    }

    private static List<String> volts(DeviceVolts device) {
        return List.of(
                device.title(),
                device.output(),
                device.leastVolts() > 0 ? figure(device.leastVolts()) : "not known",
                figure(device.atFloat()),
                figure(device.atNominal()),
                figure(device.atEnd()),
                device.sound()
                        ? ""
                        : device.ok() ? device.lengthsKnown() ? "not known" : "a cable has no length" : "SHORT");
    }

    static String figure(double volts) {
        return volts <= 0 ? "none" : Text.of("%.2f V", volts);
    }
}
