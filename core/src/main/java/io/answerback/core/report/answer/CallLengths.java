package io.answerback.core.report.answer;

import io.answerback.core.model.receiver.EventGroup;
import io.answerback.core.model.receiver.ReportFormat;
import io.answerback.core.model.site.Parts;
import io.answerback.core.model.site.Receiver;
import io.answerback.core.report.JobSignals;
import io.answerback.core.report.Outgoing;
import io.answerback.core.report.ReportTables;
import java.time.Instant;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/// How long a call takes that brings an alarm of a job to a receiver on a line, of all its alarms the one whose
/// call is longest: the call itself is built, digit by digit.
public final class CallLengths implements Function<Receiver, Optional<CallLength>> {
    private final List<JobSignals.Sent> alarms;
    private final ReportTables tables;
    private final Map<Receiver, Optional<CallLength>> known = new HashMap<>();

    /// The calls of a job.
    public CallLengths(Parts job, ReportTables tables) {
        this.tables = tables;
        this.alarms = JobSignals.of(job).stream()
                .filter(sent -> tables.events().group(sent.signal()) == EventGroup.ALARM)
                .toList();
    }

    /// How long the call takes; empty while the job sends no alarm, its receiver has no number, or its format
    /// cannot carry it.
    @Override
    public Optional<CallLength> apply(Receiver receiver) {
        return known.computeIfAbsent(receiver, this::length);
    }

    private Optional<CallLength> length(Receiver receiver) {
        if (receiver.reception().phone().isEmpty() || receiver.format().overIp()) {
            return Optional.empty();
        }
        return alarms.stream()
                .limit(receiver.format() == ReportFormat.TONES ? 1 : alarms.size())
                .flatMap(alarm -> length(receiver, alarm).stream())
                .max(Comparator.comparingLong(CallLength::millis));
    }

    private Optional<CallLength> length(Receiver receiver, JobSignals.Sent alarm) {
        try {
            Outgoing report = Outgoing.of(receiver, alarm.signal(), 1, alarm.of(), Instant.EPOCH, tables);
            return Optional.of(CallLength.of(Outgoing.call(report, receiver)));
        } catch (IllegalArgumentException cannot) {
            return Optional.empty();
        }
    }
}
