package io.answerback.desktop.shell;

import io.answerback.core.cable.CableEnd;
import io.answerback.core.cores.BoxPlan;
import io.answerback.core.cores.TerminationWords;
import io.answerback.core.finding.Stop;
import io.answerback.desktop.desk.Desk;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/// Finds a point, an input, a cable, a finding or a command by a few letters, and goes there.
final class Palette extends StackPane {
    private static final int MOST_HITS = 40;

    private final TextField wanted = new TextField();
    private final ListView<Hit> hits = new ListView<>();
    private final Desk desk;
    private final List<Command> commands;
    private final Runnable closed;

    /// One thing that can be gone to or done.
    private record Hit(String title, String about, Runnable action) {
        boolean matches(String[] words) {
            String all = (title + " " + about).toLowerCase(Locale.ROOT);
            return Stream.of(words).allMatch(all::contains);
        }
    }

    Palette(Desk desk, List<Command> commands, Runnable closed) {
        this.desk = desk;
        this.commands = commands;
        this.closed = closed;
        getStyleClass().add("palette-shade");
        setVisible(false);
        wanted.setPromptText("A point, a cable, an input, a finding, a command");
        wanted.setAccessibleText("Find");
        wanted.textProperty().subscribe(text -> search());
        hits.setAccessibleText("Found");
        hits.setCellFactory(view -> new HitCell());
        hits.setFocusTraversable(false);
        hits.setOnMouseClicked(click -> go());
        VBox box = new VBox(wanted, hits);
        box.getStyleClass().add("palette");
        box.setMaxHeight(Region.USE_PREF_SIZE);
        setAlignment(box, Pos.TOP_CENTER);
        getChildren().add(box);
        setOnMouseClicked(click -> {
            if (click.getTarget() == this) {
                close();
            }
        });
        addEventFilter(KeyEvent.KEY_PRESSED, this::key);
    }

    private void key(KeyEvent key) {
        int at = hits.getSelectionModel().getSelectedIndex();
        switch (key.getCode()) {
            case ESCAPE -> close();
            case ENTER -> go();
            case DOWN -> choose(at + 1);
            case UP -> choose(at - 1);
            default -> {
                return;
            }
        }
        key.consume();
    }

    private void choose(int index) {
        int there = Math.clamp(index, 0, Math.max(0, hits.getItems().size() - 1));
        hits.getSelectionModel().select(there);
        hits.scrollTo(there);
    }

    /// Opens it, empty, with the cursor in it.
    void open() {
        setVisible(true);
        wanted.clear();
        search();
        wanted.requestFocus();
    }

    private void close() {
        setVisible(false);
        closed.run();
    }

    private void go() {
        Hit hit = hits.getSelectionModel().getSelectedItem();
        close();
        if (hit != null) {
            hit.action().run();
        }
    }

    private void search() {
        String[] words = wanted.getText().strip().toLowerCase(Locale.ROOT).split("\\s+");
        hits.getItems()
                .setAll(everything()
                        .filter(hit -> hit.matches(words))
                        .limit(MOST_HITS)
                        .toList());
        choose(0);
    }

    private Stream<Hit> everything() {
        List<Hit> all = new ArrayList<>();
        desk.now()
                .assessment()
                .points()
                .forEach(point -> all.add(new Hit(
                        point.wired().isPresent() ? point.pointId() + " " + point.name() : point.name(),
                        "point",
                        () -> desk.select(point.pointId()))));
        commands.forEach(command -> all.add(new Hit(
                command.name(), command.key().map(key -> key.getDisplayText()).orElse("command"), command.action())));
        desk.now()
                .job()
                .cables()
                .forEach(cable -> all.add(new Hit(
                        cable.id().text(),
                        "cable to " + desk.now().assessment().cores().farEnd(cable),
                        () -> {
                            desk.go(Stop.CABLE);
                            desk.focus(cable, CableEnd.NEAR, "");
                        })));
        desk.now().assessment().cores().boxes().forEach(box -> all.addAll(terminals(box)));
        desk.now()
                .assessment()
                .setup()
                .sheet()
                .differing()
                .forEach(step -> all.add(new Hit(
                        (step.setting().name() + " " + step.of()).strip(),
                        "setting, " + String.join(" › ", step.where()),
                        () -> desk.go(Stop.SET_UP))));
        desk.now()
                .job()
                .inputs()
                .forEach(input -> input.pointId()
                        .ifPresent(point -> all.add(new Hit(
                                desk.now().job().nameOf(input),
                                "input, zone %02d".formatted(input.zone()),
                                () -> desk.select(point)))));
        desk.now()
                .assessment()
                .findings()
                .forEach(finding -> all.add(new Hit(
                        finding.headline(), "finding, " + finding.grade().word(), () -> desk.follow(finding))));
        return all.stream();
    }

    /// The terminals of a box under which cores belong; a hit goes to the first cable there.
    private List<Hit> terminals(BoxPlan box) {
        List<Hit> hits = new ArrayList<>();
        for (int i = 0; i < box.strip().size(); i++) {
            String name = "%s of %s".formatted(TerminationWords.terminal(box.strip(), i), box.title());
            box.under(i).stream()
                    .findFirst()
                    .flatMap(end -> box.cable(end.cableId()))
                    .ifPresent(cable ->
                            hits.add(new Hit(name, "terminal, " + cable.cable().id(), () -> {
                                desk.go(Stop.CABLE);
                                desk.focus(cable.cable(), cable.end(), "");
                            })));
        }
        return hits;
    }

    private static final class HitCell extends ListCell<Hit> {
        @Override
        protected void updateItem(Hit hit, boolean empty) {
            super.updateItem(hit, empty);
            if (empty || hit == null) {
                setGraphic(null);
                return;
            }
            Label title = new Label(hit.title());
            Label about = new Label(hit.about());
            about.getStyleClass().add("quiet");
            about.setMinWidth(Region.USE_PREF_SIZE);
            Region space = new Region();
            HBox.setHgrow(space, Priority.ALWAYS);
            setGraphic(new HBox(title, space, about));
            setAccessibleText(hit.title() + ", " + hit.about());
        }
    }
}
