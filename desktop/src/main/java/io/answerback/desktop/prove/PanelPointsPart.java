package io.answerback.desktop.prove;

import io.answerback.core.panel.operation.Happening;
import io.answerback.core.panel.operation.OperationRules.AreaRule;
import io.answerback.core.prove.chain.PointResult;
import io.answerback.desktop.live.PanelPractice;
import io.answerback.desktop.live.PointCondition;
import io.answerback.desktop.part.Choice;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Press;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.WindowState;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/// The points of a practice panel, area by area, to be pressed; and what else can be done to one.
///
/// @param practice the panel
record PanelPointsPart(PanelPractice practice, Actions actions) {
    Part areas(WindowState state) {
        Parts column = Parts.column();
        for (AreaRule area : practice.rules().areas().values()) {
            column.add(Words.section(
                    "%02d %s".formatted(area.number(), area.name()),
                    practice.state().area(area.number()).mode().words()));
            Parts row = Parts.flow();
            state.assessment().points().stream()
                    .filter(point ->
                            zone(point).filter(zone -> inArea(zone, area)).isPresent())
                    .map(point -> point(state, point))
                    .forEach(row::add);
            column.add(row.style("panel-points").group());
        }
        return column.group();
    }

    private static Optional<Integer> zone(PointResult point) {
        return point.wired().flatMap(wired -> wired.input()).map(input -> input.zone());
    }

    private boolean inArea(int zone, AreaRule area) {
        return Optional.ofNullable(practice.rules().zones().get(zone))
                .filter(rule -> rule.area() == area.number())
                .isPresent();
    }

    private Part point(WindowState state, PointResult point) {
        PointCondition condition = practice.condition(point.pointId());
        boolean looked = state.selected().equals(point.pointId());
        String style = "panel-point"
                + (condition == PointCondition.AT_REST ? "" : " panel-point-active")
                + (looked ? " panel-point-chosen" : "");
        return new Press(
                style,
                point.name() + ", " + condition.words(),
                () -> press(point, condition),
                List.of(Words.whole(Words.of("told-word", point.pointId() + " " + point.name()))));
    }

    private void press(PointResult point, PointCondition condition) {
        actions.select(point.pointId());
        does(point, condition == PointCondition.AT_REST ? PointCondition.ACTIVE : PointCondition.AT_REST);
    }

    private void does(PointResult point, PointCondition condition) {
        practice.does(point, condition).ifPresent(actions::tell);
    }

    /// What else can be done to the selected point.
    ///
    /// @param user who stands at the keypad, by number
    Part selected(WindowState state, int user) {
        PointResult point = state.point();
        Parts row = Parts.flow(
                Words.of("told-name", point.name()),
                Choice.of(
                        "Done to the selected point",
                        Arrays.asList(PointCondition.values()),
                        practice.condition(point.pointId()),
                        PointCondition::words,
                        condition -> does(point, condition)));
        zone(point).filter(practice.rules().zones()::containsKey).ifPresent(zone -> row.add(leaveOut(zone, user)));
        return row.style("switches").group();
    }

    private Part leaveOut(int zone, int user) {
        Integer by = practice.state().byHand().get(zone);
        return Tool.of(
                by == null ? "Leave out" : "Watch again",
                by == null ? "by hand, until its area is next unset" : "left out by user %d".formatted(by),
                () -> practice.happens(new Happening.LeftOut(zone, user, by == null)));
    }
}
