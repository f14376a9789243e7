package io.answerback.core.survey;

import io.answerback.core.engine.edit.CableLabels;
import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.device.PointKind;
import io.answerback.core.model.device.SchemeKind;
import io.answerback.core.model.profile.Conductor;
import io.answerback.core.model.profile.SchemeBands;
import io.answerback.core.model.site.Area;
import io.answerback.core.model.site.Edit;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.LoopWiring;
import io.answerback.core.model.site.Point;
import io.answerback.core.model.site.SurveyedZone;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// Makes points of what was typed or imported, wired as the house rules say.
public final class NewPoint {
    private static final double TOLERANCE_PERCENT = 1;
    private static final double CONTACT_OHMS = 0.2;

    private NewPoint() {}

    /// The edit that adds one point, with its area and its cable where the line named them.
    ///
    /// @param conductor the conductor cables are of unless somebody says otherwise
    /// @throws IllegalArgumentException when the line is not complete
    public static Edit add(PointDraft line, Conductor conductor) {
        if (!line.complete()) {
            throw new IllegalArgumentException(String.join("; ", line.problems()));
        }
        return new Edit("point " + line.id() + " " + line.name(), job -> added(job, line, conductor));
    }

    /// The edit that adds many points in one step.
    ///
    /// @param lines complete lines
    public static Edit addAll(List<PointDraft> lines, Conductor conductor) {
        return new Edit(lines.size() + " points", job -> {
            Job next = job;
            for (PointDraft line : lines) {
                next = added(next, line, conductor);
            }
            return next;
        });
    }

    private static Job added(Job job, PointDraft line, Conductor conductor) {
        Job next = line.area().map(place -> withArea(job, place)).orElse(job);
        SurveyedZone surveyed =
                new SurveyedZone(line.type().orElseThrow(), line.area().map(PointDraft.Place::number), line.wayIn());
        Point point = Point.of(
                line.id(),
                line.name(),
                line.kind().orElseThrow(),
                surveyed,
                wiring(job, line.kind().orElseThrow()));
        next = next.withPoints(with(next.points(), point));
        if (line.metres().isPresent() && !point.kind().radio()) {
            Cable cable = Cable.indoors(
                    CableLabels.free(next, line.id()), line.id(), line.metres().get(), conductor);
            next = next.withCables(with(next.cables(), cable));
        }
        return next;
    }

    private static Job withArea(Job job, PointDraft.Place place) {
        return job.area(place.number()).isPresent()
                ? job
                : job.withAreas(with(job.areas(), new Area(place.number(), place.name(), "")));
    }

    private static <T> List<T> with(List<T> parts, T last) {
        List<T> all = new ArrayList<>(parts);
        all.add(last);
        return all;
    }

    /// The parts a new point's loop is fitted with, in the values its input expects: the scheme its device
    /// leaves no choice about, else the job's; where no input reads that, the first scheme the panel reads.
    private static LoopWiring wiring(Job job, PointKind kind) {
        return wanted(job, kind)
                .map(scheme -> job.panel().profile().inputsReading(scheme).reads(scheme))
                .flatMap(Optional::stream)
                .findFirst()
                .map(bands -> wiring(job, bands))
                .orElseGet(() -> wiring(job, job.panel().profile().schemes().getFirst()));
    }

    private static Stream<SchemeKind> wanted(Job job, PointKind kind) {
        SchemeKind house = job.practice().scheme();
        Stream<SchemeKind> usual =
                house.twoZones() ? Stream.of(house, SchemeKind.TWO_ZONES_PARALLEL) : Stream.of(house);
        Stream<SchemeKind> asked = Stream.of(
                        SchemeKind.TWO_WIRE_SMOKE,
                        SchemeKind.END_OF_LINE_ACROSS,
                        SchemeKind.NORMALLY_OPEN,
                        SchemeKind.DOUBLE_END_OF_LINE)
                .filter(kind::asksFor)
                .filter(scheme -> !kind.asksFor(house) || kind.imposes(scheme));
        return Stream.concat(asked, usual);
    }

    private static LoopWiring wiring(Job job, SchemeBands bands) {
        return new LoopWiring(
                bands.scheme(),
                bands.endOfLineOhms(),
                bands.alarmOhms(),
                bands.secondOhms(),
                TOLERANCE_PERCENT,
                CONTACT_OHMS,
                job.practice().resistorPlace(),
                false);
    }
}
