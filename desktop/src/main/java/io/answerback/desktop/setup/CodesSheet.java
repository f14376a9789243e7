package io.answerback.desktop.setup;

import io.answerback.core.chain.Mark;
import io.answerback.core.common.Typed;
import io.answerback.core.edit.SetupEdits;
import io.answerback.core.profile.Decision;
import io.answerback.core.profile.EntryForm;
import io.answerback.core.profile.SettingValue;
import io.answerback.core.setup.CodeComparison;
import io.answerback.core.setup.EntryStep;
import io.answerback.core.site.Job;
import io.answerback.core.site.PanelProgramming;
import io.answerback.desktop.drawing.Flow;
import io.answerback.desktop.drawing.Marks;
import io.answerback.desktop.drawing.Switch;
import io.answerback.desktop.drawing.Tool;
import io.answerback.desktop.drawing.ValueField;
import io.answerback.desktop.drawing.Words;
import io.answerback.desktop.shell.Sheet;
import io.answerback.desktop.theme.Look;
import io.answerback.desktop.work.OpenJob;
import io.answerback.desktop.work.WindowState;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.PasswordField;
import javafx.scene.layout.GridPane;

/// Who has a code and who holds it, never the code. Codes that are typed here are compared in memory and
/// forgotten; only whether they differ is kept.
final class CodesSheet extends Sheet {
    private final OpenJob openJob;
    private final Look look;
    private final Map<String, PasswordField> digits = new LinkedHashMap<>();
    private String site = "";

    CodesSheet(OpenJob openJob, Look look) {
        this.openJob = openJob;
        this.look = look;
        instrument
                .getChildren()
                .setAll(
                        Words.title("Digits are kept nowhere"),
                        Words.wrapped(
                                Words.quiet(
                                        "Write down that a code was changed and who holds it. To see that no two are the same, type them here once: they are compared, and forgotten as soon as you ask.")),
                        Words.wrapped(
                                Words.of(
                                        "caution",
                                        "The engineer's code must differ from every user's, and the maker's codes stand in every manual.")));
    }

    @Override
    public String title() {
        return "Who holds which code";
    }

    @Override
    public String about(WindowState state) {
        long open = secrets(state).stream().filter(EntryStep::toType).count();
        return open == 0 ? "all changed" : "%d still the maker's".formatted(open);
    }

    private static List<EntryStep> secrets(WindowState state) {
        return state.assessment().setup().sheet().steps().stream()
                .filter(step -> step.setting().form().kind() == EntryForm.Kind.SECRET)
                .toList();
    }

    @Override
    public void show(WindowState state) {
        List<EntryStep> secrets = secrets(state);
        if (!site.equals(state.job().site().name())) {
            site = state.job().site().name();
            digits.clear();
        }
        GridPane codes = new GridPane();
        codes.getStyleClass().addAll("table", "load-table");
        codes.addRow(
                0,
                new Label(""),
                Words.title("Code"),
                Words.whole(Words.title("Changed")),
                Words.title("Held by"),
                Words.whole(Words.title("To compare")));
        secrets.forEach(step -> codes.addRow(codes.getRowCount(), code(state.job(), step)));
        digits.keySet().retainAll(secrets.stream().map(EntryStep::key).toList());
        Flow compare = new Flow(Tool.of(
                "Compare, and forget the digits",
                "whether each differs from the others is kept, nothing else",
                this::compare));
        compare.getStyleClass().add("switches");
        sheet.getChildren().setAll(Words.section("People", "the numbers must be the same in the communicator"));
        sheet.getChildren().add(people(state.job()));
        sheet.getChildren().add(Words.section("Codes", ""));
        if (secrets.isEmpty()) {
            sheet.getChildren()
                    .add(Words.wrapped(
                            Words.of("empty", "The panel's profile knows no codes; add them from its manual.")));
        } else {
            sheet.getChildren().addAll(codes, compare);
        }
    }

    private Node[] code(Job job, EntryStep step) {
        Optional<PanelProgramming.CodeNote> note =
                job.setup().code(step.setting().id(), step.number());
        boolean changed = note.filter(PanelProgramming.CodeNote::changed).isPresent();
        boolean same = note.flatMap(PanelProgramming.CodeNote::differs)
                .filter(its -> !its)
                .isPresent();
        String name = step.of().isEmpty() ? step.setting().name() : step.of();
        PasswordField field = digits.computeIfAbsent(step.key(), key -> new PasswordField());
        field.setAccessibleText("Digits of " + name);
        field.setPrefColumnCount(6);
        field.setMinWidth(javafx.scene.layout.Region.USE_PREF_SIZE);
        return new Node[] {
            Marks.of(
                    changed && !same ? Mark.SOUND : Mark.WRONG,
                    same ? "the same as another" : changed ? "changed" : "still the maker's",
                    look.px(4.5)),
            Words.wrapped(new Label(name)),
            Switch.bare(
                    name + " changed",
                    List.of(true, false),
                    changed,
                    yes -> yes ? "yes" : "no",
                    yes -> openJob.apply(SetupEdits.code(new PanelProgramming.CodeNote(
                            step.setting().id(), step.number(), yes, holder(note), Optional.empty())))),
            new ValueField(
                            "Holder of " + name,
                            holder(note).isEmpty() ? "nobody said" : holder(note),
                            typed -> held(step, note, typed))
                    .wrapped(),
            field
        };
    }

    private static String holder(Optional<PanelProgramming.CodeNote> note) {
        return note.map(PanelProgramming.CodeNote::holder).orElse("");
    }

    private boolean held(EntryStep step, Optional<PanelProgramming.CodeNote> note, String holder) {
        return openJob.apply(Typed.of(() -> SetupEdits.code(new PanelProgramming.CodeNote(
                step.setting().id(),
                step.number(),
                note.filter(PanelProgramming.CodeNote::changed).isPresent(),
                holder,
                note.flatMap(PanelProgramming.CodeNote::differs)))));
    }

    private void compare() {
        Map<String, char[]> typed = new LinkedHashMap<>();
        digits.forEach((key, field) -> {
            if (!field.getText().isEmpty()) {
                typed.put(key, field.getText().toCharArray());
            }
            field.clear();
        });
        if (typed.size() < 2) {
            openJob.tell("Type two codes or more: one alone differs from nothing.");
            return;
        }
        List<PanelProgramming.CodeNote> notes = new ArrayList<>();
        Map<String, Boolean> differs = CodeComparison.of(typed);
        secrets(openJob.now()).stream()
                .filter(step -> differs.containsKey(step.key()))
                .forEach(step -> {
                    Optional<PanelProgramming.CodeNote> note =
                            openJob.now().job().setup().code(step.setting().id(), step.number());
                    notes.add(new PanelProgramming.CodeNote(
                            step.setting().id(),
                            step.number(),
                            note.filter(PanelProgramming.CodeNote::changed).isPresent(),
                            holder(note),
                            Optional.of(differs.get(step.key()))));
                });
        openJob.apply(SetupEdits.codes(notes));
        openJob.tell(
                differs.containsValue(false)
                        ? "Some of them are the same. Their digits are forgotten."
                        : "They all differ. Their digits are forgotten.");
    }

    private Node people(Job job) {
        GridPane table = new GridPane();
        table.getStyleClass().addAll("table", "load-table");
        table.addRow(
                0,
                Words.title("No"),
                Words.title("Who"),
                Words.title("Areas"),
                Words.title("In the communicator"),
                new Label(""));
        job.setup().users().forEach(user -> table.addRow(table.getRowCount(), person(user)));
        int next = job.setup().users().stream()
                        .mapToInt(PanelProgramming.User::number)
                        .max()
                        .orElse(0)
                + 1;
        table.addRow(
                table.getRowCount(),
                Words.figure("%02d".formatted(next)),
                new ValueField(
                        "Title of the next user",
                        "add somebody",
                        title -> user(() -> new PanelProgramming.User(next, title, List.of(), Optional.empty()))));
        return table;
    }

    private Node[] person(PanelProgramming.User user) {
        return new Node[] {
            Words.figure("%02d".formatted(user.number())),
            new ValueField(
                    "Title of user %02d".formatted(user.number()),
                    user.title(),
                    title -> user(
                            () -> new PanelProgramming.User(user.number(), title, user.areas(), user.elsewhere()))),
            new ValueField(
                    "Areas of user %02d".formatted(user.number()),
                    user.areas().isEmpty()
                            ? "all"
                            : user.areas().stream().map("%02d"::formatted).collect(Collectors.joining(", ")),
                    typed -> user(() ->
                            new PanelProgramming.User(user.number(), user.title(), areas(typed), user.elsewhere()))),
            new ValueField(
                    "Number of %s in the communicator".formatted(user.title()),
                    user.elsewhere().map("%02d"::formatted).orElse("not known"),
                    typed -> user(
                            () -> new PanelProgramming.User(user.number(), user.title(), user.areas(), number(typed)))),
            Tool.of(
                    "Take off",
                    "nobody has this number any more",
                    () -> openJob.apply(SetupEdits.withoutUser(user.number())))
        };
    }

    /// @throws IllegalArgumentException when they are no numbers
    private static List<Integer> areas(String typed) {
        return typed.strip().equals("all")
                ? List.of()
                : List.copyOf(((SettingValue.Numbers) Decision.USER_AREAS.read(typed)).numbers());
    }

    private static Optional<Integer> number(String typed) {
        return typed.strip().matches("\\d{1,4}") ? Optional.of(Integer.valueOf(typed.strip())) : Optional.empty();
    }

    private boolean user(java.util.function.Supplier<PanelProgramming.User> made) {
        return openJob.apply(Typed.of(made).then(SetupEdits::user));
    }
}
