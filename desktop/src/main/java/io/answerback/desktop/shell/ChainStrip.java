package io.answerback.desktop.shell;

import io.answerback.core.chain.LinkState;
import io.answerback.core.chain.Mark;
import io.answerback.core.chain.PointResult;
import io.answerback.core.site.Link;
import io.answerback.core.site.SystemPoint;
import io.answerback.core.site.Zone;
import io.answerback.core.wording.Terms;
import io.answerback.desktop.drawing.Hint;
import io.answerback.desktop.live.PracticeSession;
import io.answerback.desktop.live.Run;
import io.answerback.desktop.theme.Look;
import io.answerback.desktop.work.OpenJob;
import io.answerback.desktop.work.WindowState;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
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
    private final Label about = new Label();
    private final Button act = new Button();
    private final Button area = new Button();
    private final HBox links = new HBox();
    private final OpenJob openJob;
    private final PracticeSession practice;
    private final Look look;

    ChainStrip(OpenJob openJob, PracticeSession practice, Look look) {
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
        HBox head = new HBox(title, about, space, area, act, key);
        head.getStyleClass().add("chain-head");
        head.setAlignment(Pos.CENTER_LEFT);
        links.getStyleClass().add("chain-links");
        getChildren().addAll(head, links);
    }

    void show(WindowState state) {
        PointResult point = state.point();
        about.setText((point.wired().isPresent() ? point.pointId() + " " : "") + point.name());
        boolean active = practice.active(point.pointId());
        act.setText(order(point, active));
        Hint.on(act, act.getText() + " in the panel model and send what follows to the practice station");
        showArea(state, point);
        Optional<Run> run = practice.run().get().filter(its -> its.pointId().equals(point.pointId()));
        links.getChildren().setAll(cards(point, run));
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

    private List<Node> cards(PointResult point, Optional<Run> run) {
        List<Node> nodes = new ArrayList<>();
        List<LinkState> live = run.map(Run::links).orElse(List.of());
        boolean travelling = run.map(Run::travelling).orElse(false);
        for (Link link : Link.values()) {
            boolean reached = link.ordinal() < live.size();
            LinkState state = reached ? live.get(link.ordinal()) : point.chain().of(link);
            boolean head = travelling && link.ordinal() == live.size() - 1;
            boolean dim = run.isPresent() && (travelling || anyWrong(live)) && !reached;
            if (link != Link.POINT) {
                nodes.add(arrow(reached));
            }
            nodes.add(card(state, reached, head, dim));
        }
        return nodes;
    }

    private static boolean anyWrong(List<LinkState> live) {
        return !live.isEmpty() && live.getLast().mark() == Mark.WRONG;
    }

    private Node card(LinkState state, boolean reached, boolean head, boolean dim) {
        Label title = new Label(state.link().title());
        title.getStyleClass().add("link-title");
        Label figure = new Label(state.figure());
        figure.getStyleClass().add("link-figure");
        Label line = new Label(state.line());
        line.getStyleClass().add("link-line");
        for (Label label : List.of(figure, line)) {
            label.setWrapText(true);
            label.setMinHeight(Label.USE_PREF_SIZE);
        }
        Region edge = new Region();
        edge.getStyleClass().add("link-edge");
        VBox words = new VBox(title, figure, line);
        words.getStyleClass().add("link-words");
        VBox card = new VBox(edge, words);
        card.getStyleClass().addAll("link", "link-" + state.mark().name().toLowerCase(Locale.ROOT));
        style(card, "link-reached", reached);
        style(card, "link-head", head);
        style(card, "link-dim", dim);
        card.setPrefWidth(look.px(150));
        card.setMinWidth(0);
        HBox.setHgrow(card, Priority.ALWAYS);
        String says = state.link().title() + ": " + state.figure() + ", " + state.line() + ", "
                + state.mark().word();
        card.setAccessibleText(says);
        card.setFocusTraversable(false);
        Hint.on(card, says);
        return card;
    }

    private static void style(Node node, String style, boolean on) {
        if (on) {
            node.getStyleClass().add(style);
        }
    }

    private Node arrow(boolean reached) {
        double r = look.px(4);
        Polyline head = new Polyline(-r, -r, 0, 0, -r, r, 0, 0, -3 * r, 0);
        head.getStyleClass().add("link-arrow");
        style(head, "link-arrow-reached", reached);
        StackPane pane = new StackPane(head);
        pane.setMinWidth(look.px(20));
        return pane;
    }
}
