package io.answerback.core.report.message;

import io.answerback.core.model.common.Text;
import io.answerback.core.model.site.Area;
import io.answerback.core.model.site.Parts;
import io.answerback.core.signal.event.EventTable;
import io.answerback.core.signal.event.Signal;

/// What a person is sent of an event.
///
/// @param subject the subject of a mail
/// @param text the text of a mail or a text message
public record Message(String subject, String text) {
    /// The message about a signal.
    ///
    /// @param from what sends it, such as "07 Dock roller door 2"; empty for what is in its words already
    /// @param words the event table in the words of the firm
    public static Message of(Parts job, Signal signal, String from, EventTable words) {
        String what = SignalWords.of(signal, words);
        StringBuilder text = new StringBuilder(job.site().name()).append(": ").append(what);
        if (!from.isEmpty()) {
            text.append(", ").append(from);
        }
        job.area(signal.area())
                .map(Area::name)
                .ifPresent(name -> text.append(Text.of(", area %02d %s", signal.area(), name)));
        return new Message(job.site().name() + ": " + what, text.append('.').toString());
    }
}
