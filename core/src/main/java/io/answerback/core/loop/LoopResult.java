package io.answerback.core.loop;

import io.answerback.core.loop.scheme.DeviceState;
import io.answerback.core.loop.scheme.LoopCase;
import io.answerback.core.model.profile.Meaning;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/// Everything computed about one loop.
///
/// @param chart the bands the loop is read by
/// @param cases every case, device states first
/// @param longestMetres the longest cable, one way in metres, that keeps every device state safe, at most
///     [LoopCheck#LONGEST_METRES], which stands for no limit; where it is not safe, the
///     shorter one that would make it so; empty when no shorter cable does
public record LoopResult(BandChart chart, List<CaseReading> cases, Optional<Double> longestMetres) {
    public LoopResult {
        cases = List.copyOf(cases);
    }

    /// The reading of one case.
    ///
    /// @throws IllegalArgumentException when the scheme has no such case
    public CaseReading of(LoopCase loopCase) {
        return cases.stream()
                .filter(reading -> reading.loopCase().equals(loopCase))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("this scheme has no state " + loopCase.id()));
    }

    /// The readings of the device states, all sound.
    public List<CaseReading> deviceStates() {
        return cases.stream().filter(reading -> !reading.loopCase().faulty()).toList();
    }

    /// Whether the panel takes detectors that have lost their supply for detectors at rest.
    public boolean supplyLossHidden() {
        return cases.stream()
                .anyMatch(reading -> reading.loopCase().device() == DeviceState.UNPOWERED
                        && reading.reads().filter(Meaning.NORMAL::equals).isPresent());
    }

    /// The device states that the panel would get wrong.
    public List<CaseReading> unsafe() {
        return deviceStates().stream().filter(reading -> !reading.safe()).toList();
    }

    /// Faults that the panel takes for normal.
    public List<CaseReading> hidden() {
        return cases.stream().filter(CaseReading::hidden).toList();
    }

    /// The device state nearest to an edge.
    public CaseReading tightest() {
        return deviceStates().stream()
                .min(Comparator.comparing(CaseReading::safe).thenComparingDouble(CaseReading::margin))
                .orElseThrow();
    }

    /// The least margin of any device state, 0 to 1; 0 when one is not safe.
    public double leastMargin() {
        return unsafe().isEmpty() ? tightest().margin() : 0;
    }

    /// The case with this id; empty when the scheme has none such.
    public Optional<CaseReading> byId(String id) {
        return cases.stream()
                .filter(reading -> reading.loopCase().id().equals(id))
                .findFirst();
    }
}
