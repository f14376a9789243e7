package io.answerback.desktop.loop;

import io.answerback.core.loop.CaseReading;
import io.answerback.core.loop.LoopResult;
import io.answerback.core.loop.scheme.DeviceState;
import io.answerback.core.loop.scheme.FaultKind;
import io.answerback.core.loop.scheme.LoopCase;
import java.util.List;

/// Which faults stand below the device states in the chart of bands.
enum CaseRows {
    /// What becomes of a cable.
    CABLE("cable faults"),
    /// What can be fitted wrongly.
    FITTING("mistakes in fitting");

    private final String words;

    CaseRows(String words) {
        this.words = words;
    }

    /// Its name, and how many of its faults look normal.
    String words(LoopResult result) {
        long hidden = of(result).stream().filter(CaseReading::hidden).count();
        return hidden == 0 ? words : "%s · %d look%s normal".formatted(words, hidden, hidden == 1 ? "s" : "");
    }

    /// The rows: every device state, then the faults.
    List<CaseReading> of(LoopResult result) {
        return result.cases().stream()
                .filter(reading -> !reading.loopCase().faulty() || shows(reading.loopCase()))
                .toList();
    }

    /// A fault that does no harm at rest is shown with the device active, and a short half way reads as one at
    /// the device but for a few ohms.
    private boolean shows(LoopCase loopCase) {
        FaultKind kind = loopCase.fault().kind();
        boolean harmless = loopCase.device() == DeviceState.AT_REST
                && (kind == FaultKind.LEAK || kind == FaultKind.LEAK_TO_ZERO_VOLTS || kind == FaultKind.JOINT);
        return kind.ofFitting() == (this == FITTING)
                && !harmless
                && !loopCase.id().equals("short-halfway");
    }
}
