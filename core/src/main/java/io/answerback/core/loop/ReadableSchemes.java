package io.answerback.core.loop;

import io.answerback.core.model.device.KindFamily;
import io.answerback.core.model.device.SchemeKind;
import io.answerback.core.model.practice.Practice;
import io.answerback.core.model.practice.PracticeOption;
import io.answerback.core.model.practice.PracticeQuestion;
import io.answerback.core.model.profile.InputModel;
import io.answerback.core.model.profile.SchemeBands;
import io.answerback.core.model.site.Edit;
import io.answerback.core.model.site.Input;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Parts;
import io.answerback.core.model.site.Point;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/// Gives every point whose input cannot read the scheme of its loop one that it reads, as after another panel was
/// chosen.
final class ReadableSchemes {
    /// The scheme of the rules where the input reads it, else of those it reads that suit the device the one that
    /// sees most, each in the values that the input expects; that the input reads no other is the reason why it
    /// departs from the rules. Points that have nothing better, and those on the second zone of an input, stay
    /// unchanged.
    static final Edit EDIT = new Edit("a scheme that its input reads, for every point", ReadableSchemes::wired);

    private ReadableSchemes() {}

    private static Job wired(Job job) {
        Practice practice = job.practice();
        List<Point> points = new ArrayList<>();
        for (Point point : job.points()) {
            Optional<SchemeBands> bands = readable(job, point);
            points.add(bands.map(its -> point.withLoop(point.loop().expectedBy(its)))
                    .orElse(point));
            if (bands.filter(its -> its.scheme() != job.practice().scheme()).isPresent()) {
                practice = reasoned(practice, point);
            }
        }
        return job.withPoints(points).withPractice(practice);
    }

    private static Practice reasoned(Practice practice, Point point) {
        String departure = Practice.departureOfScheme(point.id().text());
        return practice.reasons().containsKey(departure)
                ? practice
                : practice.withReason(
                        departure,
                        "its input does not read " + practice.scheme().withArticle());
    }

    /// Another scheme for a point; empty where its input reads the one it has, or none that suits it.
    static Optional<SchemeBands> readable(Parts job, Point point) {
        Optional<Input> input = job.inputOf(point.id());
        InputModel model = job.inputModel(input);
        if (point.kind().radio()
                || input.filter(Input::second).isPresent()
                || model.reads(point.loop().scheme()).isPresent()) {
            return Optional.empty();
        }
        return model.reads(job.practice().scheme())
                .filter(bands -> fits(job, point, bands.scheme()))
                .or(() -> model.schemes().stream()
                        .filter(bands -> !bands.scheme().twoZones() && fits(job, point, bands.scheme()))
                        .max(Comparator.comparing(bands -> sees(point, bands.scheme()))));
    }

    /// Whether a scheme suits the device and takes nothing away: a key switch keeps a scheme that tells a fault
    /// from the key, and a cover that the loop watches stays watched, by the loop or by a ring.
    private static boolean fits(Parts job, Point point, SchemeKind scheme) {
        boolean keySwitch = point.has(kind -> kind.family() == KindFamily.KEY_SWITCH);
        boolean coverInLoop = point.has(kind -> kind.outputs().tamper())
                && point.loop().scheme().watchesCover()
                && job.practice().option(PracticeQuestion.TAMPER) != PracticeOption.ONE_RING;
        return point.kind().suits(scheme)
                && (!keySwitch || scheme.tellsFaults())
                && (!coverInLoop || scheme.watchesCover());
    }

    /// How much a scheme sees of a point: an end-of-line resistor tells a fault of the cable, and a cover is worth
    /// as much; a place for a relay that the device has not is worth nothing.
    private static int sees(Point point, SchemeKind scheme) {
        boolean relay =
                point.has(kind -> kind.outputs().mask() || kind.outputs().fault());
        boolean placeForRelay = scheme.watchesMask();
        return (scheme.hasEndOfLine() ? 1 : 0)
                + (scheme.tellsFaults() ? 1 : 0)
                + (scheme.watchesCover() ? 1 : 0)
                + (placeForRelay == relay ? 1 : 0);
    }
}
