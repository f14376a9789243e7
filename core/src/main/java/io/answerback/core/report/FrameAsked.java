package io.answerback.core.report;

import io.answerback.core.model.common.Text;
import io.answerback.core.model.receiver.Carried;
import io.answerback.core.model.receiver.ReportFormat;
import io.answerback.core.model.receiver.Transport;
import io.answerback.core.model.site.Parts;
import io.answerback.core.model.site.Receiver;
import io.answerback.core.signal.format.IpFrame;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/// A frame that arrived, held against the receivers of a job: whether the real one would take it as it came. A
/// station takes encrypted frames of an account or plain ones, over the transport, in the format and under the numbers
/// it gave out, and with the time at which they were sent (SIA DC-09).
///
/// @param job the site
public record FrameAsked(Parts job) {
    /// What the receiver of the job that comes nearest would not take; empty where one takes it unchanged, and
    /// where the job reports to none over IP. A path test has no format.
    ///
    public List<String> unlike(IpFrame frame, Carried how) {
        return job.receivers().stream()
                .filter(receiver -> receiver.format().overIp())
                .map(receiver -> unlike(receiver, frame, how))
                .min(Comparator.comparingInt(List::size))
                .orElse(List.of());
    }

    private static List<String> unlike(Receiver receiver, IpFrame frame, Carried how) {
        List<String> differs = new ArrayList<>();
        boolean asked = receiver.reception().keyBits() > 0;
        if (asked && !how.encrypted()) {
            differs.add(Text.of(
                    "it came in the clear; %s takes encrypted frames only, with a key of %d bits",
                    receiver.name(), receiver.reception().keyBits()));
        }
        if (!asked && how.encrypted()) {
            differs.add(Text.of("it came encrypted; %s takes plain frames", receiver.name()));
        }
        Transport transport = receiver.reception().transport();
        if (transport != how.transport()) {
            differs.add(Text.of("it came over %s; %s takes %s", how.transport(), receiver.name(), transport));
        }
        if (frame.sentAt().isEmpty()) {
            differs.add(Text.of(
                    "it has no time stamp, without which %s cannot tell an old frame from a new one", receiver.name()));
        }
        String id = receiver.format() == ReportFormat.IP_LETTERS ? IpFrame.LETTERS : IpFrame.CONTACT_ID;
        if (!frame.id().equals(IpFrame.NULL) && !frame.id().equals(id)) {
            differs.add(Text.of("it is %s; %s takes %s", frame.id(), receiver.name(), id));
        }
        if (!frame.receiver().equalsIgnoreCase(receiver.receiverNumber())) {
            differs.add(number("receiver number", frame.receiver(), receiver.receiverNumber(), receiver));
        }
        if (!frame.line().equalsIgnoreCase(receiver.linePrefix())) {
            differs.add(number("line number", frame.line(), receiver.linePrefix(), receiver));
        }
        return differs;
    }

    private static String number(String what, String came, String asked, Receiver receiver) {
        return Text.of(
                "%s %s; %s has %s",
                what, came.isEmpty() ? "missing" : came, receiver.name(), asked.isEmpty() ? "none" : asked);
    }
}
