package io.answerback.desktop.live;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import io.answerback.core.assess.Assessor;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Edit;
import io.answerback.core.model.site.Job;
import io.answerback.core.panel.PanelState;
import io.answerback.core.prove.chain.PointResult;
import io.answerback.core.report.routing.Try;
import io.answerback.core.signal.format.Answer;
import io.answerback.files.DataFiles;
import io.answerback.files.demo.DemoJobs;
import io.answerback.station.Delivery;
import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mockito.ArgumentCaptor;
import org.mockito.Captor;
import org.mockito.Mock;
import org.mockito.junit.jupiter.MockitoExtension;

/// A sender and a clock that are told what to do: what is kept as proof, and what is not.
@ExtendWith(MockitoExtension.class)
class SenderTest {
    private static final Instant ANSWERED = Instant.parse("2026-06-01T08:00:02Z");

    private final Job job = DemoJobs.job(1).withProofs(java.util.List.of());

    @Mock
    private Sender line;

    @Mock
    private InstantSource clock;

    @Mock
    private SignalRun.Screen screen;

    @Captor
    private ArgumentCaptor<Edit> learned;

    @BeforeEach
    void setTheClock() {
        when(clock.instant()).thenReturn(Instant.parse("2026-06-01T08:00:00Z"));
    }

    private PointResult act(Delivery delivery) {
        when(line.send(any(), any(), any(), any(Duration.class)))
                .thenAnswer(call -> new Sender.Sent(call.getArgument(1), List.of(List.of(leg(delivery)))));
        PointResult point = new Assessor(DataFiles.events())
                .assess(job)
                .point(new PointId("01"))
                .orElseThrow();
        new SignalRun(line, DataFiles.events(), clock, Duration.ZERO, PanelState.allSet(job), screen)
                .act(job, point, true);
        return point;
    }

    private ReceiverResult leg(Delivery delivery) {
        return new ReceiverResult(
                new Try(job.receivers().getFirst(), job.communicator().paths().getFirst()),
                "frame",
                delivery.acknowledged(),
                delivery.at(),
                delivery.millis(),
                delivery.attempts(),
                delivery.problem(),
                Optional.empty());
    }

    @Test
    void anAnswerIsKeptWithTheTimeItCame() {
        act(new Delivery(Optional.of(Answer.ACK), ANSWERED, 37, 1, ""));
        verify(screen).learn(learned.capture());
        var proof = learned.getValue().on(job).proofOf(new PointId("01")).orElseThrow();
        assertThat(proof.answeredAt()).isEqualTo(ANSWERED);
        assertThat(proof.roundTripMillis()).isEqualTo(37);
    }

    @Test
    void nothingIsKeptOfASignalThatWasNotAnswered() {
        act(new Delivery(Optional.empty(), ANSWERED, 4000, 2, "nobody answers at 127.0.0.1"));
        verify(screen, never()).learn(any());
    }
}
