package io.answerback.desktop.shell;

import io.answerback.core.engine.wording.Terms;
import io.answerback.core.model.site.Link;
import io.answerback.core.model.site.SystemPoint;
import io.answerback.core.model.site.Zone;
import io.answerback.core.prove.chain.PointResult;
import io.answerback.desktop.control.Hint;
import io.answerback.desktop.live.PracticeSession;
import io.answerback.desktop.live.Run;
import io.answerback.desktop.present.ChainPresentation;
import io.answerback.desktop.theme.Look;
import io.answerback.desktop.work.OpenJob;
import io.answerback.desktop.work.WindowState;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Polyline;

/// The selected point's seven links, live. Space acts on the point, and the change runs along the chain to the
/// practice station and back as an answer.
final class ChainStrip extends VBox {
    private static final PseudoClass REACHED = PseudoClass.getPseudoClass("reached");
    private static final PseudoClass FOLDED = PseudoClass.getPseudoClass("folded");
    private static final double CARD_WIDTH = 150;
    private static final double MARK_RADIUS = 5;

    private final List<LinkCard> cards =
            Stream.generate(LinkCard::new).limit(Link.values().length).toList();
    private final List<Node> arrows = new ArrayList<>();
    private final Label about = new Label();
    private final Button act = new Button();
    private final Button area = new Button();
    private final HBox links = new HBox();
    private final HBox head;
    private final List<Node> parts;
    private boolean folded;
    private final OpenJob openJob;
    private final PracticeSession practice;
    private final Look look;

    /// @param spaceTries whether Space tries the point now
    ChainStrip(OpenJob openJob, PracticeSession practice, Look look, ReadOnlyBooleanProperty spaceTries) {
        this.openJob = openJob;
        this.practice = practice;
        this.look = look;
        getStyleClass().add("chain");
        Label title = new Label("Signal chain");
        title.getStyleClass().add("chain-title");
        about.getStyleClass().add("chain-about");
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        act.getStyleClass().add("chain-act");
        act.setOnAction(click -> practice.toggle(openJob.now().selected()));
        area.getStyleClass().add("chain-area");
        Label key = new Label("Space");
        key.getStyleClass().add("chain-key");
        key.visibleProperty().bind(act.focusedProperty().or(spaceTries));
        key.managedProperty().bind(key.visibleProperty());
        about.setMinWidth(0);
        HBox head = new HBox(title, about, space, area, act, key);
        head.getStyleClass().add("chain-head");
        head.setAlignment(Pos.CENTER_LEFT);
        links.getStyleClass().add("chain-links");
        this.head = head;
        this.parts = List.copyOf(head.getChildren());
        getChildren().addAll(head, links);
        look.textPercent().subscribe(percent -> lay());
    }

    void show(WindowState state) {
        PointResult point = state.point();
        about.setText((point.wired().isPresent() ? point.pointId() + " " : "") + point.name());
        boolean active = practice.active(point.pointId());
        act.setText(order(point, active));
        Hint.on(act, act.getText() + " in the panel model and send what follows to the practice station");
        showArea(state, point);
        Optional<Run> run = practice.run().get().filter(its -> its.pointId().equals(point.pointId()));
        show(ChainPresentation.of(point, active, run));
    }

    private void show(ChainPresentation chain) {
        for (int i = 0; i < cards.size(); i++) {
            cards.get(i).show(chain.links().get(i));
            if (i > 0) {
                arrows.get(i - 1)
                        .pseudoClassStateChanged(REACHED, chain.links().get(i).reached());
            }
        }
    }

    /// Folds the chain to one line where the window is low for its size of text, or shows it whole.
    void fold(boolean fold) {
        if (fold != folded) {
            folded = fold;
            lay();
        }
    }

    /// The arrows and cards in this size of text.
    private void lay() {
        arrows.clear();
        links.getChildren().clear();
        for (LinkCard card : cards) {
            if (card != cards.getFirst()) {
                StackPane arrow = arrow();
                arrows.add(arrow);
                links.getChildren().add(arrow);
            }
            card.setPrefWidth(folded ? 0 : look.px(CARD_WIDTH));
            card.fold(folded, look.px(MARK_RADIUS));
            HBox.setHgrow(card, Priority.ALWAYS);
            links.getChildren().add(card);
        }
        if (folded) {
            // what acts on the point stays, at the end of the one line
            HBox.setHgrow(links, Priority.ALWAYS);
            HBox line = new HBox(links, act);
            line.getStyleClass().add("chain-head");
            line.setAlignment(Pos.CENTER_LEFT);
            getChildren().setAll(line);
        } else {
            head.getChildren().setAll(parts);
            getChildren().setAll(head, links);
        }
        pseudoClassStateChanged(FOLDED, folded);
    }

    private static String order(PointResult point, boolean active) {
        return point.wired()
                .map(wired -> active
                        ? wired.point().kind().words().restore()
                        : wired.point().kind().words().act())
                .orElseGet(() -> {
                    SystemPoint system = SystemPoint.of(point.pointId()).orElseThrow();
                    return active ? system.restore() : system.act();
                });
    }

    private void showArea(WindowState state, PointResult point) {
        Optional<Integer> number = point.wired().flatMap(wired -> wired.zone()).flatMap(Zone::area);
        area.setVisible(number.isPresent());
        area.setManaged(number.isPresent());
        number.ifPresent(its -> {
            boolean set = practice.panel().get().setAreas().contains(its);
            Terms terms = Terms.of(state.job().practice());
            area.setText("Area %02d: %s".formatted(its, set ? terms.set() : terms.unset()));
            Hint.on(
                    area,
                    "In the panel model. Click to make it " + (set ? terms.unset() : terms.set())
                            + "; the panel reports that too");
            area.setOnAction(click -> practice.setArea(its, !set));
        });
    }

    private StackPane arrow() {
        double r = look.px(folded ? 2 : 4);
        Polyline head = new Polyline(-r, -r, 0, 0, -r, r, 0, 0, -3 * r, 0);
        head.getStyleClass().add("link-arrow");
        StackPane pane = new StackPane(head);
        pane.getStyleClass().add("link-arrow-place");
        pane.setMinWidth(look.px(folded ? 8 : 20));
        return pane;
    }
}
