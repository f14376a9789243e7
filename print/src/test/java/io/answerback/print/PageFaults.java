package io.answerback.print;

import io.answerback.core.paper.Measure;
import io.answerback.core.paper.Paper;
import io.answerback.core.paper.PaperElement;
import java.util.ArrayList;
import java.util.List;

/// What is wrong with pages to look at: words that leave their page, and words that stand on other words.
final class PageFaults {
    private static final double ABOVE_BASELINE = 0.7;
    private static final double BELOW_BASELINE = 0.2;
    private static final double SMALLEST_READ = 1.0;

    private PageFaults() {}

    private record Place(double left, double top, double right, double bottom, String words) {
        static Place of(PaperElement.Text text, Measure measure) {
            double width = measure.width(text.words(), text.size(), text.strong());
            return new Place(
                    text.x(),
                    text.baseline() - ABOVE_BASELINE * text.size(),
                    text.x() + width,
                    text.baseline() + BELOW_BASELINE * text.size(),
                    text.words());
        }

        boolean on(Place other) {
            return left < other.right && other.left < right && top < other.bottom && other.top < bottom;
        }
    }

    /// The faults of a paper, each with its page and its words.
    static List<String> of(Paper paper, Measure measure) {
        List<String> faults = new ArrayList<>();
        for (int i = 0; i < paper.pages().size(); i++) {
            String page = "page " + (i + 1) + ": ";
            List<Place> places = new ArrayList<>();
            for (PaperElement mark : paper.pages().get(i)) {
                if (mark instanceof PaperElement.Text text && !text.words().isBlank()) {
                    places.add(Place.of(text, measure));
                    if (text.size() < SMALLEST_READ) {
                        faults.add(page + "too small to read: " + text.words());
                    }
                } else if (mark instanceof PaperElement.Box box
                        && (box.x() + box.width() > paper.widthMillimetres()
                                || box.y() + box.height() > paper.heightMillimetres())) {
                    faults.add(page + "a box leaves it");
                }
            }
            places.stream()
                    .filter(place -> place.left < 0
                            || place.top < 0
                            || place.right > paper.widthMillimetres()
                            || place.bottom > paper.heightMillimetres())
                    .forEach(place -> faults.add(page + "leaves it: " + place.words));
            onOneAnother(places).forEach(fault -> faults.add(page + fault));
        }
        return faults;
    }

    private static List<String> onOneAnother(List<Place> places) {
        List<String> faults = new ArrayList<>();
        for (int i = 0; i < places.size(); i++) {
            for (int j = i + 1; j < places.size(); j++) {
                if (places.get(i).on(places.get(j))) {
                    faults.add("\"%s\" stands on \"%s\"".formatted(places.get(i).words, places.get(j).words));
                }
            }
        }
        return faults;
    }
}
