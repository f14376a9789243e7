package io.answerback.desktop.handover;

import io.answerback.core.work.servicing.DueDate;
import io.answerback.core.work.servicing.DueDate.Kind;
import io.answerback.desktop.part.Across;
import io.answerback.desktop.part.Picture;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Locale;

/// What falls due on a line of years: a lane for each sort, today as a line through all of them.
final class DueDrawing extends Picture {
    static final int LEAST_YEARS = 5;
    static final int MOST_YEARS = 12;

    private static final double LEFT = 130;
    private static final double RIGHT = 24;
    private static final double LANE = 30;
    private static final double FOOT = 26;
    private static final double DOT = 12;
    private static final double YEAR_ROOM = 46;

    private final List<DueDate> dates;
    private final LocalDate today;

    DueDrawing(List<DueDate> dates, LocalDate today) {
        super("due-drawing");
        this.dates = dates;
        this.today = today;
    }

    @Override
    public double height() {
        return lanes().size() * LANE + FOOT;
    }

    private List<Kind> lanes() {
        return List.of(Kind.values()).stream()
                .filter(kind -> dates.stream().anyMatch(date -> date.kind() == kind))
                .toList();
    }

    @Override
    public String says() {
        return dates.isEmpty()
                ? "Nothing falls due yet."
                : dates.size() + " dates, the next " + dates.getFirst().date();
    }

    private LocalDate from() {
        LocalDate first =
                dates.stream().map(DueDate::date).min(LocalDate::compareTo).orElse(today);
        return LocalDate.of(Math.min(first.getYear(), today.getYear()), 1, 1);
    }

    private int years() {
        LocalDate last =
                dates.stream().map(DueDate::date).max(LocalDate::compareTo).orElse(today);
        return Math.max(LEAST_YEARS, Math.min(MOST_YEARS, last.getYear() - from().getYear() + 1));
    }

    private double x(LocalDate date, double right) {
        double days = ChronoUnit.DAYS.between(from(), date);
        double all = ChronoUnit.DAYS.between(from(), from().plusYears(years()));
        return LEFT + (right - LEFT) * Math.max(0, Math.min(1, days / all));
    }

    @Override
    protected void draw(double width) {
        double right = width - RIGHT;
        double foot = lanes().size() * LANE;
        int step = (int) Math.max(1, Math.ceil(YEAR_ROOM * years() / (right - LEFT)));
        for (int year = 0; year <= years(); year += step) {
            LocalDate begin = from().plusYears(year);
            double x = x(begin, right);
            line("fall-grid", x, 0, x, foot);
            words("tick", Integer.toString(begin.getYear()), x, foot + 14, Across.CENTER);
        }
        double y = LANE / 2;
        for (Kind kind : lanes()) {
            words("lane-name", kind.title(), 0, y, Across.LEFT);
            line("fall-grid", LEFT, y, right, y);
            for (DueDate date : dates) {
                if (date.kind() == kind) {
                    dot(date, x(date.date(), right), y);
                }
            }
            y += LANE;
        }
        double now = x(today, right);
        line("timers-now", now, 0, now, foot);
    }

    private void dot(DueDate date, double x, double y) {
        String style = date.date().isBefore(today)
                ? "due-over"
                : "due-" + date.kind().name().toLowerCase(Locale.ROOT);
        String says = date.date() + ": " + date.what() + ", " + date.why();
        box(style, x - DOT / 2, y - DOT / 2, DOT, DOT).says(says).hint(says);
    }
}
