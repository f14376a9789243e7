package io.answerback.core.handover;

import io.answerback.core.model.common.Text;
import io.answerback.core.model.service.Photograph;
import io.answerback.core.paper.Measure;
import io.answerback.core.paper.PageSize;
import io.answerback.core.paper.Paper;
import io.answerback.core.paper.PaperElement;
import io.answerback.core.paper.Table;
import io.answerback.core.paper.TableSetter;
import java.util.ArrayList;
import java.util.List;

/// The pack as one paper: its contents, every section one after the other, the photographs, and the drawings of the
/// boxes behind them.
///
/// @param pack what is in it
/// @param photographs the photographs, in their order
/// @param boxes the drawings of the boxes, of A4 pages; empty for none
/// @param site whose it is
/// @param size the size of its pages
public record PackPaper(
        Pack pack, List<Photograph> photographs, List<List<PaperElement>> boxes, String site, PageSize size) {
    private static final double LARGE = 1.35;
    private static final String BOXES = "Drawings of the boxes";
    private static final String PHOTOGRAPHS = "Photographs, printed";

    /// A section with its first page and how many it has. Two short ones may stand on one page.
    ///
    /// @param title its title
    /// @param says how it stands
    /// @param page its first page, counted from 1
    /// @param pages how many pages it stands on
    public record Place(String title, String says, int page, int pages) {}

    /// Pages behind the contents, and what stands where on them, counted from the first of them.
    private record Body(List<List<PaperElement>> pages, List<Place> places) {
        void add(String title, String says, List<List<PaperElement>> more) {
            if (!more.isEmpty()) {
                places.add(new Place(title, says, pages.size() + 1, more.size()));
                pages.addAll(more);
            }
        }
    }

    /// Where each section stands.
    public List<Place> places(Measure measure) {
        Body body = body(measure);
        return behind(contents(body.places(), measure).size(), body.places());
    }

    private Body body(Measure measure) {
        Body body = new Body(new ArrayList<>(), new ArrayList<>());
        List<PackSection> flowing = new ArrayList<>();
        for (PackSection section : pack.sections()) {
            if (section.id().equals(ClientSections.ID)) {
                // the client's page is set in larger letters, on pages of its own
                flow(flowing, body, measure);
                body.add(
                        bare(section.title(), site),
                        section.says(),
                        TableSetter.large(section.tables().getFirst(), size, LARGE, measure));
            } else if (section.id().equals(LabelSections.ID)) {
                flow(flowing, body, measure);
                body.add(
                        bare(section.title(), site),
                        section.says(),
                        new LabelPages(section.tables().getFirst(), size).pages(measure));
            } else {
                flowing.add(section);
            }
        }
        flow(flowing, body, measure);
        body.add(PHOTOGRAPHS, Text.of("%d", photographs.size()), new PhotographPages(photographs, size).pages(measure));
        body.add(
                BOXES,
                "terminals with their cores",
                boxes.stream()
                        .map(page -> page.stream().map(this::scaled).toList())
                        .toList());
        return body;
    }

    private void flow(List<PackSection> sections, Body body, Measure measure) {
        if (sections.isEmpty()) {
            return;
        }
        TableSetter.Flow flow =
                TableSetter.flow(sections.stream().map(PackSection::tables).toList(), size, measure);
        int before = body.pages().size();
        for (int i = 0; i < sections.size(); i++) {
            TableSetter.Span span = flow.spans().get(i);
            body.places()
                    .add(new Place(
                            bare(sections.get(i).title(), site),
                            sections.get(i).says(),
                            before + span.first() + 1,
                            span.last() - span.first() + 1));
        }
        body.pages().addAll(flow.pages());
        sections.clear();
    }

    private static List<Place> behind(int pages, List<Place> places) {
        return places.stream()
                .map(its -> new Place(its.title(), its.says(), its.page() + pages, its.pages()))
                .toList();
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
        Body body = body(measure);
        int before = contents(body.places(), measure).size();
        List<List<PaperElement>> pages = new ArrayList<>(contents(behind(before, body.places()), measure));
        body.pages().forEach(page -> pages.add(new ArrayList<>(page)));
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
            case PaperElement.Picture picture ->
                new PaperElement.Picture(
                        picture.x() * by,
                        picture.y() * by,
                        picture.width() * by,
                        picture.height() * by,
                        picture.file());
        };
    }
}
