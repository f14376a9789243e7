package io.answerback.core.loop;

import io.answerback.core.profile.InputModel;
import io.answerback.core.profile.SchemeBands;
import io.answerback.core.site.Edit;
import io.answerback.core.site.Input;
import io.answerback.core.site.Parts;
import io.answerback.core.site.Point;
import java.util.Optional;

/// Gives every point whose input cannot read the scheme of its loop one that it reads, as after another panel was
/// chosen.
final class ReadableSchemes {
    /// The scheme of the rules where the input reads it, else the first it reads that suits the device, each in the
    /// values that the input expects. Points that have nothing better, and those on the second zone of an input,
    /// stay unchanged.
    static final Edit EDIT = new Edit(
            "a scheme that its input reads, for every point",
            job -> job.withPoints(job.points().stream()
                    .map(point -> readable(job, point)
                            .map(bands -> point.withLoop(point.loop().expectedBy(bands)))
                            .orElse(point))
                    .toList()));

    private ReadableSchemes() {}

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
                .filter(bands -> point.kind().suits(bands.scheme()))
                .or(() -> model.schemes().stream()
                        .filter(bands ->
                                !bands.scheme().twoZones() && point.kind().suits(bands.scheme()))
                        .findFirst());
    }
}
