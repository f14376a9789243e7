package io.answerback.desktop.shell;

import io.answerback.core.engine.wording.Terms;
import io.answerback.desktop.control.Hint;
import io.answerback.desktop.control.MenuStart;
import io.answerback.desktop.work.WindowState;
import java.nio.file.Path;
import java.time.InstantSource;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.shape.Polyline;

/// The head of the window: which job, under which rules, whether it is saved; the menu, the palette, undo and
/// redo.
final class Header extends HBox {
    private final Label site = new Label();
    private final Label rules = new Label();
    private final Label saved = new Label();
    private final Button undo = arrow("undo", -1);
    private final Button redo = arrow("redo", 1);
    private final MenuButton menu = new MenuButton("Job");
    private final Commands commands;
    private final OnTestLabel onTest;

    Header(
            Commands commands,
            ReadOnlyBooleanProperty computing,
            Runnable find,
            Supplier<List<String>> recent,
            Consumer<Path> open,
            InstantSource clock) {
        this.onTest = new OnTestLabel(clock);
        this.commands = commands;
        getStyleClass().add("header");
        setAlignment(Pos.CENTER_LEFT);
        site.getStyleClass().add("site");
        site.setMinWidth(Region.USE_PREF_SIZE);
        rules.getStyleClass().add("rules");
        rules.setMinWidth(0);
        saved.getStyleClass().add("saved");
        saved.setMinWidth(Region.USE_PREF_SIZE);
        menu.getStyleClass().add("job-menu");
        menu.setMinWidth(Region.USE_PREF_SIZE);
        menu.setOnShowing(showing -> fillMenu(recent.get(), open));
        MenuStart.light(menu, () -> 0);
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        getChildren()
                .addAll(
                        sign(),
                        site,
                        rules,
                        space,
                        onTest,
                        findButton(find),
                        undo,
                        redo,
                        computing(computing),
                        saved,
                        menu);
        undo.setOnAction(click -> commands.undo().action().run());
        redo.setOnAction(click -> commands.redo().action().run());
    }

    private static Polyline sign() {
        Polyline sign = new Polyline(0, 9, 5, 9, 8, 2, 12, 16, 15, 6, 17, 9, 21, 9);
        sign.getStyleClass().add("sign");
        return sign;
    }

    private static Button findButton(Runnable find) {
        Button button = new Button("Find anything   Ctrl+K");
        button.getStyleClass().add("find");
        Hint.on(button, "A point, a cable, an input, a finding or a command");
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.setOnAction(click -> find.run());
        return button;
    }

    /// Seen only while something takes long.
    private HBox computing(ReadOnlyBooleanProperty computing) {
        Label words = new Label("Working this out…");
        words.setMinWidth(Region.USE_PREF_SIZE);
        Button stop = new Button("Cancel");
        String says = "gives up what is being worked out, and the edit it follows from";
        stop.getStyleClass().add("tool");
        stop.setMinWidth(Region.USE_PREF_SIZE);
        stop.setAccessibleText("Cancel: " + says);
        stop.setOnAction(click -> commands.stopComputing().action().run());
        Hint.on(stop, says);
        HBox both = new HBox(words, stop);
        both.getStyleClass().add("computing");
        both.visibleProperty().bind(computing);
        both.managedProperty().bind(computing);
        return both;
    }

    private static Button arrow(String name, int way) {
        Polyline drawn = new Polyline(-5, 5, -5, 0, 5, 0, 1, -4, 5, 0, 1, 4);
        drawn.setScaleX(way);
        drawn.getStyleClass().add("turn");
        Button button = new Button();
        button.setGraphic(drawn);
        button.getStyleClass().add("icon");
        button.setAccessibleText(name);
        return button;
    }

    private void fillMenu(List<String> recent, Consumer<Path> open) {
        menu.getItems().clear();
        commands.enter().forEach(command -> menu.getItems().add(item(command)));
        menu.getItems().add(recentMenu(recent, open));
        menu.getItems().add(submenu("Open in this window", commands.aside()));
        commands.save().forEach(command -> menu.getItems().add(item(command)));
        menu.getItems().add(new SeparatorMenuItem());
        menu.getItems()
                .addAll(
                        named(item(commands.undo()), undo),
                        named(item(commands.redo()), redo),
                        item(commands.copyChain()));
        menu.getItems().addAll(submenu("Points", commands.survey()), submenu("View", commands.view()));
        menu.getItems().add(new SeparatorMenuItem());
        commands.leave().forEach(command -> menu.getItems().add(item(command)));
    }

    private static Menu recentMenu(List<String> recent, Consumer<Path> open) {
        Menu files = new Menu("Open recent");
        recent.forEach(file -> {
            MenuItem item = new MenuItem(file);
            item.setMnemonicParsing(false);
            item.setOnAction(click -> open.accept(Path.of(file)));
            files.getItems().add(item);
        });
        files.setDisable(recent.isEmpty());
        return files;
    }

    private static Menu submenu(String name, List<Command> commands) {
        Menu menu = new Menu(name);
        commands.forEach(command -> menu.getItems().add(item(command)));
        menu.setDisable(commands.isEmpty());
        return menu;
    }

    /// Undo and redo say what they would take back or do again. They stay enabled: a menu item takes its key
    /// over from the window, and a disabled one would keep it dead until the menu is next opened.
    private static MenuItem named(MenuItem item, Button says) {
        item.setText(says.getAccessibleText());
        return item;
    }

    private static MenuItem item(Command command) {
        MenuItem item = new MenuItem(command.name());
        item.setMnemonicParsing(false);
        command.key().ifPresent(item::setAccelerator);
        item.setOnAction(click -> command.action().run());
        return item;
    }

    void show(WindowState state) {
        site.setText(state.job().site().name());
        var practice = state.job().practice();
        rules.setText("Grade %d · %s · %s wording"
                .formatted(
                        practice.grade(),
                        practice.scheme().words(),
                        Terms.of(practice).both()));
        saved.setText(saved(state));
        onTest.show(state.job().acceptance().onTest());
        name(undo, "Undo", state.history().undoName().orElse(null));
        name(redo, "Redo", state.history().redoName().orElse(null));
    }

    private static String saved(WindowState state) {
        if (!state.readOnly().isEmpty()) {
            return "Read only";
        }
        if (state.unsaved()) {
            return "Not saved";
        }
        return state.file().map(file -> "Saved").orElse("No file yet");
    }

    private static void name(Button button, String what, String edit) {
        button.setDisable(edit == null);
        String says = edit == null ? "Nothing to " + what.toLowerCase(java.util.Locale.ROOT) : what + ": " + edit;
        Hint.on(button, says);
        button.setAccessibleText(says);
    }
}
