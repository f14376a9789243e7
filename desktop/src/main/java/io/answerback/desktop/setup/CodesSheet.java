package io.answerback.desktop.setup;

import io.answerback.core.engine.finding.Mark;
import io.answerback.core.model.common.Typed;
import io.answerback.core.model.profile.EntryForm;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.PanelProgramming;
import io.answerback.core.setup.CodeComparison;
import io.answerback.core.setup.EntryStep;
import io.answerback.core.setup.SetupEdits;
import io.answerback.core.setup.SetupState;
import io.answerback.desktop.part.Grid;
import io.answerback.desktop.part.Marks;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Secret;
import io.answerback.desktop.part.Switch;
import io.answerback.desktop.part.Text;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.TypedSecret;
import io.answerback.desktop.part.Value;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.FilledSheet;
import io.answerback.desktop.work.WindowState;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// Who has a code and who holds it, never the code. Codes that are typed here are compared in memory and
/// forgotten; only whether they differ is kept.
final class CodesSheet extends FilledSheet {
    private final Actions actions;
    private final PeoplePart people;
    private final Map<String, TypedSecret> digits = new LinkedHashMap<>();
    private String site = "";
    private int emptied;

    CodesSheet(Actions actions) {
        this.actions = actions;
        this.people = new PeoplePart(actions);
        instrument.set(
                Words.title("Digits are kept nowhere"),
                Words.wrapped(
                        Words.quiet(
                                "Write down that a code was changed and who holds it. To see that no two are the same, type them here once: they are compared, and forgotten as soon as you ask.")),
                Words.caution(
                        "The engineer's code must differ from every user's, and the maker's codes stand in every manual."));
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
        return state.assessment().get(SetupState.FACT).sheet().steps().stream()
                .filter(step -> step.setting().form().kind() == EntryForm.Kind.SECRET)
                .toList();
    }

    @Override
    protected void show(WindowState state) {
        List<EntryStep> secrets = secrets(state);
        if (!site.equals(state.job().site().name())) {
            site = state.job().site().name();
            digits.clear();
        }
        Grid.Filling codes = Grid.filling("table", "load-table");
        codes.line(
                Text.of(""),
                Words.title("Code"),
                Words.whole(Words.title("Changed")),
                Words.title("Held by"),
                Words.whole(Words.title("To compare")));
        secrets.forEach(step -> codes.line(step.key(), code(state.job(), step)));
        digits.keySet().retainAll(secrets.stream().map(EntryStep::key).toList());
        Parts compare = Parts.flow(Tool.of(
                "Compare, and forget the digits",
                "whether each differs from the others is kept, nothing else",
                this::compare));
        compare.style("switches");
        sheet.set(Words.section("People", "the numbers must be the same in the communicator"));
        sheet.add(people.of(state.job()));
        sheet.add(Words.section("Codes", ""));
        if (secrets.isEmpty()) {
            sheet.add(Words.empty("The panel's profile knows no codes; add them from its manual."));
        } else {
            sheet.add(codes, compare);
        }
    }

    private List<Part> code(Job job, EntryStep step) {
        Optional<PanelProgramming.CodeNote> note =
                job.setup().code(step.setting().id(), step.number());
        boolean changed = note.filter(PanelProgramming.CodeNote::changed).isPresent();
        boolean same = note.flatMap(PanelProgramming.CodeNote::differs)
                .filter(its -> !its)
                .isPresent();
        String name = step.of().isEmpty() ? step.setting().name() : step.of();
        return List.of(
                Marks.of(
                        changed && !same ? Mark.SOUND : Mark.WRONG,
                        same ? "the same as another" : changed ? "changed" : "still the maker's"),
                Words.wrapped(Text.of(name)),
                Switch.bare(
                        name + " changed",
                        List.of(true, false),
                        changed,
                        yes -> yes ? "yes" : "no",
                        yes -> actions.apply(SetupEdits.code(new PanelProgramming.CodeNote(
                                step.setting().id(), step.number(), yes, holder(note), Optional.empty())))),
                Value.of(
                                "Holder of " + name,
                                holder(note).isEmpty() ? "nobody said" : holder(note),
                                typed -> held(step, note, typed))
                        .wrapped(),
                Secret.digits(
                        "Digits of " + name,
                        typed -> digits.computeIfAbsent(step.key(), key -> new TypedSecret())
                                .type(typed),
                        emptied));
    }

    private static String holder(Optional<PanelProgramming.CodeNote> note) {
        return note.map(PanelProgramming.CodeNote::holder).orElse("");
    }

    private boolean held(EntryStep step, Optional<PanelProgramming.CodeNote> note, String holder) {
        return actions.apply(Typed.of(() -> SetupEdits.code(new PanelProgramming.CodeNote(
                step.setting().id(),
                step.number(),
                note.filter(PanelProgramming.CodeNote::changed).isPresent(),
                holder,
                note.flatMap(PanelProgramming.CodeNote::differs)))));
    }

    private void compare() {
        Map<String, char[]> typed = new LinkedHashMap<>();
        digits.forEach((key, its) -> {
            if (!its.isEmpty()) {
                typed.put(key, its.takeOut());
            }
        });
        digits.clear();
        emptied++;
        showAgain();
        if (typed.size() < 2) {
            actions.tell("Type two codes or more: one alone differs from nothing.");
            return;
        }
        List<PanelProgramming.CodeNote> notes = new ArrayList<>();
        Map<String, Boolean> differs = CodeComparison.of(typed);
        secrets(actions.now()).stream()
                .filter(step -> differs.containsKey(step.key()))
                .forEach(step -> {
                    Optional<PanelProgramming.CodeNote> note =
                            actions.now().job().setup().code(step.setting().id(), step.number());
                    notes.add(new PanelProgramming.CodeNote(
                            step.setting().id(),
                            step.number(),
                            note.filter(PanelProgramming.CodeNote::changed).isPresent(),
                            holder(note),
                            Optional.of(differs.get(step.key()))));
                });
        actions.apply(SetupEdits.codes(notes));
        actions.tell(
                differs.containsValue(false)
                        ? "Some of them are the same. Their digits are forgotten."
                        : "They all differ. Their digits are forgotten.");
    }
}
