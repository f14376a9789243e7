package io.answerback.desktop.present;

import io.answerback.core.assess.Assessment;
import io.answerback.core.assess.StopProgress;
import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.Mark;
import io.answerback.core.engine.finding.Stop;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/// The stops of a job as the route line shows them, in the order of work.
public record RoutePresentation(List<OneStop> stops) {
    /// One stop.
    ///
    /// @param name its number and name
    /// @param figure how much of it is done
    /// @param says the stop in a few words, for screen readers
    /// @param hint what is counted there, and why its mark is no better
    /// @param open whether its bench is open
    public record OneStop(Stop stop, String name, String figure, Mark mark, String says, String hint, boolean open) {}

    public RoutePresentation {
        stops = List.copyOf(stops);
    }

    /// The route line of an assessed job.
    ///
    /// @param open the stop whose bench is open
    public static RoutePresentation of(Assessment assessment, Stop open) {
        return new RoutePresentation(assessment.stops().stream()
                .map(progress -> one(assessment, progress, progress.stop() == open))
                .toList());
    }

    private static OneStop one(Assessment assessment, StopProgress progress, boolean open) {
        Stop stop = progress.stop();
        String figure = progress.done() + " of " + progress.of();
        String says = stop.title() + ": " + progress.mark().word() + ", " + figure;
        String hint = String.format(
                Locale.ROOT,
                "%s: %s %s.%s (Ctrl+%d)",
                stop.title(),
                figure,
                counted(stop),
                reason(assessment, progress),
                stop.number());
        return new OneStop(
                stop,
                stop.number() + " " + stop.title(),
                figure,
                progress.mark(),
                says + (open ? ", open" : ""),
                hint,
                open);
    }

    private static String counted(Stop stop) {
        return switch (stop) {
            case SURVEY -> "points have an area and an input";
            case LOOP -> "loops read right in every state";
            case CABLE -> "cables are terminated";
            case POWER -> "devices have volts enough to the end, and batteries reach their rule";
            case BUS -> "modules and wireless devices are as planned";
            case SET_UP -> "entries are typed, or left out for a reason";
            case REPORT -> "points have the right zone, event, account and route";
            case PROVE -> "lines of the plan were shown on the real panel, and nothing has changed since";
            case HAND_OVER -> "things that are looked at before leaving are well";
        };
    }

    private static String reason(Assessment assessment, StopProgress progress) {
        Optional<Finding> worst = assessment.findings().stream()
                .filter(finding -> finding.stop() == progress.stop() && finding.grade() != Grade.NOTE)
                .findFirst();
        if (worst.isPresent()) {
            return " " + capital(worst.get().grade().word()) + ": "
                    + worst.get().headline() + ".";
        }
        return progress.of() == 0 ? " Nothing to do here yet." : "";
    }

    private static String capital(String word) {
        return word.substring(0, 1).toUpperCase(Locale.ROOT) + word.substring(1);
    }
}
