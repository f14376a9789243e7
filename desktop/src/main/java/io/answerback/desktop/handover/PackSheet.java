package io.answerback.desktop.handover;

import io.answerback.core.handover.Pack;
import io.answerback.core.handover.PackPaper;
import io.answerback.core.handover.PackSection;
import io.answerback.core.paper.PageSize;
import io.answerback.core.paper.Paper;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Marks;
import io.answerback.desktop.part.Pages;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Rows;
import io.answerback.desktop.part.Switch;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.With;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Background;
import io.answerback.desktop.work.PartSheet;
import io.answerback.desktop.work.WindowState;
import io.answerback.files.record.Photographs;
import io.answerback.print.pack.PackFolder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// What the client keeps, section by section, with its gaps; saved as one folder, or looked at page by page.
final class PackSheet extends PartSheet {
    private static final double TITLE_WIDTH = 260;
    private static final double PAGES_WIDTH = 100;

    /// A pack and its paper, with the assessment they came from.
    private record Made(Object of, PageSize size, PackFolder.Set set) {
        Pack pack() {
            return set.pack();
        }

        Paper paper() {
            return set.paper();
        }
    }

    private final Saving saving;
    private final Background background;
    private final LeavingPart leaving;
    private PageSize size = PageSize.A4;
    private Optional<Made> made = Optional.empty();
    private boolean making;
    private boolean looking;
    private int page;

    PackSheet(Saving saving, Background background, LeavingPart leaving) {
        this.saving = saving;
        this.background = background;
        this.leaving = leaving;
    }

    @Override
    public String title() {
        return "What the client keeps";
    }

    @Override
    public String about(WindowState state) {
        return made.map(its -> "%d pages, %d sections, %d with gaps"
                        .formatted(
                                its.paper().pages().size(),
                                its.pack().sections().size(),
                                its.pack().missing()))
                .orElse("being put together");
    }

    @Override
    public List<Part> middle(WindowState state) {
        make(state);
        List<Part> parts = new ArrayList<>();
        parts.add(tools());
        made.ifPresentOrElse(
                its -> parts.addAll(looking ? pages(its.paper(), pictures(state)) : sections(its.set())),
                () -> parts.add(Words.quiet("The pack is being put together.")));
        return parts;
    }

    /// It is put together off the window's thread, anew whenever the job is another.
    private void make(WindowState state) {
        boolean current = made.filter(
                        its -> its.of() == state.assessment() && its.size().equals(size))
                .isPresent();
        if (current || making) {
            return;
        }
        making = true;
        PackFolder folder = saving.folder(state.assessment(), size);
        PageSize its = size;
        background.compute(() -> new Made(state.assessment(), its, folder.set()), done -> {
            making = false;
            made = Optional.of(done);
            showAgain();
        });
    }

    private Part tools() {
        Parts row = Parts.flow(
                Tool.primary("Save the pack", () -> saving.pack(size)),
                Tool.of(looking ? "Back to the list" : "Look at it", "every page as it is printed", this::look));
        if (looking) {
            row.add(
                    Tool.arrow("‹", "Page back", "the page before", () -> turn(-1)),
                    Tool.arrow("›", "Page on", "the next page", () -> turn(1)));
        }
        row.add(
                Switch.of("Paper", List.of(PageSize.A4, PageSize.LETTER), size, PageSize::name, chosen -> {
                    size = chosen;
                    page = 0;
                    showAgain();
                }),
                Words.quiet(
                        "PDF, tables, calendar, photographs and the job file in one folder; gaps are printed as gaps"));
        return row.style("switches").group();
    }

    private void look() {
        looking = !looking;
        page = 0;
        showAgain();
    }

    private void turn(int by) {
        int pages = made.map(its -> its.paper().pages().size()).orElse(1);
        page = Math.floorMod(page + by, pages);
        showAgain();
    }

    private static String pictures(WindowState state) {
        return state.file()
                .map(file -> Photographs.beside(file).folder().toUri().toString())
                .map(uri -> uri.endsWith("/") ? uri : uri + "/")
                .orElse("");
    }

    private List<Part> pages(Paper paper, String pictures) {
        int first = Math.min(page, paper.pages().size() - 1);
        return List.of(
                Words.quiet("page %d of %d".formatted(first + 1, paper.pages().size())),
                new Pages(paper, first, 1, Pages.Zoom.values()[0], pictures)
                        .growing()
                        .asPart());
    }

    private static List<Part> sections(PackFolder.Set set) {
        List<With> rows = new ArrayList<>();
        for (int i = 0; i < set.pack().sections().size(); i++) {
            PackSection section = set.pack().sections().get(i);
            rows.add(row(section, set.places().get(i)).keyed(section.id()));
        }
        return List.of(new Rows("Sections of the pack", rows, -1).growing().asPart());
    }

    private static Part row(PackSection section, PackPaper.Place place) {
        String pages = place.pages() == 1
                ? "page " + place.page()
                : "pages %d to %d".formatted(place.page(), place.page() + place.pages() - 1);
        return Group.row(
                        Marks.of(section.mark(), section.mark().word()),
                        Words.wrapped(Words.of("told-name", place.title())).wide(TITLE_WIDTH),
                        Words.wrapped(Words.of("prove-words", section.says())).growing(),
                        Words.quiet(pages).wide(PAGES_WIDTH))
                .style("plan-row", "kept-row");
    }

    @Override
    public List<Part> beside(WindowState state) {
        List<Part> parts = new ArrayList<>(leaving.brief(state));
        parts.add(Words.caution("The pack computes and records. Approval is the licensed firm's."));
        return parts;
    }
}
