package io.answerback.desktop.survey;

import io.answerback.core.engine.finding.Mark;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.model.site.Point;
import io.answerback.desktop.part.Marks;
import io.answerback.desktop.part.Tile;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.WindowState;
import java.util.List;

/// A point in its room. A click looks at it, a click with Ctrl picks it beside the others, with Shift all up
/// to it.
final class PointTile {
    private static final double GLYPH_SIZE = 14;

    private PointTile() {}

    static Tile of(Actions actions, WindowState state, Point point) {
        Mark mark = state.assessment()
                .mark(Stop.SURVEY, state.assessment().point(point.id()).orElseThrow());
        String says = says(state, point);
        return new Tile(
                says + ", " + mark.word(),
                says,
                state.picks(point.id()),
                () -> actions.select(point.id()),
                () -> actions.pick(point.id()),
                () -> actions.pickUpTo(point.id()),
                List.of(
                        PointGlyph.of(point.kind().family(), point.surveyed().wayIn(), GLYPH_SIZE),
                        Words.of("point-id", point.id().text()),
                        Words.of("tile-name", point.name()).growing(),
                        Words.whole(Words.of("tile-type", typeWords(point))),
                        Marks.of(mark, "Survey: " + mark.word())));
    }

    private static String typeWords(Point point) {
        return point.surveyed().type().words() + (point.surveyed().wayIn() ? ", way in" : "");
    }

    private static String says(WindowState state, Point point) {
        String input = state.job().inputOf(point.id()).map(state.job()::nameOf).orElse("no input");
        return "%s %s: %s, %s, %s"
                .formatted(point.id(), point.name(), point.kind().name(), typeWords(point), input);
    }
}
