package io.answerback.command;

import io.answerback.core.loop.CaseReading;
import io.answerback.core.loop.LoopCheck;
import io.answerback.core.loop.LoopLimits;
import io.answerback.core.loop.LoopResult;
import io.answerback.core.loop.WiredPoint;
import io.answerback.core.model.common.Figures;
import io.answerback.core.model.profile.Conductor;
import io.answerback.core.model.profile.Meaning;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Link;
import io.answerback.core.prove.chain.PointResult;
import io.answerback.files.BrokenFile;
import io.answerback.files.DataFiles;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// The states and limits of one point's loop.
@Command(name = "loop", description = "states and limits of a point's loop", mixinStandardHelpOptions = true)
final class LoopVerb implements Callable<Integer> {
    @Mixin
    private JobArgument argument;

    @Option(names = "--point", required = true, paramLabel = "ID", description = "the point's number")
    private String point;

    @Override
    public Integer call() throws BrokenFile {
        Job job = argument.job();
        PointResult result = JobArgument.point(argument.assess(job), point);
        LoopResult loop = result.wired()
                .flatMap(WiredPoint::loop)
                .orElseThrow(() -> new IllegalArgumentException("the loop of point %s cannot be computed: %s"
                        .formatted(point, result.chain().of(Link.LOOP).line())));
        Optional<LoopLimits> limits = limits(result.wired().orElseThrow());
        if (argument.json()) {
            System.out.println(Json.text(json(loop, limits)));
        } else {
            print(loop, limits);
        }
        return loop.unsafe().isEmpty() ? 0 : 1;
    }

    private static Optional<LoopLimits> limits(WiredPoint wired) {
        return LoopLimits.of(
                wired.fitted().orElseThrow(), wired.loop().orElseThrow().chart(), DataFiles.conductors());
    }

    private ObjectNode json(LoopResult loop, Optional<LoopLimits> limits) {
        ObjectNode document = Json.object().put("point", point);
        ArrayNode states = document.putArray("states");
        for (CaseReading reading : loop.cases()) {
            ObjectNode state =
                    states.addObject().put("state", reading.loopCase().id());
            Json.putOhms(state, "lowOhms", reading.range().lowOhms());
            Json.putOhms(state, "nominalOhms", reading.range().nominalOhms());
            Json.putOhms(state, "highOhms", reading.range().highOhms());
            state.put("open", reading.range().open())
                    .put("reads", reads(reading))
                    .put("expected", expected(reading))
                    .put("safe", reading.safe())
                    .put("margin", Math.round(reading.margin() * 10_000) / 10_000.0);
        }
        limits.ifPresent(its -> putLimits(document.putObject("limits"), its));
        loop.longestMetres()
                .ifPresentOrElse(
                        metres -> document.put("longestMetres", metres), () -> document.putNull("longestMetres"));
        return document.put(
                "noLimitBelowLongest",
                loop.longestMetres()
                        .filter(metres -> metres >= LoopCheck.LONGEST_METRES)
                        .isPresent());
    }

    private static void putLimits(ObjectNode node, LoopLimits limits) {
        node.put("loosestTolerancePercent", rounded(limits.loosestTolerancePercent()))
                .put("leastLeakOhms", rounded(limits.leastLeakOhms()))
                .put("mostContacts", limits.mostContacts())
                .put("coldestCelsius", rounded(limits.coldestCelsius()))
                .put("hottestCelsius", rounded(limits.hottestCelsius()))
                .put("thinnest", limits.thinnest().map(Conductor::name).orElse(""));
    }

    private static double rounded(double value) {
        return Math.round(value * 100) / 100.0;
    }

    private static String reads(CaseReading reading) {
        return reading.reads().map(Meaning::word).orElse("between bands");
    }

    private static String expected(CaseReading reading) {
        Set<Meaning> right = reading.loopCase().rightConclusions();
        if (right.containsAll(EnumSet.allOf(Meaning.class))) {
            return "any band";
        }
        return right.containsAll(EnumSet.complementOf(EnumSet.of(Meaning.NORMAL)))
                ? "anything but normal"
                : right.stream().map(Meaning::word).collect(Collectors.joining(" or "));
    }

    private static String verdict(CaseReading reading) {
        if (reading.hidden()) {
            return "cannot be told from a sound loop at rest";
        }
        if (reading.loopCase().faulty() && !reading.safe()) {
            return "cannot be told for certain";
        }
        return reading.safe()
                ? Figures.percent(reading.margin()) + " inside"
                : "NOT SAFE, expected " + expected(reading);
    }

    private static void print(LoopResult loop, Optional<LoopLimits> limits) {
        for (CaseReading reading : loop.cases()) {
            System.out.printf(
                    "%-22s %10s to %-10s reads %-14s %s%n",
                    reading.loopCase().id(),
                    Figures.ohms(reading.range().lowOhms()),
                    Figures.ohms(reading.range().highOhms()),
                    reads(reading),
                    verdict(reading));
        }
        System.out.println("longest cable: "
                + loop.longestMetres()
                        .map(metres -> Figures.longest(metres, LoopCheck.LONGEST_METRES))
                        .orElse("no length works"));
        limits.ifPresent(its -> System.out.printf(
                "resistors up to ±%s, a leak down to %s, %d more contacts, cable from %.0f to %.0f °C%n",
                Figures.percent(its.loosestTolerancePercent() / 100),
                Figures.ohms(its.leastLeakOhms()),
                its.mostContacts(),
                its.coldestCelsius(),
                its.hottestCelsius()));
    }
}
