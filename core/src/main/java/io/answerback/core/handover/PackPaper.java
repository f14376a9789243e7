package io.answerback.core.handover;

import io.answerback.core.common.Text;
import io.answerback.core.paper.Measure;
import io.answerback.core.paper.PageSize;
import io.answerback.core.paper.Paper;
import io.answerback.core.paper.PaperElement;
import io.answerback.core.paper.Table;
import io.answerback.core.paper.TableSetter;
import java.util.ArrayList;
import java.util.List;

/// The pack as one paper: its contents, every section, and the drawings of the boxes behind them.
///
/// @param pack what is in it
/// @param boxes the drawings of the boxes, of A4 pages; empty for none
/// @param site whose it is
/// @param size the size of its pages
public record PackPaper(Pack pack, List<List<PaperElement>> boxes, String site, PageSize size) {
    private static final double LARGE = 1.35;
    private static final String BOXES = "Drawings of the boxes";

    /// A section with its first page and how many it has.
    ///
    /// @param title its title
    /// @param says how it stands
    /// @param page its first page, counted from 1
    /// @param pages how many pages it has
    public record Place(String title, String says, int page, int pages) {}

    /// Where each section stands.
    public List<Place> places(Measure measure) {
        return places(sections(measure));
    }

    private List<List<List<PaperElement>>> sections(Measure measure) {
        List<List<List<PaperElement>>> all = new ArrayList<>();
        pack.sections().forEach(section -> all.add(pages(section, measure)));
        if (!boxes.isEmpty()) {
            all.add(boxes.stream()
                    .map(page -> page.stream().map(this::scaled).toList())
                    .toList());
        }
        return all;
    }

    /// The client's page is set in larger letters.
    private List<List<PaperElement>> pages(PackSection section, Measure measure) {
        return section.id().equals(ClientSections.ID)
                ? TableSetter.large(section.tables().getFirst(), size, LARGE, measure)
                : TableSetter.pages(section.tables(), size, measure);
    }

    private List<Place> places(List<List<List<PaperElement>>> sections) {
        List<Place> places = new ArrayList<>();
        int page = 2;
        for (int i = 0; i < sections.size(); i++) {
            boolean drawn = i >= pack.sections().size();
            String title = drawn ? BOXES : bare(pack.sections().get(i).title(), site);
            String says = drawn
                    ? "terminals with their cores"
                    : pack.sections().get(i).says();
            places.add(new Place(title, says, page, sections.get(i).size()));
            page += sections.get(i).size();
        }
        return places;
    }

    /// A title without the name of the site, which stands on the first page.
    static String bare(String title, String site) {
        String bare = title.startsWith(site + ": ") || title.startsWith(site + ", ")
                ? title.substring(site.length() + 2)
                : title;
        return bare.substring(0, 1).toUpperCase(java.util.Locale.ROOT) + bare.substring(1);
    }

    /// The pack, set on pages.
    public Paper paper(Measure measure) {
        List<List<List<PaperElement>>> sections = sections(measure);
        List<List<PaperElement>> pages = new ArrayList<>();
        pages.addAll(contents(places(sections), measure));
        sections.forEach(section -> section.forEach(page -> pages.add(new ArrayList<>(page))));
        TableSetter.number(pages, size, measure);
        return new Paper(
                site + ", what the client keeps",
                size.widthMillimetres(),
                size.heightMillimetres(),
                pages,
                List.of(),
                List.of());
    }

    private List<List<PaperElement>> contents(List<Place> places, Measure measure) {
        Table table = new Table(
                site + ": what the client keeps",
                List.of("What", "How it stands", "Page", "Pages"),
                List.of(3.0, 3.4, 0.6, 0.6),
                places.stream()
                        .map(place -> List.of(
                                place.title(), place.says(), Text.of("%d", place.page()), Text.of("%d", place.pages())))
                        .toList(),
                List.of());
        return TableSetter.pages(List.of(table), size, measure);
    }

    /// A drawing of A4 on a page of another width.
    private PaperElement scaled(PaperElement element) {
        double by = Math.min(1, size.widthMillimetres() / PageSize.A4.widthMillimetres());
        return switch (element) {
            case PaperElement.Text text ->
                new PaperElement.Text(
                        text.x() * by, text.baseline() * by, text.size() * by, text.strong(), text.words());
            case PaperElement.Rule rule ->
                new PaperElement.Rule(rule.x1() * by, rule.y1() * by, rule.x2() * by, rule.y2() * by, rule.width());
            case PaperElement.Box box ->
                new PaperElement.Box(box.x() * by, box.y() * by, box.width() * by, box.height() * by, box.colour());
        };
    }
}
