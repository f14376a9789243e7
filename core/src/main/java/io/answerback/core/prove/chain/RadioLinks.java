package io.answerback.core.prove.chain;

import io.answerback.core.engine.finding.Mark;
import io.answerback.core.loop.radio.Sender;
import io.answerback.core.model.common.Figures;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.site.Enrolment;
import io.answerback.core.model.site.Link;
import java.util.Optional;

/// The links of a chain that go by radio.
///
/// @param marginDecibels how far over the weakest signal that is heard every signal must be, in decibels
record RadioLinks(double marginDecibels) {
    /// What stands in the place of a loop for a device that sends itself.
    ///
    /// @param sender how the panel hears it; empty while nobody does
    LinkState air(Optional<Sender> sender) {
        return sender.map(its -> new LinkState(Link.LOOP, mark(its), figure(its), words(its)))
                .orElse(new LinkState(Link.LOOP, Mark.NOT_DONE, "by radio", "nobody hears it yet"));
    }

    /// The input of a sender: what the panel has enrolled it as, and how it hears its converter.
    ///
    /// @param wired the input as far as its wires go
    LinkState input(Sender sender, LinkState wired) {
        if (sender.outOfPlace()) {
            int zone = sender.enrolment().map(Enrolment::zone).orElseThrow();
            return new LinkState(
                    Link.INPUT, Mark.WRONG, wired.figure(), Text.of("the panel has it as zone %02d", zone));
        }
        if (sender.converter().isPresent()) {
            return wired.mark() == Mark.SOUND
                    ? new LinkState(Link.INPUT, mark(sender), wired.figure(), words(sender))
                    : wired;
        }
        return sender.order() == 0
                ? new LinkState(Link.INPUT, Mark.NOT_DONE, wired.figure(), "not enrolled yet")
                : new LinkState(
                        Link.INPUT, Mark.SOUND, wired.figure(), Text.of("enrolled as number %d", sender.order()));
    }

    private Mark mark(Sender sender) {
        if (sender.overFloorDecibels().isEmpty()) {
            return Mark.NOT_DONE;
        }
        return sender.lost() ? Mark.WRONG : sender.overFloorDecibels().get() < marginDecibels ? Mark.TIGHT : Mark.SOUND;
    }

    private static String figure(Sender sender) {
        return sender.reading()
                .map(reading -> Figures.decibelMilliwatts(reading.decibelMilliwatts()))
                .orElse("by radio");
    }

    private static String words(Sender sender) {
        String who = sender.converter().isPresent() ? "converter " : "";
        return sender.overFloorDecibels()
                .map(over -> over < 0
                        ? Text.of("%sheard %.0f dB too weakly", who, -over)
                        : Text.of("%sheard, %.0f dB to spare", who, over))
                .orElse(who + "signal not measured");
    }
}
