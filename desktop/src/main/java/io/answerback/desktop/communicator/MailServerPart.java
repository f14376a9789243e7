package io.answerback.desktop.communicator;

import io.answerback.core.engine.edit.UnitEdits;
import io.answerback.core.engine.finding.Mark;
import io.answerback.core.model.mail.MailPlan;
import io.answerback.core.model.mail.MailSecurity;
import io.answerback.core.report.message.MailCheck;
import io.answerback.core.report.message.MailProblem;
import io.answerback.core.report.message.MailProblem.Field;
import io.answerback.desktop.part.Choice;
import io.answerback.desktop.part.Grid;
import io.answerback.desktop.part.Marks;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Value;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.function.UnaryOperator;

/// The mail server of the communicator, each field with what is wrong with it before anybody connects.
final class MailServerPart {
    private static final int SHOWN_DIGITS = 16;

    private final Actions actions;

    MailServerPart(Actions actions) {
        this.actions = actions;
    }

    Part part(MailPlan plan) {
        List<MailProblem> problems = MailCheck.of(plan);
        Grid.Filling grid = Grid.filling("table", "load-table");
        grid.line(
                Field.SERVER,
                line(problems, Field.SERVER, text(Field.SERVER, plan.server(), "", MailPlan::withServer)));
        grid.line(Field.PORT, line(problems, Field.PORT, port(plan)));
        grid.line(
                Field.SECURITY,
                line(
                        problems,
                        Field.SECURITY,
                        Choice.of(
                                "Protection",
                                Arrays.asList(MailSecurity.values()),
                                plan.security(),
                                MailSecurity::words,
                                other -> edit("protection", its -> its.withSecurity(other)))));
        grid.line(
                Field.ACCOUNT,
                line(problems, Field.ACCOUNT, text(Field.ACCOUNT, plan.account(), "none", MailPlan::withAccount)));
        grid.line(
                Field.SENDER,
                line(problems, Field.SENDER, text(Field.SENDER, plan.sender(), "", MailPlan::withSender)));
        Parts column = Parts.column(grid.grid());
        if (!plan.trusted().isEmpty()) {
            column.add(Parts.flow(
                            Words.quiet("One certificate is trusted, SHA-256 "
                                    + plan.trusted().substring(0, SHOWN_DIGITS) + "…"),
                            Tool.of(
                                    "Stop trusting it",
                                    "the server is asked for one that somebody vouches for",
                                    () -> edit("certificate", its -> its.withTrusted(""))))
                    .style("switches")
                    .group());
        }
        return column.group();
    }

    private static List<Part> line(List<MailProblem> problems, Field field, Part value) {
        List<MailProblem> its =
                problems.stream().filter(problem -> problem.field() == field).toList();
        boolean stops = its.stream().anyMatch(MailProblem::stops);
        Mark mark = its.isEmpty() ? Mark.SOUND : stops ? Mark.WRONG : Mark.TIGHT;
        String says = its.isEmpty()
                ? ""
                : its.getFirst().says() + ". " + its.getFirst().remedy();
        return List.of(
                Marks.of(mark, its.isEmpty() ? title(field) + " fits" : says),
                Words.whole(Words.quiet(title(field))),
                value,
                Words.wrapped(Words.of(stops ? "printed-problem" : "quiet", says)));
    }

    private static String title(Field field) {
        return field.words().substring(0, 1).toUpperCase(Locale.ROOT)
                + field.words().substring(1);
    }

    private Part text(
            Field field, String value, String none, java.util.function.BiFunction<MailPlan, String, MailPlan> with) {
        String nothing = none.isEmpty() ? SettingTable.NOT_KNOWN : none;
        return Value.of(title(field) + " of mail", value.isEmpty() ? nothing : value, typed -> {
                    String given = typed.strip().equals(nothing) ? "" : typed;
                    return edit(field.words(), its -> with.apply(its, given));
                })
                .wrapped();
    }

    private Part port(MailPlan plan) {
        return Value.of("Port of mail", Integer.toString(plan.port()), typed -> {
            if (!typed.strip().matches("\\d{1,5}")) {
                actions.tell("\"" + typed + "\" is no port; write a number from 1 to 65535.");
                return false;
            }
            return edit("port", its -> its.withPort(Integer.parseInt(typed.strip())));
        });
    }

    private boolean edit(String what, UnaryOperator<MailPlan> change) {
        return actions.apply(UnitEdits.mail(what, change));
    }
}
