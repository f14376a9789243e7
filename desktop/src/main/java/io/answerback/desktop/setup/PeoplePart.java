package io.answerback.desktop.setup;

import io.answerback.core.model.common.Typed;
import io.answerback.core.model.profile.Decision;
import io.answerback.core.model.profile.SettingValue;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.PanelProgramming;
import io.answerback.core.setup.SetupEdits;
import io.answerback.desktop.part.Grid;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Text;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Value;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Collectors;

/// Who has a code: numbers, titles and areas, and the numbers of the same people in the communicator.
final class PeoplePart {
    private final Actions actions;

    PeoplePart(Actions actions) {
        this.actions = actions;
    }

    Part of(Job job) {
        Grid.Filling table = Grid.filling("table", "load-table");
        table.line(
                Words.title("No"),
                Words.title("Who"),
                Words.title("Areas, hours"),
                Words.title("In the communicator"),
                Text.of(""));
        job.setup().users().forEach(user -> table.line(user.number(), person(job, user)));
        int next = job.setup().users().stream()
                        .mapToInt(PanelProgramming.User::number)
                        .max()
                        .orElse(0)
                + 1;
        table.line(
                Words.figure("%02d".formatted(next)),
                Value.of(
                        "Title of the next user",
                        "add somebody",
                        title -> user(() -> new PanelProgramming.User(next, title, List.of(), Optional.empty()))));
        return table.grid();
    }

    private List<Part> person(Job job, PanelProgramming.User user) {
        return List.of(
                Words.figure("%02d".formatted(user.number())),
                Value.of(
                        "Title of user %02d".formatted(user.number()),
                        user.title(),
                        title -> user(
                                () -> new PanelProgramming.User(user.number(), title, user.areas(), user.elsewhere()))),
                Group.column(
                        Value.of(
                                "Areas of user %02d".formatted(user.number()),
                                user.areas().isEmpty()
                                        ? "all"
                                        : user.areas().stream()
                                                .map("%02d"::formatted)
                                                .collect(Collectors.joining(", ")),
                                typed -> user(() -> new PanelProgramming.User(
                                        user.number(), user.title(), areas(typed), user.elsewhere()))),
                        Value.of(
                                "Hours of user %02d".formatted(user.number()),
                                hours(job, user.number()),
                                typed -> hours(user.number(), typed))),
                Value.of(
                        "Number of %s in the communicator".formatted(user.title()),
                        user.elsewhere().map("%02d"::formatted).orElse("not known"),
                        typed -> user(() ->
                                new PanelProgramming.User(user.number(), user.title(), user.areas(), number(typed)))),
                Tool.of(
                        "Take off",
                        "nobody has this number any more",
                        () -> actions.apply(SetupEdits.withoutUser(user.number()))));
    }

    private static String hours(Job job, int user) {
        return job.setup()
                .decided(Decision.USER_HOURS, user)
                .map(PanelProgramming.Decided::value)
                .filter(span -> !span.isEmpty())
                .orElse("always");
    }

    private boolean hours(int user, String typed) {
        String span = typed.strip().equals("always") ? "" : typed.strip();
        return actions.apply(Typed.of(() -> SetupEdits.decide(Decision.USER_HOURS, user, span)));
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

    private boolean user(Supplier<PanelProgramming.User> made) {
        return actions.apply(Typed.of(made).then(SetupEdits::user));
    }
}
