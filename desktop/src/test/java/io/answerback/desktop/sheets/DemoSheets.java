package io.answerback.desktop.sheets;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Job;
import io.answerback.core.paper.PaperElement;
import io.answerback.desktop.OpenedDemo;
import io.answerback.desktop.Seen;
import io.answerback.desktop.Sketch;
import io.answerback.desktop.part.Card;
import io.answerback.desktop.part.Pages;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Slide;
import io.answerback.desktop.present.ChainPresentation;
import io.answerback.desktop.present.FindingsPresentation;
import io.answerback.desktop.present.RoutePresentation;
import io.answerback.desktop.present.RoutePresentation.OneStop;
import io.answerback.desktop.shell.PartBench;
import io.answerback.desktop.work.PartSheet;
import io.answerback.desktop.work.WindowState;
import io.answerback.files.demo.DemoJobs;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// The sheets of a demo without a window: read, clicked and typed into by the words that stand on them.
public abstract class DemoSheets extends OpenedDemo {
    /// Waits for answers of the practice station until words can be read.
    protected final void awaitReads(String words) throws InterruptedException {
        while (!reads(words)) {
            if (!next()) {
                throw new AssertionError("nothing more came, and nobody reads \"" + words + "\"");
            }
        }
    }

    /// Opens another demo.
    protected final void demo(int number) {
        openJob.put(DemoJobs.job(number), Optional.empty(), "");
    }

    /// The job as it is now.
    protected final Job job() {
        return openJob.now().job();
    }

    /// Goes to a stop and looks at a point.
    protected final void at(Stop stop, String point) {
        openJob.go(stop);
        openJob.select(new PointId(point));
    }

    /// Whether something is found, by its id.
    protected final boolean finds(String id) {
        return openJob.now().assessment().findings().stream().map(Finding::id).anyMatch(id::equals);
    }

    private PartBench bench() {
        return switch (openJob.now().stop()) {
            case SURVEY -> benches.survey();
            case LOOP -> benches.loop();
            case CABLE -> benches.cable();
            case POWER -> benches.power();
            case BUS -> benches.bus();
            case SET_UP -> benches.setup();
            case REPORT -> report();
            case PROVE -> {
                report();
                yield benches.prove();
            }
            case HAND_OVER -> {
                report();
                yield benches.handOver();
            }
        };
    }

    /// What is seen now: the switch between the sheets, the sheet on top, what stands beside it.
    protected final Seen seen() {
        PartSheet sheet = bench().top(openJob.now());
        List<Part> parts = new ArrayList<>();
        bench().switching(openJob.now()).ifPresent(parts::add);
        parts.addAll(sheet.middle(openJob.now()));
        parts.addAll(sheet.beside(openJob.now()));
        parts.addAll(FindingsPresentation.of(openJob, openJob.now()));
        return Seen.of(parts);
    }

    /// Whether these words can be read on the sheet, about it, on the route line, along the chain, or in the line
    /// that tells what became of an edit.
    protected final boolean reads(String words) {
        PartSheet sheet = bench().top(openJob.now());
        return seen().reads(words)
                || sheet.title().contains(words)
                || sheet.about(openJob.now()).contains(words)
                || openJob.now().notice().contains(words)
                || around().anyMatch(its -> its.contains(words));
    }

    /// What stands on the route line and along the chain.
    private Stream<String> around() {
        WindowState now = openJob.now();
        return Stream.concat(
                RoutePresentation.of(now.assessment(), now.stop()).stops().stream()
                        .map(OneStop::figure),
                ChainPresentation.of(now.point(), false, Optional.empty()).links().stream()
                        .flatMap(link -> Stream.of(link.figure(), link.line())));
    }

    /// Clicks what a screen reader calls so.
    protected final void click(String name) {
        seen().click(name);
    }

    /// Types another value.
    ///
    /// @return whether it was taken
    protected final boolean edit(String name, String typed) {
        return seen().type(name, typed);
    }

    /// Takes an option of a choice.
    protected final void choose(String choice, String option) {
        seen().choose(choice, option);
    }

    /// Moves a slider.
    protected final void move(String name, double value) {
        seen().named(Slide.class, Slide::name, name).moved().accept(value);
    }

    /// The keys of the card that has the keyboard.
    protected final Card.Keys keys() {
        return seen().every(Card.class).getFirst().keys();
    }

    /// The words on the first page of paper that is shown.
    protected final String page() {
        Pages pages = seen().every(Pages.class).getFirst();
        return pages.paper().pages().get(pages.first()).stream()
                .filter(PaperElement.Text.class::isInstance)
                .map(element -> ((PaperElement.Text) element).words())
                .collect(Collectors.joining(", "));
    }

    /// The numbers of the first picture in a style on the sheet, drawn 800 wide.
    protected final Sketch sketch(String style) {
        return Sketch.of(seen().pictures(style).getFirst(), 800);
    }

    /// Takes back the last edit.
    protected final void undo() {
        openJob.undo();
    }
}
