package io.answerback.desktop.prove;

import io.answerback.core.model.shown.Measured;
import io.answerback.core.prove.acceptance.AcceptanceLine;
import io.answerback.core.prove.acceptance.LineState;
import io.answerback.desktop.part.Card;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;

/// The lines that no signal ticks, one card after another.
final class PlanCards {
    private final Actions actions;
    private final Function<AcceptanceLine, LineCard> made;
    private final Runnable showAgain;
    private Optional<LineCard> card = Optional.empty();

    /// @param made makes the card of a line
    /// @param showAgain shows the sheet again
    PlanCards(Actions actions, Function<AcceptanceLine, LineCard> made, Runnable showAgain) {
        this.actions = actions;
        this.made = made;
        this.showAgain = showAgain;
    }

    /// The open card with its tools, or the button that opens the first.
    ///
    /// @param shown keeps that a line was shown
    List<Part> parts(List<LineState> states, Consumer<AcceptanceLine> shown) {
        return card.map(its -> open(states, its, shown)).orElseGet(() -> closed(states));
    }

    private List<Part> closed(List<LineState> states) {
        return next(states, "")
                .map(line -> List.<Part>of(Parts.flow(
                                Tool.primary("Step by step", () -> open(line)),
                                Words.quiet("what no signal ticks, one card after another, in large type"))
                        .style("switches")
                        .group()))
                .orElse(List.of());
    }

    private List<Part> open(List<LineState> states, LineCard its, Consumer<AcceptanceLine> shown) {
        AcceptanceLine line = its.line();
        Runnable on = its.atTheEnd() ? () -> shown.accept(line) : its::on;
        Runnable later = () -> openOrClose(next(states, line.id()));
        List<Part> parts = new ArrayList<>();
        Parts tools = Parts.flow(
                Tool.of(its.atTheEnd() ? "Shown ↵" : "Done ↵", its.atTheEnd() ? "by hand, now" : "the next step", on),
                Tool.of("Later ↓", "the next line that is not shown", later),
                Tool.of("A step back ⌫", "the step before is shown again", its::back),
                Tool.of(
                        actions.fillsWindow() ? "Leave the whole window" : "Whole window",
                        "to be read from a distance; Esc leaves",
                        this::fill),
                Tool.of("Close the card", "back to the plan", this::close));
        parts.add(tools.style("switches").group());
        parts.add(its.card(
                actions.fillsWindow(), new Card.Keys(on, Optional.of(later), its::back, Optional.of(this::fill))));
        its.figures().ifPresent(parts::add);
        if (!line.caution().isEmpty()) {
            parts.add(Words.caution(line.caution()));
        }
        return parts;
    }

    /// The next line after one that is open and that no signal ticks; after the last comes the first.
    private static Optional<AcceptanceLine> next(List<LineState> states, String after) {
        List<LineState> order = new ArrayList<>();
        int from = 0;
        for (int i = 0; i < states.size(); i++) {
            if (states.get(i).line().id().equals(after)) {
                from = i + 1;
            }
        }
        order.addAll(states.subList(from, states.size()));
        order.addAll(states.subList(0, from));
        return order.stream()
                .filter(state -> !state.shown()
                        && !state.line().bySignal()
                        && state.line().possible())
                .map(LineState::line)
                .filter(line -> !line.id().equals(after))
                .findFirst();
    }

    /// Opens the card of a line.
    void open(AcceptanceLine line) {
        card.ifPresent(LineCard::leave);
        card = Optional.of(made.apply(line));
        showAgain.run();
    }

    /// The line whose card is open; empty while none is.
    Optional<AcceptanceLine> line() {
        return card.map(LineCard::line);
    }

    /// What was measured on the open card, where it is that of this line.
    List<Measured> measured(AcceptanceLine line) {
        return card.filter(open -> open.line().id().equals(line.id()))
                .map(LineCard::measured)
                .orElse(List.of());
    }

    /// A line was shown: the card goes on to the next one that is open.
    void shown(List<LineState> states, AcceptanceLine line) {
        if (card.filter(open -> open.line().id().equals(line.id())).isPresent()) {
            openOrClose(next(states, line.id()));
        }
    }

    private void openOrClose(Optional<AcceptanceLine> next) {
        next.ifPresentOrElse(this::open, this::close);
    }

    private void fill() {
        actions.fillWindow(!actions.fillsWindow());
        showAgain.run();
    }

    private void close() {
        card.ifPresent(LineCard::leave);
        card = Optional.empty();
        actions.fillWindow(false);
        showAgain.run();
    }
}
