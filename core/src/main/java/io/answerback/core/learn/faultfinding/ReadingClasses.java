package io.answerback.core.learn.faultfinding;

import io.answerback.core.loop.fault.MeasurementSetup;
import io.answerback.core.loop.fault.Reading;
import io.answerback.core.loop.scheme.Range;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/// Sorts faults by what a meter shows of them: two whose ranges touch, the meter's error counted in, are of
/// one class, and so are two that a third joins.
final class ReadingClasses {
    private static final double ERRORS = 3;

    private ReadingClasses() {}

    /// The class of each range, numbered from 0 as they rise; loops without current are the last.
    static int[] of(List<Range> ranges) {
        int[] classes = new int[ranges.size()];
        int current = 0;
        double reach = Double.NEGATIVE_INFINITY;
        for (int i : IntStream.range(0, ranges.size())
                .boxed()
                .sorted(Comparator.comparingDouble(i -> low(ranges.get(i))))
                .toList()) {
            if (reach != Double.NEGATIVE_INFINITY && low(ranges.get(i)) > reach) {
                current++;
                reach = Double.NEGATIVE_INFINITY;
            }
            classes[i] = current;
            reach = Math.max(reach, high(ranges.get(i)));
        }
        return classes;
    }

    private static double low(Range range) {
        return Double.isInfinite(range.lowOhms()) ? Double.MAX_VALUE : range.lowOhms() - error(range.lowOhms());
    }

    private static double high(Range range) {
        if (Double.isInfinite(range.lowOhms())) {
            return Double.MAX_VALUE;
        }
        return Double.isInfinite(range.highOhms())
                ? range.lowOhms() + error(range.lowOhms())
                : range.highOhms() + error(range.highOhms());
    }

    private static double error(double ohms) {
        return ERRORS * Reading.ohms(MeasurementSetup.AT_REST, ohms).errorOhms();
    }
}
