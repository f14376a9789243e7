package io.answerback.desktop.prove;

import io.answerback.core.engine.finding.Mark;
import io.answerback.core.panel.operation.OperationRules;
import io.answerback.core.panel.operation.PanelCase;
import io.answerback.core.signal.event.EventTable;
import io.answerback.desktop.part.Grid;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Marks;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Press;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.PartSheet;
import io.answerback.desktop.work.WindowState;
import io.answerback.files.BrokenFile;
import io.answerback.files.exchange.CaseFile;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;

/// Stories on the panel of the job: which of them end as they should, and what happens in one.
final class StoriesSheet extends PartSheet {
    private static final int SHOWN = 40;

    private final Actions actions;
    private final EventTable events;
    private final StoryFiles files;
    private final WhatIfPart whatIf;
    private final Consumer<PanelCase> play;
    private final Map<String, PanelCase> stories = new LinkedHashMap<>();
    private String chosen = "";

    StoriesSheet(Actions actions, EventTable events, StoryFiles files, Consumer<PanelCase> play) {
        this.whatIf = new WhatIfPart(actions, this::showAgain);
        this.files = files;
        this.play = play;
        this.actions = actions;
        this.events = events;
    }

    @Override
    public String title() {
        return "Stories";
    }

    @Override
    public String about(WindowState state) {
        return "written for the main demo; change a decision, and see which end otherwise";
    }

    private Map<String, PanelCase> stories() {
        if (stories.isEmpty()) {
            for (String name : CaseFile.shipped()) {
                try {
                    stories.put(name, CaseFile.find(name));
                } catch (BrokenFile broken) {
                    actions.tell(broken.getMessage());
                }
            }
            chosen = stories.keySet().stream().findFirst().orElse("");
        }
        return stories;
    }

    @Override
    public List<Part> middle(WindowState state) {
        OperationRules rules = OperationRules.of(state.job());
        Grid.Filling grid = Grid.filling("table", "load-table");
        List<Part> parts = new ArrayList<>();
        stories().forEach((name, story) -> grid.line(name, line(name, story, story.on(rules))));
        PanelCase story = stories().get(chosen);
        if (story != null) {
            parts.add(tools(story));
            parts.add(new StoryStrip(new StoryFrames(
                            story, story.on(rules), rules.with(story.zones()), LogWords.of(events, state.job())))
                    .asPart());
        }
        parts.addAll(whatIf.parts(state.job(), stories().values()));
        parts.add(grid.grid());
        return parts;
    }

    private Part tools(PanelCase story) {
        return Parts.flow(
                        Words.of("told-name", story.name()),
                        Tool.of("Play it", "on the practice panel, ten times as fast", () -> play.accept(story)),
                        Tool.of("Open a story…", "one that was saved", () -> files.open(this::opened)))
                .style("switches")
                .group();
    }

    private void opened(PanelCase story) {
        stories.put(story.name(), story);
        chosen = story.name();
        showAgain();
    }

    private List<Part> line(String name, PanelCase story, PanelCase.Outcome outcome) {
        boolean well = outcome.asExpected();
        return List.of(
                Marks.of(well ? Mark.SOUND : Mark.WRONG, well ? "as expected" : "ends otherwise"),
                new Press(
                        name.equals(chosen) ? "finding story-chosen" : "finding",
                        story.name() + (well ? ", as expected" : ", ends otherwise"),
                        () -> {
                            chosen = name;
                            showAgain();
                        },
                        List.of(Group.column(
                                Words.of("told-name", story.name()),
                                Words.wrapped(Words.quiet(story.about())),
                                Words.of(
                                        well ? "quiet" : "printed-problem",
                                        well ? "as expected" : outcome.differs().size() + " signals differ")))));
    }

    @Override
    public List<Part> beside(WindowState state) {
        PanelCase story = stories().get(chosen);
        if (story == null) {
            return List.of();
        }
        LogWords words = LogWords.of(events, state.job());
        PanelCase.Outcome outcome = story.on(OperationRules.of(state.job()));
        List<Part> parts = new ArrayList<>();
        parts.add(Words.title(story.name()));
        if (!outcome.asExpected()) {
            parts.add(Words.title("What differs"));
            outcome.differs().forEach(each -> parts.add(Words.wrapped(Words.of("printed-problem", each))));
        }
        parts.add(Words.title("What the panel does"));
        outcome.log().stream().limit(SHOWN).forEach(line -> parts.add(words.line(line)));
        return parts;
    }
}
