package io.answerback.command;

import io.answerback.core.loop.WiredPoint;
import io.answerback.core.loop.commission.PointDiagnosis;
import io.answerback.core.loop.fault.Diagnosis;
import io.answerback.core.loop.fault.Explanation;
import io.answerback.core.loop.fault.FaultWords;
import io.answerback.core.loop.fault.MeasurementSetup;
import io.answerback.core.loop.fault.Reading;
import io.answerback.core.loop.scheme.FittedLoop;
import io.answerback.core.model.common.FigureReader;
import io.answerback.core.model.profile.InputModel;
import io.answerback.core.model.site.Job;
import io.answerback.files.BrokenFile;
import io.answerback.files.DataFiles;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// What explains one or several readings of a point's loop.
@Command(
        name = "diagnose",
        description = "what explains a reading of a point's loop, and what to measure next",
        mixinStandardHelpOptions = true)
final class DiagnoseVerb implements Callable<Integer> {
    @Mixin
    private JobArgument argument;

    @Option(names = "--point", required = true, paramLabel = "ID", description = "the point's number")
    private String point;

    @Option(
            names = "--ohms",
            paramLabel = "X",
            description = "what the meter shows, cores lifted: 4k4, 4380 or open; once for each --state")
    private List<String> ohms = new ArrayList<>();

    @Option(
            names = "--volts",
            paramLabel = "V",
            description = "instead of --ohms: what it shows at the input while that is connected")
    private List<Double> volts = new ArrayList<>();

    @Option(
            names = "--state",
            paramLabel = "STATE",
            description = "how the loop was put: at-rest, active, cover-off, masked, second-active, both-active,"
                    + " far-end-shorted, far-end-lifted, from-mid-joint, to-0v, new-resistor (default: at-rest)")
    private List<String> states = new ArrayList<>();

    @Override
    public Integer call() throws BrokenFile {
        Job job = argument.job();
        WiredPoint wired = JobArgument.wired(argument.assess(job), point);
        FittedLoop loop = wired.fitted().orElseThrow();
        List<Reading> readings = readings(loop, wired.model());
        Diagnosis diagnosis = Diagnosis.of(loop, DataFiles.priors().withKit(PointDiagnosis.kitOhms(job)), readings);
        List<MeasurementSetup> measured = readings.stream().map(Reading::setup).toList();
        if (argument.json()) {
            System.out.println(Json.text(json(diagnosis, loop, measured)));
        } else {
            print(diagnosis, loop, measured);
        }
        return 0;
    }

    private List<Reading> readings(FittedLoop loop, InputModel model) {
        int count = ohms.size() + volts.size();
        if (ohms.isEmpty() == volts.isEmpty()) {
            throw new IllegalArgumentException("give what the meter shows, either as --ohms or as --volts");
        }
        if (count > 1 && states.size() < count) {
            throw new IllegalArgumentException(
                    "there are %d readings and %d states; give each reading its own, such as --ohms 2k2 --state at-rest --ohms 6k9 --state active"
                            .formatted(count, states.size()));
        }
        if (states.size() > count) {
            throw new IllegalArgumentException(
                    "there are %d states and %d readings; give each reading its state".formatted(states.size(), count));
        }
        List<Reading> readings = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            MeasurementSetup setup = i < states.size() ? setup(states.get(i), loop) : MeasurementSetup.AT_REST;
            readings.add(
                    ohms.isEmpty()
                            ? Reading.volts(setup, volts.get(i), model)
                            : Reading.ohms(setup, ohms(ohms.get(i))));
        }
        return readings;
    }

    private static double ohms(String shown) {
        return shown.equalsIgnoreCase("open")
                ? Double.POSITIVE_INFINITY
                : FigureReader.read(shown, "reading in ohms").orThrow();
    }

    private static MeasurementSetup setup(String id, FittedLoop loop) {
        List<MeasurementSetup> setups = MeasurementSetup.of(loop);
        return setups.stream()
                .filter(setup -> setup.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("state is \"%s\"; at this loop it must be one of %s"
                        .formatted(id, setups.stream().map(MeasurementSetup::id).collect(Collectors.joining(", ")))));
    }

    private static List<Explanation> shown(Diagnosis diagnosis) {
        return diagnosis.explanations().stream()
                .filter(explanation -> explanation.probability() >= Diagnosis.LEAST_SHOWN)
                .toList();
    }

    private ObjectNode json(Diagnosis diagnosis, FittedLoop loop, List<MeasurementSetup> measured) {
        ObjectNode document = Json.object().put("point", point);
        ArrayNode causes = document.putArray("causes");
        for (Explanation explanation : shown(diagnosis)) {
            causes.addObject()
                    .put("cause", explanation.cause().id())
                    .put("probability", Math.round(explanation.probability() * 10_000) / 10_000.0)
                    .put("says", FaultWords.says(explanation))
                    .put("detail", FaultWords.predicts(explanation, loop, measured));
        }
        diagnosis
                .next()
                .ifPresentOrElse(
                        next -> document.putObject("next")
                                .put("action", next.setup().order())
                                .put("state", next.setup().id())
                                .put("splits", Math.round(next.bits() * 1000) / 1000.0),
                        () -> document.putNull("next"));
        diagnosis.contradiction().ifPresent(its -> document.put("contradiction", FaultWords.says(its)));
        return document.put("settled", diagnosis.settled()).put("byPriorOnly", diagnosis.byPriorOnly());
    }

    private static void print(Diagnosis diagnosis, FittedLoop loop, List<MeasurementSetup> measured) {
        for (Explanation explanation : shown(diagnosis)) {
            System.out.printf(
                    "%5.1f %%  %s%n         %s%n",
                    100 * explanation.probability(),
                    FaultWords.says(explanation),
                    FaultWords.predicts(explanation, loop, measured));
        }
        diagnosis.contradiction().ifPresent(its -> System.out.println(FaultWords.says(its)));
        if (diagnosis.byPriorOnly()) {
            System.out.println(
                    "The first two fit these readings equally well; only how often they are met tells them apart.");
        }
        System.out.println(diagnosis
                .next()
                .map(next -> "Next: " + next.setup().order() + ".")
                .orElse(diagnosis.settled() ? "That settles it." : "No further reading here would tell more."));
    }
}
