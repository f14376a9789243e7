package io.answerback.core.report.control;

import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// How a communicator stands that is worked by text message. Never kept in a job: its password is in it.
///
/// @param administrator the number that manages it; empty while nobody has called
/// @param numbers the other numbers that may give commands, in the order in which they were added
/// @param password the password now
/// @param set whether the site is set
/// @param sounding whether sounders sound
/// @param wrong how many wrong passwords each number sent in a row
/// @param last the last text it got, by which a copy is known; empty before the first
public record UnitState(
        Optional<String> administrator,
        List<String> numbers,
        String password,
        boolean set,
        boolean sounding,
        Map<String, Integer> wrong,
        Optional<Last> last) {
    /// A text that arrived.
    public record Last(String from, String text, Instant at) {}

    public UnitState {
        numbers = List.copyOf(numbers);
        wrong = Map.copyOf(wrong);
    }

    /// Out of its carton: nobody's, unset, with the password of the factory.
    public static UnitState fresh(String factoryPassword) {
        return new UnitState(Optional.empty(), List.of(), factoryPassword, false, false, Map.of(), Optional.empty());
    }

    /// Whether a number may give commands.
    public boolean knows(String number) {
        return administrator.filter(number::equals).isPresent() || numbers.contains(number);
    }

    UnitState withAdministrator(String number) {
        return new UnitState(Optional.of(number), numbers, password, set, sounding, wrong, last);
    }

    UnitState withNumber(String number) {
        List<String> more = new ArrayList<>(numbers);
        more.add(number);
        return new UnitState(administrator, more, password, set, sounding, wrong, last);
    }

    UnitState withoutNumber(String number) {
        List<String> fewer = numbers.stream().filter(its -> !its.equals(number)).toList();
        return new UnitState(administrator, fewer, password, set, sounding, wrong, last);
    }

    UnitState withPassword(String other) {
        return new UnitState(administrator, numbers, other, set, sounding, wrong, last);
    }

    UnitState withSet(boolean other) {
        return new UnitState(administrator, numbers, password, other, other && sounding, wrong, last);
    }

    UnitState withSounding(boolean other) {
        return new UnitState(administrator, numbers, password, set, other, wrong, last);
    }

    UnitState withWrong(String number, int times) {
        Map<String, Integer> other = new LinkedHashMap<>(wrong);
        other.put(number, times);
        return new UnitState(administrator, numbers, password, set, sounding, other, last);
    }

    UnitState withLast(Last other) {
        return new UnitState(administrator, numbers, password, set, sounding, wrong, Optional.of(other));
    }
}
