package io.answerback.desktop.setup;

import io.answerback.core.model.common.Typed;
import io.answerback.core.model.profile.EntryForm;
import io.answerback.core.model.profile.SettingCatalogue;
import io.answerback.core.model.site.PanelProgramming;
import io.answerback.core.model.site.Point;
import io.answerback.core.setup.Catalogue;
import io.answerback.core.setup.EntryStep;
import io.answerback.core.setup.RunSheet;
import io.answerback.core.setup.SetupEdits;
import io.answerback.core.setup.SetupState;
import io.answerback.desktop.part.Card;
import io.answerback.desktop.part.Gauge;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Switch;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Value;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.FilledSheet;
import io.answerback.desktop.work.FirstSteps;
import io.answerback.desktop.work.WindowState;
import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/// Everything that is typed into the panel, one entry at a time on a large card and all of them below: where,
/// what, and what the panel shows. Enter when it is typed, Down for later, Backspace to take the last one back.
final class TypingSheet extends FilledSheet {
    private static final int LONGEST_SECONDS = 300;

    /// Which entries are listed.
    private enum Listed {
        OPEN("to type"),
        DIFFERING("that differ"),
        ALL("all");

        private final String words;

        Listed(String words) {
            this.words = words;
        }
    }

    private final Actions actions;
    private final InstantSource clock;
    private final EntryTable table;
    private final SetupPrint print;
    private int called;
    private Listed listed = Listed.OPEN;
    private String later = "";
    private Optional<Instant> lastTyped = Optional.empty();

    TypingSheet(Actions actions, SetupPrint print, InstantSource clock) {
        this.actions = actions;
        this.clock = clock;
        this.print = print;
        this.table = new EntryTable(actions);
    }

    @Override
    public String title() {
        return "What to type";
    }

    @Override
    public String about(WindowState state) {
        RunSheet sheet = sheet(state);
        return sheet.steps().isEmpty()
                ? ""
                : "%d entries differ from a new panel, about %.0f min left"
                        .formatted(sheet.differing().size(), Math.ceil(sheet.secondsLeft() / 60));
    }

    private static RunSheet sheet(WindowState state) {
        return state.assessment().get(SetupState.FACT).sheet();
    }

    private Optional<EntryStep> next(RunSheet sheet) {
        List<EntryStep> open = sheet.open();
        int from = 0;
        for (int i = 0; i < open.size(); i++) {
            if (open.get(i).key().equals(later)) {
                from = i + 1;
            }
        }
        return open.isEmpty() ? Optional.empty() : Optional.of(open.get(from % open.size()));
    }

    @Override
    protected void show(WindowState state) {
        RunSheet sheet = sheet(state);
        sheetInstrument(state, sheet);
        if (sheet.steps().isEmpty() && sheet.broken().isEmpty()) {
            this.sheet.set(
                    Words.empty(
                            "The panel's profile knows none of its settings: add them from the maker's manual, and the run sheet writes itself."));
            return;
        }
        Optional<EntryStep> next = next(sheet);
        int differing = sheet.differing().size();
        String place = "%d of %d typed".formatted(sheet.done(), differing);
        TypingCard card = card(Catalogue.manner(
                state.job(), next.map(step -> step.setting().id()).orElse("")));
        List<Part> parts = new ArrayList<>();
        FirstSteps.points(
                        actions,
                        "There is no point yet, so no zone is typed yet. Type the points first, and their zones are added.")
                .ifPresent(parts::add);
        parts.add(tools(next));
        parts.add(new Gauge(sheet.done(), Math.max(1, differing), place));
        parts.add(next.map(step -> card.of(step, place)).orElseGet(card::finished));
        parts.add(Switch.of("Listed", Arrays.asList(Listed.values()), listed, its -> its.words, chosen -> {
            listed = chosen;
            showAgain();
        }));
        parts.add(EntryTable.heading());
        parts.add(table.of(listed(sheet), next).growing());
        this.sheet.set(parts);
    }

    private TypingCard card(SettingCatalogue.Manner manner) {
        return new TypingCard(
                manner,
                actions.fillsWindow(),
                new Card.Keys(this::typed, Optional.of(this::skip), this::takeBack, Optional.of(this::fill)),
                called);
    }

    private void callKeyboard() {
        called++;
        showAgain();
    }

    private List<EntryStep> listed(RunSheet sheet) {
        return switch (listed) {
            case OPEN ->
                sheet.steps().stream()
                        .filter(step -> step.toType() || step.standing() == EntryStep.Standing.CANNOT)
                        .toList();
            case DIFFERING -> sheet.differing();
            case ALL -> sheet.steps();
        };
    }

    private Group tools(Optional<EntryStep> next) {
        Parts row = Parts.flow(
                Tool.of("Typed ↵", "this entry is in the panel", this::typed),
                Tool.of("Later ↓", "leave this for later", this::skip),
                Tool.of("Take back ⌫", "the last is undone again", this::takeBack),
                Tool.of(
                        actions.fillsWindow() ? "Leave the whole window" : "Whole window",
                        "one at a time, to be read from the keypad; Esc leaves",
                        this::fill));
        row.add(Tool.of("Print or table", "the run sheet as PDF, SVG or CSV", print::ask));
        next.ifPresent(
                step -> row.add(Value.of("Why it is left out", "leave it out, because", why -> leaveOut(step, why))));
        row.style("switches");
        return row.group();
    }

    private boolean leaveOut(EntryStep step, String why) {
        return actions.apply(Typed.of(() -> SetupEdits.skipped(step, clock.instant(), why)));
    }

    private void sheetInstrument(WindowState state, RunSheet sheet) {
        instrument.clear();
        dead(state.assessment().get(SetupState.FACT).dead());
        instrument.add(MannerPart.of(state.job(), next(sheet)));
        if (!sheet.open().isEmpty()) {
            instrument.add(Words.wrapped(
                    Words.quiet("In this order you walk through %d levels of menus; zone by zone it would be %d."
                            .formatted(sheet.levels(), sheet.levelsByNumber()))));
        }
        int text = sheet.needingText().size();
        if (text > 0) {
            instrument.add(Words.wrapped(Words.quiet("%d of them need a keypad that shows text.".formatted(text))));
        }
        instrument.add(Words.caution(
                "The station has the account on test before the panel is programmed, and off again afterwards."));
    }

    /// Nothing is typed for a zone that is off or in no area, though somebody wired it.
    private void dead(Map<Integer, Point> dead) {
        if (dead.isEmpty()) {
            return;
        }
        String names = dead.entrySet().stream()
                .map(zone -> "%02d %s".formatted(zone.getKey(), zone.getValue().name()))
                .collect(Collectors.joining(", "));
        instrument.add(
                Words.title("Wired, and dead"),
                Words.wrapped(Words.of("finding-says", names)),
                Words.wrapped(
                        Words.quiet(
                                "They are off, or in no area: the panel would never report them, and this sheet has nothing to type.")),
                Tool.of(
                        "Program as surveyed",
                        "they come onto the run sheet with the behaviour and area of the survey",
                        () -> actions.apply(SetupEdits.programDead())));
    }

    private void typed() {
        actions.inTurn(this::typedInTurn);
    }

    private void takeBack() {
        actions.inTurn(actions::undo);
    }

    private void skip() {
        actions.inTurn(this::skipInTurn);
    }

    private void typedInTurn() {
        next(sheet(actions.now())).ifPresent(step -> {
            Instant now = clock.instant();
            if (step.setting().form().kind() == EntryForm.Kind.SECRET) {
                actions.apply(SetupEdits.code(
                        new PanelProgramming.CodeNote(step.setting().id(), step.number(), true, "", Optional.empty())));
            } else {
                actions.apply(SetupEdits.typed(step, now, seconds(now)));
            }
            lastTyped = Optional.of(now);
        });
        callKeyboard();
    }

    /// How long the last entry took: since the one before, unless something else came between.
    private int seconds(Instant now) {
        long seconds =
                lastTyped.map(last -> Duration.between(last, now).toSeconds()).orElse(0L);
        return seconds <= LONGEST_SECONDS ? (int) seconds : 0;
    }

    private void skipInTurn() {
        next(sheet(actions.now())).ifPresent(step -> later = step.key());
        callKeyboard();
    }

    private void fill() {
        actions.fillWindow(!actions.fillsWindow());
        callKeyboard();
    }
}
