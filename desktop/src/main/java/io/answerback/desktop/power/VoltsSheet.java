package io.answerback.desktop.power;

import io.answerback.core.battery.LeadAcid;
import io.answerback.core.cable.CableType;
import io.answerback.core.id.FedId;
import io.answerback.core.profile.Conductor;
import io.answerback.core.profile.SupplyUnit;
import io.answerback.core.remedy.CableLimits;
import io.answerback.core.remedy.Remedies;
import io.answerback.core.remedy.Remedy;
import io.answerback.core.site.Job;
import io.answerback.core.supply.DeviceVolts;
import io.answerback.core.supply.SupplyState;
import io.answerback.core.supply.SupplyTree;
import io.answerback.desktop.drawing.Flow;
import io.answerback.desktop.drawing.Switch;
import io.answerback.desktop.drawing.Tool;
import io.answerback.desktop.drawing.Words;
import io.answerback.desktop.shell.Sheet;
import io.answerback.desktop.theme.Look;
import io.answerback.desktop.work.Background;
import io.answerback.desktop.work.OpenJob;
import io.answerback.desktop.work.WindowState;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.function.ToDoubleFunction;
import javafx.scene.layout.VBox;

/// The volts at everything a supply feeds, in an alarm, and what would mend those that are too low.
final class VoltsSheet extends Sheet {
    /// What the battery is at.
    private enum Source {
        FLOAT("on mains (float)", unit -> LeadAcid.FLOAT_VOLTS, DeviceVolts::atFloat),
        NOMINAL("on battery", unit -> LeadAcid.NOMINAL_VOLTS, DeviceVolts::atNominal),
        END("end of discharge", SupplyUnit::cutOffVolts, DeviceVolts::atEnd);

        private final String words;
        private final ToDoubleFunction<SupplyUnit> volts;
        private final ToDoubleFunction<DeviceVolts> at;

        Source(String words, ToDoubleFunction<SupplyUnit> volts, ToDoubleFunction<DeviceVolts> at) {
            this.words = words;
            this.volts = volts;
            this.at = at;
        }
    }

    /// What was tried on the job.
    private record Tried(List<Remedy> remedies, Optional<CableLimits> limits) {}

    private final OpenJob openJob;
    private final Look look;
    private final Background background;
    private final Supplier<List<CableType>> types;
    private final SupplyChoice choice;
    private final VBox remedies = new VBox();
    private Source source = Source.END;
    private Job triedOn;
    private FedId triedFor = null;

    VoltsSheet(OpenJob openJob, Look look, Background background, Supplier<List<CableType>> types) {
        this.openJob = openJob;
        this.look = look;
        this.background = background;
        this.types = types;
        this.choice = new SupplyChoice(() -> show(openJob.now()));
        remedies.getStyleClass().add("gaps");
        instrument.getChildren().setAll(remedies);
    }

    @Override
    public String title() {
        return "Volts at the far end";
    }

    @Override
    public String about(WindowState state) {
        return "in an alarm, copper at its hottest";
    }

    @Override
    public void show(WindowState state) {
        sheet.getChildren().clear();
        Optional<SupplyState> supply = choice.of(state);
        if (supply.isEmpty() || supply.get().trees().isEmpty()) {
            sheet.getChildren()
                    .add(Words.wrapped(
                            Words.of("empty", "Nothing hangs on a supply yet: cables come first (Ctrl+3).")));
            remedies.getChildren().clear();
            return;
        }
        Flow row = new Flow(
                choice.node(state),
                Switch.bare("Battery", Arrays.asList(Source.values()), source, its -> its.words, its -> {
                    source = its;
                    show(openJob.now());
                }));
        row.getStyleClass().add("switches");
        sheet.getChildren().add(row);
        for (SupplyTree tree : supply.get().trees()) {
            TreeDrawing drawing = new TreeDrawing(tree, supply.get().volts(), openJob, look);
            drawing.show(outputVolts(supply.get().unit()), source.at);
            sheet.getChildren()
                    .addAll(
                            Words.section(
                                    tree.title(),
                                    "%.0f mA quiescent, %.0f mA in an alarm"
                                            .formatted(tree.milliamps(false), tree.milliamps(true))),
                            drawing);
        }
        mend(state, supply.get());
    }

    private double outputVolts(SupplyUnit unit) {
        return unit.outputVolts(source.volts.applyAsDouble(unit));
    }

    /// Tries what would mend the selected device, or the first that is short, off the JavaFX thread.
    private void mend(WindowState state, SupplyState supply) {
        Optional<DeviceVolts> device = supply.volts().stream()
                .filter(its -> !its.ok() && its.part().equals(state.selected()))
                .findFirst()
                .or(() -> supply.volts().stream().filter(its -> !its.ok()).findFirst());
        if (device.isEmpty()) {
            triedFor = null;
            remedies.getChildren()
                    .setAll(
                            Words.title("What would mend it"),
                            Words.wrapped(Words.quiet("Nothing here is short of volts.")));
            return;
        }
        FedId part = device.get().part();
        if (state.job() == triedOn && part.equals(triedFor)) {
            return;
        }
        triedOn = state.job();
        triedFor = part;
        remedies.getChildren().setAll(Words.title("What would mend it"), Words.quiet("trying …"));
        Job job = state.job();
        background.compute(() -> new Tried(Remedies.of(job, part, types.get()), CableLimits.of(job, part)), tried -> {
            if (job == triedOn && part.equals(triedFor)) {
                offer(device.get(), tried);
            }
        });
    }

    private static String needs(DeviceVolts device) {
        String gets = device.collapsed()
                ? "At the end of discharge no voltage is left for %s".formatted(device.title())
                : "%s gets %.2f V at the end of discharge".formatted(device.title(), device.atEnd());
        return device.leastVolts() > 0 ? "%s; it needs %.1f V.".formatted(gets, device.leastVolts()) : gets + ".";
    }

    /// The thinnest conductor on any reel that is enough, in words.
    private String smallest(CableLimits limits) {
        return types.get().stream()
                .map(CableType::conductor)
                .filter(conductor -> conductor.ohmsPerKilometre() <= limits.mostOhmsPerKilometre())
                .max(Comparator.comparingDouble(Conductor::ohmsPerKilometre))
                .map(conductor -> ", so %s is enough".formatted(conductor.name()))
                .orElse(", which no reel here has");
    }

    private static String judged(Remedy remedy) {
        if (remedy.ok()) {
            return "enough";
        }
        return remedy.leavesShort().isEmpty()
                ? "not enough"
                : "leaves %s short".formatted(String.join(", ", remedy.leavesShort()));
    }

    private void offer(DeviceVolts device, Tried tried) {
        remedies.getChildren().setAll(Words.title("What would mend it"), Words.wrapped(Words.quiet(needs(device))));
        for (Remedy remedy : tried.remedies()) {
            Flow what = new Flow(Words.figure("%.2f V".formatted(remedy.atEndVolts())), Words.quiet(judged(remedy)));
            if (remedy.ok()) {
                what.getChildren()
                        .add(Tool.of(
                                "Do it", remedy.words() + "; undo takes it back", () -> openJob.apply(remedy.edit())));
            }
            what.getStyleClass().add("section");
            remedies.getChildren()
                    .addAll(Words.wrapped(Words.of(remedy.ok() ? "finding-says" : "quiet", remedy.words())), what);
        }
        tried.limits()
                .ifPresent(limits -> remedies.getChildren()
                        .add(Words.wrapped(Words.quiet(
                                "As it is fed now, its cable may be %.0f m long at the most; at its length each core may have %.0f Ω/km%s."
                                        .formatted(
                                                Math.floor(limits.longestMetres()),
                                                Math.floor(limits.mostOhmsPerKilometre()),
                                                smallest(limits))))));
        if (tried.remedies().isEmpty()) {
            remedies.getChildren()
                    .add(Words.wrapped(
                            Words.quiet("Nothing that can be tried here; a shorter way, or a supply beside it.")));
        }
    }
}
