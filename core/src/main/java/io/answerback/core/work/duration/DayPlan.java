package io.answerback.core.work.duration;

import io.answerback.core.engine.finding.Stop;
import io.answerback.core.model.service.Crew;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// The work that is left, spread over working days in the order of the stops.
///
/// @param days each working day
/// @param late the day it should be handed over, where the last day comes after it
public record DayPlan(List<Day> days, Optional<LocalDate> late) {
    private static final double MINUTES_AN_HOUR = 60;
    private static final int MOST_DAYS = 400;

    /// A working day.
    ///
    /// @param date which day
    /// @param parts what is done on it, stop by stop
    public record Day(LocalDate date, List<Share> parts) {
        public Day {
            parts = List.copyOf(parts);
        }
    }

    /// What is done of a stop on a day.
    ///
    /// @param stop the stop
    /// @param minutes how long each of the crew works at it, in minutes
    public record Share(Stop stop, double minutes) {}

    public DayPlan {
        days = List.copyOf(days);
    }

    /// Plans what is left from a day on, Mondays to Fridays. The crew works side by side; proving and handing over is
    /// done by one.
    ///
    /// @param from the first day that may be used
    public static DayPlan of(List<WorkTime.OfStop> stops, Crew crew, LocalDate from) {
        List<Day> days = new ArrayList<>();
        LocalDate date = workingDay(from);
        double room = crew.hoursADay() * MINUTES_AN_HOUR;
        List<Share> today = new ArrayList<>();
        for (WorkTime.OfStop stop : stops) {
            double left = stop.left().minutes() / hands(stop.stop(), crew);
            while (left > 0 && days.size() < MOST_DAYS) {
                double done = Math.min(left, room);
                today.add(new Share(stop.stop(), done));
                left -= done;
                room -= done;
                if (room <= 0) {
                    days.add(new Day(date, today));
                    today = new ArrayList<>();
                    date = workingDay(date.plusDays(1));
                    room = crew.hoursADay() * MINUTES_AN_HOUR;
                }
            }
        }
        if (!today.isEmpty()) {
            days.add(new Day(date, today));
        }
        Optional<LocalDate> late = crew.handOverOn()
                .filter(due -> !days.isEmpty() && days.getLast().date().isAfter(due));
        return new DayPlan(days, late);
    }

    private static int hands(Stop stop, Crew crew) {
        return stop == Stop.PROVE || stop == Stop.HAND_OVER ? 1 : crew.people();
    }

    private static LocalDate workingDay(LocalDate from) {
        LocalDate day = from;
        while (day.getDayOfWeek() == DayOfWeek.SATURDAY || day.getDayOfWeek() == DayOfWeek.SUNDAY) {
            day = day.plusDays(1);
        }
        return day;
    }
}
